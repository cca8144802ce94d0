import { Link, useParams, useSearchParams } from 'react-router';
import { sentence } from '../../../api/problem';
import { common } from '../../../language/text';
import { Choice } from '../../../ui/Choice';
import { DrawnHere } from '../../../ui/Drawing';
import { Tick } from '../../../ui/Tick';
import { seasonOptions, slotsOf, useChosen, useDesk, withSlots } from '../../desk';
import { WaitingGrid } from '../OutfitGrid';
import { say } from '../messages';
import { Preparing } from '../Preparing';
import { usePaths, useVerdict, type Slots } from '../queries';

/** How many changes more than the fewest. */
const lengths = ['0', '1', '2'];

/** The shortest ways from an outfit to another occasion or season, each a strip of figures. */
export function PathsPage() {
  const { clientId = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const [chosen] = useChosen();
  const { byId, stamp, client, days } = useDesk();
  const slots = slotsOf(search);
  const to = {
    season: search.get('toSeason') ?? chosen.season,
    occasion: search.get('toOccasion') ?? chosen.occasion,
  };
  const carry = search.get('carry') === 'yes';
  const beyond = Number(lengths.find((length) => length === search.get('beyond')) ?? 0);
  const isElsewhere = to.season !== chosen.season || to.occasion !== chosen.occasion;
  const start = useVerdict(clientId, chosen, slots, false, stamp);
  const isAsked = isElsewhere || (start.data !== undefined && start.data.judgement.verdict !== 'works');
  const paths = usePaths(clientId, { ...chosen, ...to }, slots, { carry, beyond }, stamp, isAsked);
  const label = (ids: unknown) =>
    [ids]
      .flat()
      .map((id) => byId.get(String(id))?.label ?? String(id))
      .join(', ');

  function set(name: string, value: string) {
    const next = new URLSearchParams(search);
    next.set(name, value);
    setSearch(next, { replace: true });
  }

  /** The address of an outfit in the context it was led to. */
  function sheet(outfit: Slots) {
    const there = new URLSearchParams(withSlots(outfit, search.toString()));
    Object.entries(to).forEach(([name, value]) => (value ? there.set(name, value) : there.delete(name)));
    return `../outfits/bench?${there}`;
  }

  return (
    <div className="p-5">
      <Link to={`../outfits/bench?${search}`} className="text-chalk">
        ← {say('backToOutfit')}
      </Link>
      <header className="mt-2 mb-3 flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h1 className="font-serif text-xl font-semibold">{say('elsewhere')}</h1>
        <Choice
          label={common.context.occasion}
          value={to.occasion}
          options={[
            ['', common.context.anyOccasion],
            ...client.occasions.map(({ name }) => [name, name] as const),
          ]}
          onChange={(occasion) => set('toOccasion', occasion)}
        />
        <Choice
          label={common.context.season}
          value={to.season}
          options={seasonOptions(client, days)}
          onChange={(season) => set('toSeason', season)}
        />
        <Choice
          label={say('pathsOf')}
          value={String(beyond)}
          options={lengths.map((length) => [length, say('longer', { n: Number(length) })] as const)}
          onChange={(length) => set('beyond', length)}
        />
        <Tick label={say('carry')} checked={carry} onChange={(on) => set('carry', on ? 'yes' : '')} />
      </header>
      <p className="mb-3 text-soft" aria-live="polite">
        {start.data && !isAsked && say('chooseElsewhere')}
        {paths.data &&
          (paths.data.length === undefined || paths.data.length === null
            ? say('noWayThere')
            : say('edits', {
                n: paths.data.length,
                ways: paths.data.paths.length,
                more: String(paths.data.more),
              }))}
      </p>
      <Preparing of={paths.prepared} />
      {paths.error && <p role="alert">{sentence(paths.error)}</p>}
      {isAsked && paths.isPending && <WaitingGrid />}
      <ol className="flex flex-col gap-4" data-testid="paths">
        {paths.data?.length !== 0 &&
          paths.data?.paths.map((path, i) => (
            <li key={i} className="flex flex-wrap items-start gap-2 border-b border-hair pb-3">
              <DrawnHere svg={start.data?.drawing.figure ?? ''} name="" className="h-44 w-[158px] shrink-0" />
              {path.edits.map((edit, j) => (
                <Link
                  key={j}
                  to={sheet(edit.outfit as Slots)}
                  className="flex w-[140px] flex-col items-center gap-1 hover:bg-paper"
                >
                  <DrawnHere svg={path.figures[j] ?? ''} name="" className="h-44 w-[94px]" />
                  <span className="text-center text-xs">
                    {edit.kind === 'remove'
                      ? say('takeOff', { piece: label(edit.from) })
                      : edit.kind === 'add'
                        ? say('putOn', { piece: label(edit.to) })
                        : say('exchange', { from: label(edit.from), to: label(edit.to) })}
                  </span>
                </Link>
              ))}
            </li>
          ))}
      </ol>
    </div>
  );
}
