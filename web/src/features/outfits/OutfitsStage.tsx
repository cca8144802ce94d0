import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import type { Exact, OutfitView } from '../../api/client';
import { sentence } from '../../api/problem';
import { figure, join, text } from '../../app/messages';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { seasonWords, useChosen, useDesk } from '../workspace/context';
import { OutfitCard } from './OutfitCard';
import { listQuery, sheetAddress, worn } from './address';
import { say } from './messages';
import { handOn, PrintedOutfits } from './PrintedOutfits';
import { orders, useOutfits } from './queries';
import { Tick } from '../../ui/Tick';

/** The list behind a number: every outfit of the context, or those with the pieces named in the address. */
export function OutfitsStage() {
  const { clientId = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const [chosen, change] = useChosen();
  const { byId, stamp, client } = useDesk();
  const [picked, setPicked] = useState<ReadonlySet<string>>(new Set());
  const wanted = {
    containing: search.getAll('containing'),
    placed: search.getAll('placed'),
    structure: search.get('structure') ?? undefined,
    verdict: search.get('verdict') ?? undefined,
  };
  const ids = [...wanted.containing, ...wanted.placed.map((place) => place.slice(place.indexOf('=') + 1))];
  const order = orders.find((known) => known === search.get('order')) ?? 'best';
  const outfits = useOutfits(clientId, chosen, wanted, stamp, order);
  const total = outfits.data?.pages[0]?.total as Exact | undefined;
  const selected = outfits.data?.pages[0]?.listed;
  const listed = outfits.data?.pages.flatMap((page) => page.outfits ?? []) ?? [];
  const narrowed = [
    wanted.verdict === 'daring' && text.outfits.onlyDaring,
    wanted.structure && (text.counts.structures[wanted.structure] ?? wanted.structure),
    ids.length > 0 && `${text.outfits.containing} ${join(ids.map((id) => byId.get(id)?.label ?? id))}`,
  ].filter(Boolean);
  const told = [
    total !== undefined &&
      (selected === undefined || BigInt(selected) === BigInt(total)
        ? `${figure(listed.length)} ${text.outfits.of} ${figure(total)}`
        : `${figure(listed.length)} ${text.outfits.of} ${figure(selected)}, ${text.outfits.selection} ${figure(total)}`),
    ...(narrowed.length > 0 ? narrowed : [text.outfits.all]),
  ].filter(Boolean);

  const key = (outfit: OutfitView) => sheetAddress(outfit, '');
  const handed = listed.filter((outfit) => picked.size === 0 || picked.has(key(outfit)));
  const title = say('printed', { name: client.name });
  const n = listed.filter((outfit) => picked.has(key(outfit))).length;
  const toggle = (outfit: OutfitView) =>
    setPicked((before) => {
      const next = new Set(before);
      if (!next.delete(key(outfit))) {
        next.add(key(outfit));
      }
      return next;
    });

  function all() {
    setSearch(listQuery(search));
  }

  return (
    <div className="p-5">
      <PrintedOutfits
        title={title}
        context={say('in', {
          occasion: chosen.occasion || text.context.anyOccasion,
          season: seasonWords(chosen.season),
        })}
        outfits={handed}
        byId={byId}
      />
      <header className="mb-4 flex flex-wrap items-baseline gap-x-4 print:hidden">
        <h1 className="font-serif text-xl font-semibold">{text.outfits.title}</h1>
        <p className="text-soft">{told.join(' · ')}</p>
        {narrowed.length > 0 && (
          <Button look="link" onClick={all}>
            {text.outfits.clear}
          </Button>
        )}
        <span className="ml-auto">
          <Choice
            label={text.outfits.order}
            value={order}
            options={orders.map((known) => [known, text.outfits.orders[known]])}
            onChange={(next) => change({ order: next === 'best' ? '' : next })}
          />
        </span>
      </header>
      {listed.length > 0 && (
        <p className="mb-3 flex gap-5 print:hidden" aria-live="polite">
          <span className="text-soft">{say('chosen', { n })}</span>
          <Button look="link" onClick={() => window.print()}>
            {say('print', { n })}
          </Button>
          <Button look="link" onClick={() => handOn(title)}>
            {say('handOn', { n })}
          </Button>
          {n > 0 && (
            <Button look="link" onClick={() => setPicked(new Set())}>
              {say('clearChoice')}
            </Button>
          )}
        </p>
      )}
      {outfits.error && <p role="alert">{sentence(outfits.error)}</p>}
      {outfits.isPending && (
        <div className="grid animate-pulse grid-cols-3 gap-3" aria-hidden="true">
          {Array.from({ length: 9 }, (_, i) => (
            <span key={i} className="h-60 bg-hair" />
          ))}
        </div>
      )}
      {total !== undefined && BigInt(total) === 0n && <p className="text-soft">{text.outfits.empty}</p>}
      <ol className="grid grid-cols-3 gap-3 max-[1100px]:grid-cols-2 print:hidden" data-testid="outfit-list">
        {listed.map((outfit, i) => (
          <li key={i} className="relative grid">
            <OutfitCard outfit={outfit} byId={byId} />
            <span className="absolute right-0.5 bottom-0.5">
              <Tick
                bare
                label={say('choose', {
                  pieces: join(worn(outfit).map(([, id]) => byId.get(id)?.label ?? id)),
                })}
                checked={picked.has(key(outfit))}
                onChange={() => toggle(outfit)}
              />
            </span>
          </li>
        ))}
      </ol>
      {outfits.hasNextPage && (
        <Button
          className="mt-4 print:hidden"
          disabled={outfits.isFetchingNextPage}
          onClick={() => outfits.fetchNextPage()}
        >
          {text.outfits.more}
        </Button>
      )}
    </div>
  );
}
