import { Collapsible } from 'radix-ui';
import { Link, useParams, useSearchParams } from 'react-router';
import type { Exact, PieceView } from '../../../api/client';
import { sentence } from '../../../api/problem';
import { figure } from '../../../language/format';
import { common } from '../../../language/text';
import { Choice } from '../../../ui/Choice';
import {
  PieceFinder,
  bars,
  listQuery,
  ownSlot,
  seasonWords,
  useChosen,
  useDesk,
  withSlots,
} from '../../desk';
import { OutfitGrid, WaitingGrid } from '../OutfitGrid';
import { say } from '../messages';
import { useTitles } from '../../rules';
import { Tick } from '../../../ui/Tick';
import { OutfitCard } from '../OutfitCard';
import { Changes } from '../Changes';
import { Reasons } from '../Reasons';
import { DrawnHere } from '../../../ui/Drawing';
import { Preparing } from '../Preparing';
import { useVerdict, useWays, waysCounting } from '../queries';

const sizes = Array.from({ length: 19 }, (_, i) => String(i + 2));

/** As many looks as a season shows beside the others. */
const perSeason = 3;

/** One piece worn in several ways, as different from each other as the wardrobe allows. */
export function WaysPage() {
  const { clientId = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const [chosen] = useChosen();
  const { byId, pieces, stamp, client, live } = useDesk();
  const hero = byId.get(search.get('hero') ?? '');
  const k = sizes.find((size) => size === search.get('k')) ?? '10';
  const ways = useWays(clientId, chosen, hero?.id, Number(k), stamp);
  const found = ways.data?.outfits ?? [];
  const total = ways.data?.total as Exact | undefined;
  // The figure the rail has too; a piece that only completes outfits has a share there, so they are counted here.
  const words = hero && bars(live.counts, pieces, chosen.counting).figure(hero);
  const unit = common.context.presets[waysCounting(chosen.counting)] ?? common.pieces.outfits;
  const inAll = words && !words.isShare ? words.full : `${figure(total ?? 0)} ${unit}`;
  const isNone = total !== undefined && BigInt(total) === 0n;
  const rescue = useVerdict(
    clientId,
    chosen,
    hero ? { [ownSlot(hero)]: hero.id } : {},
    true,
    stamp,
    hero !== undefined && isNone,
  );
  const titles = useTitles();
  const isEach = search.get('each') === 'yes';
  const never = (live.counts?.neverTogether ?? [])
    .filter(({ a, b }) => hero && (a === hero.id || b === hero.id))
    .flatMap(({ a, b, rule }) => {
      const piece = byId.get(a === hero?.id ? b : a);
      return piece ? [{ piece, rule: titles.get(rule) ?? rule }] : [];
    });

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
        {client.seasons.length > 1 && (
          <Tick label={say('eachSeason')} checked={isEach} onChange={(on) => set('each', on ? 'yes' : '')} />
        )}
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
        {isNone && say('noWay')}
        {found.length > 1 && (
          <>
            <span className="font-serif text-lg font-bold text-ink">{figure(found.length)}</span>{' '}
            {say('ofAll', { all: inAll })}{' '}
            {say('apart', {
              n: ways.data!.fewestDifferences,
              piece: hero!.label,
              exact: String(ways.data!.quality === 'exact'),
            })}
          </>
        )}
      </p>
      <Preparing of={ways.prepared} />
      {ways.error && <p role="alert">{sentence(ways.error)}</p>}
      {hero && ways.isPending && <WaitingGrid />}
      {hero && isNone && rescue.data && (
        <section className="max-w-prose" data-testid="rescue">
          <h2 className="mb-2 font-serif text-[15px] font-semibold">
            {say('nearestWith', { piece: hero.label })}
          </h2>
          <div className="flex gap-4">
            <DrawnHere svg={rescue.data.drawing.figure} name="" className="h-64 w-[136px] shrink-0" />
            <div className="min-w-0">
              <Reasons findings={rescue.data.judgement.findings.filter(({ kind }) => kind !== 'credit')} />
              <Changes slots={rescue.data.slots} changes={rescue.data.changes} />
              <p className="mt-3">
                <Link
                  className="font-medium text-chalk"
                  to={`../outfits/bench?${withSlots(rescue.data.slots, search)}`}
                >
                  {say('openOnBench')}
                </Link>
              </p>
            </div>
          </div>
        </section>
      )}
      {hero && isEach && (
        <div data-testid="each-season">
          {client.seasons
            .filter(({ id }) => id !== 'year')
            .map(({ id }) => (
              <SeasonWays key={id} season={id} hero={hero} />
            ))}
        </div>
      )}
      {hero && never.length > 0 && (
        <Collapsible.Root className="mb-3 print:hidden" data-testid="never-with">
          <Collapsible.Trigger className="group min-h-6 text-soft hover:text-ink">
            {say('neverWith', { n: never.length })}{' '}
            <span aria-hidden="true" className="group-data-[state=open]:hidden">
              ▸
            </span>
            <span aria-hidden="true" className="group-data-[state=closed]:hidden">
              ▾
            </span>
          </Collapsible.Trigger>
          <Collapsible.Content>
            <ul className="mt-1 columns-2 text-[13px]">
              {never.map(({ piece, rule }) => (
                <li key={piece.id}>
                  {piece.label} <span className="text-soft">· {rule}</span>
                </li>
              ))}
            </ul>
          </Collapsible.Content>
        </Collapsible.Root>
      )}
      {hero && !isEach && (
        <OutfitGrid
          key={hero.id}
          title={say('waysOf', { piece: hero.label, name: client.name })}
          context={say('in', {
            occasion: chosen.occasion || common.context.anyOccasion,
            season: seasonWords(chosen.season),
          })}
          outfits={found}
          byId={byId}
        />
      )}
    </div>
  );
}

/** The looks of one season that differ most, with the number of all. */
function SeasonWays({ season, hero }: { season: string; hero: PieceView }) {
  const { clientId = '' } = useParams();
  const [chosen] = useChosen();
  const { byId, stamp } = useDesk();
  const ways = useWays(clientId, { ...chosen, season }, hero.id, perSeason, stamp);
  const total = ways.data?.total as Exact | undefined;
  return (
    <section className="mb-5" aria-busy={ways.isPending}>
      <h2 className="mb-1 border-b border-line pb-0.5 font-serif text-[15px] font-semibold">
        {seasonWords(season)}{' '}
        {total !== undefined && (
          <span className="font-sans text-xs font-normal text-soft">
            {say('inAll', { n: figure(total) })}
          </span>
        )}
      </h2>
      <Preparing of={ways.prepared} />
      {ways.error && <p role="alert">{sentence(ways.error)}</p>}
      {total !== undefined && BigInt(total) === 0n && <p className="text-soft">{say('noWay')}</p>}
      <ol className="grid grid-cols-3 gap-3">
        {ways.data?.outfits.map((outfit, i) => (
          <li key={i}>
            <OutfitCard outfit={outfit} byId={byId} small />
          </li>
        ))}
      </ol>
    </section>
  );
}
