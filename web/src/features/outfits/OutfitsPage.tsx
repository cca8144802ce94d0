import { useParams, useSearchParams } from 'react-router';
import type { Exact } from '../../api/client';
import { sentence } from '../../api/problem';
import { figure, join } from '../../language/format';
import { common } from '../../language/text';
import { text } from './text';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { listQuery, seasonWords, useChosen, useDesk } from '../desk';
import { OutfitGrid, WaitingGrid } from './OutfitGrid';
import { say } from './messages';
import { orders, useOutfits } from './queries';

/** The list behind a number: every outfit of the context, or those with the pieces named in the address. */
export function OutfitsPage() {
  const { clientId = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const [chosen, change] = useChosen();
  const { byId, stamp, client } = useDesk();
  const wanted = {
    containing: search.getAll('containing'),
    placed: search.getAll('placed'),
    structure: search.get('structure') ?? undefined,
    verdict: search.get('verdict') ?? undefined,
    scheme: Object.keys(text.outfits.schemes).find((id) => id && id === search.get('scheme')),
  };
  const ids = [...wanted.containing, ...wanted.placed.map((place) => place.slice(place.indexOf('=') + 1))];
  const order = orders.find((known) => known === search.get('order')) ?? 'best';
  const outfits = useOutfits(clientId, chosen, wanted, stamp, order);
  const total = outfits.data?.pages[0]?.total as Exact | undefined;
  const selected = outfits.data?.pages[0]?.listed;
  const listed = outfits.data?.pages.flatMap((page) => page.outfits ?? []) ?? [];
  const narrowed = [
    wanted.verdict === 'daring' && text.outfits.onlyDaring,
    wanted.structure && (common.counts.structures[wanted.structure] ?? wanted.structure),
    wanted.scheme && text.outfits.schemes[wanted.scheme],
    ids.length > 0 && say('containing', { pieces: join(ids.map((id) => byId.get(id)?.label ?? id)) }),
  ].filter(Boolean);
  const about = [
    total !== undefined &&
      (selected === undefined || BigInt(selected) === BigInt(total)
        ? say('listed', { shown: figure(listed.length), total: figure(total) })
        : say('selection', { shown: figure(listed.length), chosen: figure(selected), total: figure(total) })),
    ...(narrowed.length > 0 ? narrowed : [text.outfits.all]),
  ].filter(Boolean);

  function setScheme(scheme: string) {
    const next = new URLSearchParams(search);
    next.delete('scheme');
    if (scheme) {
      next.set('scheme', scheme);
    }
    setSearch(next, { replace: true });
  }

  function all() {
    setSearch(listQuery(search));
  }

  return (
    <div className="p-5">
      <header className="mb-4 flex flex-wrap items-baseline gap-x-4 print:hidden">
        <h1 className="font-serif text-xl font-semibold">{text.outfits.title}</h1>
        <p className="text-soft">{about.join(' · ')}</p>
        {narrowed.length > 0 && (
          <Button look="link" onClick={all}>
            {text.outfits.clear}
          </Button>
        )}
        <span className="ml-auto flex flex-wrap gap-x-4">
          <Choice
            label={text.outfits.colours}
            value={wanted.scheme ?? ''}
            options={Object.entries(text.outfits.schemes)}
            onChange={setScheme}
          />
          <Choice
            label={text.outfits.order}
            value={order}
            options={orders.map((known) => [known, text.outfits.orders[known]])}
            onChange={(next) => change({ order: next === 'best' ? '' : next })}
          />
        </span>
      </header>
      {outfits.error && <p role="alert">{sentence(outfits.error)}</p>}
      {outfits.isPending && <WaitingGrid />}
      {total !== undefined && BigInt(total) === 0n && (
        <p className="text-soft">{narrowed.length > 0 ? text.outfits.emptyNarrowed : text.outfits.empty}</p>
      )}
      <OutfitGrid
        title={say('printed', { name: client.name })}
        context={say('in', {
          occasion: chosen.occasion || common.context.anyOccasion,
          season: seasonWords(chosen.season),
        })}
        outfits={listed}
        byId={byId}
      />
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
