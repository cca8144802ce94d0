import { useEffect, useRef, useState } from 'react';
import { createPortal } from 'react-dom';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import type { SavedOutfit } from '../../../api/client';
import { sentence } from '../../../api/problem';
import { common } from '../../../language/text';
import { Button } from '../../../ui/Button';
import { DrawnHere } from '../../../ui/Drawing';
import { Mark } from '../../../ui/Mark';
import {
  finishesOf,
  slotsOf,
  StreamState,
  useChosen,
  useDesk,
  useWear,
  weatherWords,
  withSlots,
} from '../../desk';
import { RulingMaker } from '../../rules';
import { isFirst, makingWay, useBench, type Offer } from './bench';
import { BenchReading } from './BenchReading';
import { say } from '../messages';
import { useSurprise, useVerdict, type Slots } from '../queries';
import { useChangeOutfit, useSavedOutfits, useSaveOutfit, type About } from '../saved/saved';
import { SaveOutfitDialog } from '../saved/SaveOutfitDialog';
import { SlotOffers } from './SlotOffers';

/** An outfit on the form while it is built: what still fits around it, and beside it everything there is to say. */
export function BenchPage() {
  const { clientId = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const navigate = useNavigate();
  const [chosen, change] = useChosen();
  const { byId, readingSlot, stamp, client, days } = useDesk();
  const wear = useWear(clientId);
  const [coatOn, setCoatOn] = useState(false);
  const slots = slotsOf(search);
  const finishes = finishesOf(search);
  const verdict = useVerdict(clientId, chosen, slots, false, stamp, true, finishes);
  const bench = useBench(clientId, chosen, search.getAll('wear'), stamp);
  const surprise = useSurprise(clientId, chosen);
  const kept = useSavedOutfits(clientId).data?.find(({ id }) => id === search.get('saved'));
  const save = useSaveOutfit(clientId);
  const changeSaved = useChangeOutfit(clientId);
  const [saving, setSaving] = useState(false);
  const judgement = verdict.data?.judgement;
  const drawing = verdict.data?.drawing;
  const ids = Object.values(slots).flat();
  const isEmpty = ids.length === 0;
  const isUnfinished = judgement?.findings.some((finding) => finding.rule === 'structure') ?? false;

  // keys are pressed faster than the page is drawn: each choice goes on from the one before it, drawn or not
  const latest = useRef(search);
  useEffect(() => {
    latest.current = search;
  }, [search]);

  /** Shows another outfit, so that the browser's back button returns; finishes of pieces still worn are kept. */
  function build(next: Slots, finish: Record<string, string[]> = finishesOf(latest.current)) {
    const query = new URLSearchParams(withSlots(next, latest.current));
    const still = new Set(Object.values(next).flat());
    Object.entries(finish).forEach(
      ([id, ways]) => still.has(id) && query.append('finish', `${id}=${ways.join('+')}`),
    );
    if (kept && Object.keys(next).length > 0) {
      query.set('saved', kept.id);
    }
    latest.current = query;
    setSearch(query);
  }

  function keepAs(about: About) {
    save.mutate(
      { ...about, slots, finishes },
      {
        onSuccess: ({ id }) => {
          setSaving(false);
          const query = new URLSearchParams(search);
          query.set('saved', id);
          setSearch(query, { replace: true });
        },
      },
    );
  }

  function choose(slot: string, offer: Offer | null) {
    const moved = Object.entries(slotsOf(latest.current)).filter(
      ([other, worn]) => other !== slot && ![worn].flat().some((id) => offer?.pieces.includes(id)),
    );
    const leaves = offer && offer.verdict === 'no' ? makingWay(slot) : [];
    const next: Slots = Object.fromEntries(moved.filter(([other]) => !leaves.includes(other)));
    if (offer) {
      next[slot] = offer.pieces.length === 1 ? offer.pieces[0]! : offer.pieces;
    }
    build(next);
  }

  function surpriseMe() {
    surprise.mutate(isEmpty || judgement?.verdict === 'works' ? [] : ids, {
      onSuccess: ({ outfit }) => outfit && build({ ...outfit.slots, ...outfit.filled } as Slots, {}),
    });
  }

  const columns = (left: boolean) =>
    bench.bench?.slots
      .filter(({ slot }) => isFirst(slot) === left)
      .map((of) => {
        const worn = [slots[of.slot] ?? []].flat();
        return (
          <SlotOffers
            key={of.slot}
            of={of}
            byId={byId}
            worn={worn}
            replaces={makingWay(of.slot).some((other) => slots[other] !== undefined)}
            ways={verdict.data?.ways[worn[0] ?? ''] ?? []}
            finish={judgement?.finishes[worn[0] ?? ''] ?? []}
            onChoose={(offer) => choose(of.slot, offer)}
            onFinish={(finish) => build(slots, { ...finishes, [worn[0]!]: finish })}
          />
        );
      });
  const column = 'min-w-0 overflow-y-auto pr-1 [scrollbar-width:thin] max-[900px]:overflow-visible';

  return (
    <div className="flex h-full flex-col px-5 pt-3 pb-2 max-[900px]:h-auto">
      {verdict.error && <p role="alert">{sentence(verdict.error)}</p>}
      {surprise.error && <p role="alert">{sentence(surprise.error)}</p>}
      <header className="mt-1 flex flex-wrap items-center gap-x-4 border-b border-hair pb-1.5">
        <h1 className="flex items-center gap-3 font-serif text-2xl font-semibold" aria-live="polite">
          {kept && <span>{kept.name}</span>}
          {isEmpty && say('begin')}
          {!isEmpty && isUnfinished && say('unfinished')}
          {!isEmpty && judgement && !isUnfinished && (
            <>
              <Mark kind={judgement.verdict} size={20} />
              {common.sheet[judgement.verdict as 'works' | 'daring' | 'no']}
            </>
          )}
        </h1>
        <Button look="link" disabled={surprise.isPending} onClick={surpriseMe}>
          {say('surprise')}
        </Button>
        {isEmpty && days[0] && chosen.season !== days[0].date && (
          <Button look="link" onClick={() => change({ season: days[0]!.date })}>
            {say('forToday', { weather: weatherWords(days[0]) })}
          </Button>
        )}
        {!isEmpty && (
          <>
            <Button look="link" onClick={() => build({}, {})}>
              {say('startOver')}
            </Button>
            {kept && (
              <Button
                look="link"
                disabled={changeSaved.isPending || isAsKept(kept, slots, finishes)}
                className="disabled:text-soft"
                onClick={() => changeSaved.mutate({ id: kept.id, version: kept.version, slots, finishes })}
              >
                {say('saveChanges')}
              </Button>
            )}
            <Button look="link" onClick={() => setSaving(true)}>
              {say(kept ? 'saveAs' : 'save')}
            </Button>
            <Link to={`../outfits/changes?${search}`} className="font-medium text-chalk">
              {say('oneChange')}
            </Link>
            <Link to={`../outfits/paths?${search}`} className="font-medium text-chalk">
              {say('elsewhere')}
            </Link>
            <Link to={`../outfits/registers?${search}`} className="font-medium text-chalk">
              {say('registersShort')}
            </Link>
            <Link to={`../outfits/formulas?${withSlots(slots, search)}`} className="font-medium text-chalk">
              {say('sameFormula')}
            </Link>
            <Button look="link" disabled={wear.isPending} onClick={() => wear.mutate(ids)}>
              {common.worn.today}
            </Button>
            {judgement && judgement.verdict !== 'works' && <RulingMaker pieces={ids} decision="approved" />}
            <RulingMaker pieces={ids} decision="never" />
          </>
        )}
      </header>
      {surprise.data && !surprise.data.outfit && <p role="alert">{say('nothingToSurprise')}</p>}
      <StreamState
        of={bench}
        quiet
        words={say('countingWhatFits')}
        failed={say('benchFailed')}
        stopped={say('benchStopped')}
        again={say('tryAgain')}
      />
      <div
        className="mt-3 grid min-h-0 grow grid-cols-[minmax(0,1fr)_337px_minmax(0,1fr)] gap-3 max-[900px]:grid-cols-2"
        aria-busy={!bench.isNow}
        data-testid="bench"
      >
        <div className={column}>{columns(true) ?? <Waiting />}</div>
        <div
          className="flex w-[337px] flex-wrap content-start justify-end justify-self-center max-[900px]:order-first max-[900px]:col-span-2"
          data-testid="figure"
        >
          <DrawnHere svg={drawing?.ruler ?? ''} name={common.sheet.heights} className="h-[452px] w-[98px]" />
          <DrawnHere
            svg={(coatOn ? drawing?.withCoat : null) ?? drawing?.figure ?? ''}
            name={isEmpty ? say('emptyForm') : ids.map((id) => byId.get(id)?.label ?? id).join(', ')}
            className="h-[452px] w-[239px]"
          />
          {drawing?.withCoat && (
            <Button
              look="link"
              className="w-[239px]"
              aria-pressed={coatOn}
              onClick={() => setCoatOn(!coatOn)}
            >
              {coatOn ? common.sheet.coatOff : common.sheet.coatOn}
            </Button>
          )}
        </div>
        <div className={column}>{columns(false) ?? <Waiting />}</div>
      </div>
      <SaveOutfitDialog
        title={say('saveTitle')}
        open={saving}
        about={{
          name: kept ? '' : suggestedName(ids.flatMap((id) => byId.get(id)?.label ?? [])),
          notes: '',
          occasions: chosen.occasion ? [chosen.occasion] : [],
          seasons: client.seasons
            .filter(({ id }) => id === chosen.season && id !== 'year')
            .map(({ id }) => id),
          tags: [],
          favourite: false,
        }}
        onOpenChange={setSaving}
        onSave={keepAs}
      />
      {verdict.data &&
        readingSlot &&
        createPortal(
          <BenchReading
            verdict={verdict.data}
            slots={slots}
            oneMore={bench.bench?.oneMore ?? []}
            occasion={chosen.occasion}
            isEmpty={isEmpty}
            onChoose={(offer) => choose(offer.slot, offer)}
            onOccasion={(occasion) =>
              navigate(
                `?${new URLSearchParams([...search].filter(([name]) => name !== 'occasion').concat([['occasion', occasion]]))}`,
              )
            }
          />,
          readingSlot,
        )}
    </div>
  );
}

/** Whether a saved outfit is on the bench. */
function isAsKept(kept: SavedOutfit, slots: Slots, finishes: Record<string, string[]>): boolean {
  const written = (of: object) =>
    JSON.stringify(
      Object.entries(of)
        .map(([name, values]) => [name, [values].flat()])
        .sort(),
    );
  return written(kept.slots) === written(slots) && written(kept.finishes) === written(finishes);
}

/** A name to begin with: the first three pieces. */
function suggestedName(labels: string[]): string {
  return labels.slice(0, 3).join(', ').slice(0, 80);
}

function Waiting() {
  return (
    <div className="grid animate-pulse gap-2" aria-hidden="true">
      {Array.from({ length: 8 }, (_, i) => (
        <span key={i} className="h-8 bg-hair" />
      ))}
    </div>
  );
}
