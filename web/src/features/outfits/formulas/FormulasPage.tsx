import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import type { Exact } from '../../../api/client';
import { sentence } from '../../../api/problem';
import { figure, words } from '../../../language/format';
import { common } from '../../../language/text';
import { Button } from '../../../ui/Button';
import { slotsOf, useChosen, useDesk, withSlots } from '../../desk';
import { FormulaEditor } from './FormulaEditor';
import {
  useFormulaOf,
  useFormulas,
  useKeepFormula,
  useKeeping,
  useMissingPiece,
  type FormulaItem,
  type FormulaSlots,
} from './formulas';
import { NameDialog } from '../../../ui/NameDialog';
import { say } from '../messages';
import { OutfitCard } from '../OutfitCard';
import { Preparing } from '../Preparing';
import { WaitingGrid } from '../OutfitGrid';

/** Outfits shown at first, and with each press of the button. */
const PAGE = 24;

const keyOf = (item: FormulaItem) => item.id ?? JSON.stringify(item.slots);

/** Formulas: those of an outfit, those the client lives in, their own and the studio's; and the outfits that keep to one. */
export function FormulasPage() {
  const { clientId = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const [chosen] = useChosen();
  const { byId, stamp, client } = useDesk();
  const outfit = slotsOf(search);
  const all = useFormulas(clientId, chosen, stamp);
  const ofOutfit = useFormulaOf(clientId, chosen, outfit);
  const keep = useKeepFormula(clientId);
  const [naming, setNaming] = useState(false);
  const listed = [...(all.data?.saved ?? []), ...(all.data?.lived ?? []), ...(all.data?.studio ?? [])];
  const picked = listed.find((item) => keyOf(item) === search.get('formula'));
  const source = picked ?? (Object.keys(outfit).length > 0 ? ofOutfit.data : undefined);
  const [draft, setDraft] = useState<{ of: string; slots: FormulaSlots } | null>(null);
  const sourceKey = source ? keyOf(source) : '';
  const slots = draft?.of === sourceKey ? draft.slots : (source?.slots ?? {});
  const isEdited = draft?.of === sourceKey && JSON.stringify(draft.slots) !== JSON.stringify(source?.slots);
  const isSaved = all.data?.saved.some((item) => keyOf(item) === sourceKey) ?? false;
  const slotsKey = JSON.stringify(slots);
  const [shown, setShown] = useState({ of: '', most: PAGE });
  const most = shown.of === slotsKey ? shown.most : PAGE;
  const keeping = useKeeping(clientId, chosen, slots, most, stamp, all.prepared.state === 'done');
  const found = keeping.data?.outfits ?? [];
  const total = keeping.data?.total as Exact | undefined;
  const isNone = total !== undefined && BigInt(total) === 0n && !keeping.isPlaceholderData;
  const missing = useMissingPiece(clientId, chosen, slots, stamp, isNone);

  function pick(item: FormulaItem) {
    const next = new URLSearchParams(withSlots({}, search));
    next.set('formula', keyOf(item));
    setSearch(next);
  }

  const group = (title: string, items: FormulaItem[], empty?: string) => (
    <section className="mb-4">
      <h2 className="border-b border-line pb-0.5 text-xs text-soft">{title}</h2>
      {items.length === 0 && empty && <p className="py-1 text-xs text-soft">{empty}</p>}
      <ul>
        {items.map((item) => (
          <li key={keyOf(item)}>
            <button
              type="button"
              aria-pressed={item === picked}
              onClick={() => pick(item)}
              className={`flex w-full items-baseline gap-2 px-1 py-1 text-left hover:bg-paper pointer-coarse:min-h-11 ${item === picked ? 'bg-paper font-semibold' : ''} ${item.total !== undefined && BigInt(item.total) === 0n ? 'text-soft' : ''}`}
            >
              <span className="min-w-0 grow leading-tight">{item.name || wordsOf(item)}</span>
              <span className="shrink-0 text-xs text-soft">
                {item.times !== undefined
                  ? say('times', { n: item.times, all: all.data?.outfits })
                  : item.total !== undefined && figure(item.total)}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );

  return (
    <div className="grid gap-x-6 gap-y-4 p-5 min-[900px]:grid-cols-[15rem_minmax(0,1fr)]">
      <div aria-busy={all.isFetching} data-testid="formulas">
        <Preparing of={all.prepared} />
        {all.error && <p role="alert">{sentence(all.error)}</p>}
        {all.isPending && <div className="h-64 animate-pulse bg-hair" aria-hidden="true" />}
        {all.data && (
          <>
            {group(say('yours'), all.data.saved, say('noneOfYours'))}
            {group(say('livesIn', { name: client.name }), all.data.lived, say('noneLived'))}
            {group(say('studioFormulas'), all.data.studio)}
          </>
        )}
      </div>
      <div className={source ? 'max-[900px]:order-first' : ''}>
        <header className="mb-2 flex flex-wrap items-baseline gap-x-4">
          <h1 className="font-serif text-xl font-semibold">
            {source ? source.name || say(picked ? 'livedFormula' : 'formulaOfOutfit') : say('formulas')}
          </h1>
          {source && (
            <>
              {isSaved && isEdited && (
                <Button look="link" onClick={() => keep.mutate({ id: source.id, slots, seen: source.slots })}>
                  {say('saveChanges')}
                </Button>
              )}
              <Button look="link" disabled={Object.keys(slots).length === 0} onClick={() => setNaming(true)}>
                {say(isSaved ? 'saveAs' : 'saveFormula')}
              </Button>
              {isSaved && (
                <Button look="link" onClick={() => keep.mutate({ id: source.id })}>
                  {say('delete')}
                </Button>
              )}
              {isEdited && (
                <Button look="link" onClick={() => setDraft(null)}>
                  {say('asItWas')}
                </Button>
              )}
            </>
          )}
        </header>
        {ofOutfit.error && <p role="alert">{sentence(ofOutfit.error)}</p>}
        {!source && <p className="max-w-prose text-soft">{say('whatIsAFormula')}</p>}
        {source && (
          <>
            <FormulaEditor slots={slots} onChange={(next) => setDraft({ of: sourceKey, slots: next })} />
            {Object.keys(slots).length === 0 && <p className="mt-2 text-soft">{say('emptyFormula')}</p>}
            <p className="mt-3 mb-2 text-soft" aria-live="polite">
              {total !== undefined && (
                <>
                  <strong className="font-serif text-lg text-ink">{figure(total)}</strong>{' '}
                  {say('keepToIt', { n: Number(total) })}
                  {Number(total) > found.length && ` ${say('shownOf', { n: found.length })}`}
                </>
              )}
            </p>
            {keeping.error && <p role="alert">{sentence(keeping.error)}</p>}
            {keeping.isPending && <WaitingGrid />}
            {isNone && (
              <div className="mb-3 max-w-prose border-l-2 border-chalk pl-3" data-testid="missing">
                {keeping.data?.missing.map(({ slot, text: why }) => (
                  <p key={slot}>{why}</p>
                ))}
                {missing.isPending && <p className="text-soft">{say('tryingPieces')}</p>}
                {missing.data?.map((one) => (
                  <p key={one.kind + one.colour}>
                    {say('wouldMake', { piece: `${one.colour} ${one.kind}`, n: Number(one.outfits) })}
                  </p>
                ))}
                {missing.data?.length === 0 && <p className="text-soft">{say('noOnePiece')}</p>}
              </div>
            )}
            <ol
              className="grid grid-cols-2 gap-3 min-[1400px]:grid-cols-3"
              data-testid="keeping"
              aria-busy={keeping.isFetching}
            >
              {Object.keys(slots).length > 0 &&
                found.map(({ outfit: one, worn }, i) => (
                  <li key={i} className="grid">
                    <OutfitCard outfit={one} byId={byId} />
                    <span className="px-1 text-xs text-soft">{say(worn ? 'wornBefore' : 'neverWorn')}</span>
                  </li>
                ))}
            </ol>
            {!isNone && found.length >= most && found.length < Number(total) && (
              <Button
                look="link"
                className="mt-3"
                onClick={() => setShown({ of: slotsKey, most: most + PAGE })}
              >
                {say('showMore')}
              </Button>
            )}
          </>
        )}
      </div>
      <NameDialog
        title={say('saveFormula')}
        open={naming}
        name={picked?.name ? '' : source ? wordsOf({ ...source, slots }).slice(0, 80) : ''}
        onOpenChange={setNaming}
        onSave={({ name }) =>
          keep.mutate(
            { name, slots },
            {
              onSuccess: (kept) => {
                setNaming(false);
                if (kept) {
                  pick(kept);
                }
              },
            },
          )
        }
      />
    </div>
  );
}

/** A formula that has no name, in words. */
function wordsOf(item: FormulaItem): string {
  return Object.entries(item.slots)
    .map(([slot, asked]) =>
      [...(asked.patterns ?? []).filter((one) => one !== 'solid'), ...(asked.kinds ?? [slot])]
        .map(words)
        .join(' '),
    )
    .map((one) => one || (common.counts.slots[one] ?? one))
    .join(', ');
}
