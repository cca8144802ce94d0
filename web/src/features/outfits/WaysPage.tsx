import { Link, useParams, useSearchParams } from 'react-router';
import type { Exact } from '../../api/client';
import { sentence } from '../../api/problem';
import { figure, text } from '../../app/messages';
import { Choice } from '../../ui/Choice';
import { seasonWords, useChosen, useDesk } from '../workspace/context';
import { PieceFinder } from '../workspace/PieceFinder';
import { OutfitGrid, WaitingGrid } from './OutfitGrid';
import { listQuery } from './address';
import { say } from './messages';
import { useWays } from './queries';

const sizes = ['3', '5', '10', '15', '20'];

/** One piece worn in several ways, as different from each other as the wardrobe allows. */
export function WaysPage() {
  const { clientId = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const [chosen] = useChosen();
  const { byId, stamp, client } = useDesk();
  const hero = byId.get(search.get('hero') ?? '');
  const k = sizes.find((size) => size === search.get('k')) ?? '10';
  const ways = useWays(clientId, chosen, hero?.id, Number(k), stamp);
  const found = ways.data?.outfits ?? [];
  const total = ways.data?.total as Exact | undefined;

  function set(name: string, value: string) {
    const next = new URLSearchParams(search);
    next.set(name, value);
    setSearch(next, { replace: true });
  }

  return (
    <div className="p-5">
      <header className="mb-2 flex flex-wrap items-baseline gap-x-4 print:hidden">
        <h1 className="font-serif text-xl font-semibold">{say('ways')}</h1>
        <PieceFinder
          label={say('hero', { piece: hero?.label ?? say('chooseHero') })}
          className="min-h-6 border-b border-dotted border-ink font-medium"
          onPick={(id) => set('hero', id)}
        >
          {hero?.label ?? say('chooseHero')} <span className="text-soft">▾</span>
        </PieceFinder>
        <Choice
          label={say('looks')}
          value={k}
          options={sizes.map((size) => [size, size] as const)}
          onChange={(size) => set('k', size)}
        />
        <Link
          className="ml-auto text-chalk"
          to={`../outfits?${listQuery(search, { containing: hero?.id ?? '' })}`}
        >
          {say('everyOutfit')}
        </Link>
      </header>
      <p className="mb-3 text-soft print:hidden" aria-live="polite">
        {!hero && say('whyHero')}
        {hero && ways.isPending && say('working')}
        {total !== undefined && BigInt(total) === 0n && say('noWay')}
        {found.length > 1 && (
          <>
            <span className="font-serif text-lg font-bold text-ink">{figure(found.length)}</span>{' '}
            {text.outfits.of} {figure(total!)}.{' '}
            {say('apart', { n: ways.data!.smallestDistance, exact: String(ways.data!.quality === 'exact') })}
          </>
        )}
      </p>
      {ways.error && <p role="alert">{sentence(ways.error)}</p>}
      {hero && ways.isPending && <WaitingGrid />}
      {hero && (
        <OutfitGrid
          key={hero.id}
          title={say('waysOf', { piece: hero.label, name: client.name })}
          context={say('in', {
            occasion: chosen.occasion || text.context.anyOccasion,
            season: seasonWords(chosen.season),
          })}
          outfits={found}
          byId={byId}
        />
      )}
    </div>
  );
}
