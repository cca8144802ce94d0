import { Dialog } from 'radix-ui';
import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { Link, NavLink, Outlet, useLocation, useNavigate, useParams } from 'react-router';
import { sentence } from '../../api/problem';
import { spoken } from '../../language/format';
import { common } from '../../language/text';
import { text } from './text';
import { usePageTitle } from '../../language/pageTitle';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { useClearNotices } from '../../ui/Notices';
import { CountingChoice } from './CountingChoice';
import { useSavedCapsules } from '../capsule';
import { useOverrides, useRules } from '../rules';
import {
  type Desk,
  DeskContext,
  type Filter,
  everything,
  isDay,
  narrowed,
  seasonOptions,
  seasonWords,
  useChosen,
  useClient,
  useForecast,
  useLiveCounts,
  usePieces,
  useUndo,
} from '../desk';
import { isChanged, useStamp } from './freshness';
import { say } from './messages';
import { Rail } from './Rail';
import { Reading } from './Reading';
import { useKeys } from '../../ui/useKeys';

const steps = ['brief', 'pieces', 'palette', 'capsule', 'outfits', 'counts', 'rules'] as const;

/** The four regions of one client: spine, stage, reading and rail. */
export function Workspace() {
  const { clientId = '' } = useParams();
  const [chosen, change] = useChosen();
  const client = useClient(clientId);
  const pieces = usePieces(clientId);
  const forecast = useForecast(clientId);
  const rulings = useOverrides(clientId);
  const rules = useRules(clientId);
  const saved = useSavedCapsules(clientId);
  const stamp = useStamp(clientId, chosen.capsule !== '');
  const live = useLiveCounts(clientId, chosen, stamp);
  const [find, setFind] = useState('');
  const [filter, setFilter] = useState<Filter>(everything);
  const [selection, select] = useState<ReadonlySet<string>>(new Set());
  const unselect = () => select((before) => (before.size > 0 ? new Set() : before));
  const [keysShown, setKeysShown] = useState(false);
  const [readingOpen, setReadingOpen] = useState(false);
  const [readingSlot, setReadingSlot] = useState<HTMLElement | null>(null);
  const finder = useRef<HTMLInputElement>(null);
  const undo = useUndo(clientId);
  const redo = useUndo(clientId, true);
  const navigate = useNavigate();
  const location = useLocation();
  const clear = useClearNotices();
  const { pathname } = location;
  useEffect(() => clear(), [pathname, clear]);
  const at = steps.findIndex((step) => location.pathname.includes(`/${step}`));
  const go = (step?: string) => step && navigate(`/clients/${clientId}/${step}${location.search}`);

  useKeys({
    n: () => {
      const entry = document.getElementById('entry-line');
      if (entry) {
        entry.focus();
      } else {
        go('pieces');
        setTimeout(() => document.getElementById('entry-line')?.focus(), 50);
      }
    },
    '/': () => finder.current?.focus(),
    '[': () => go(steps[at - 1]),
    ']': () => go(steps[at + 1]),
    '?': () => setKeysShown(true),
    'Ctrl+z': () => undo.mutate(),
    'Ctrl+y': () => redo.mutate(),
    'Ctrl+Shift+z': () => redo.mutate(),
  });

  // what was searched for on one step does not narrow another
  const [searchedAt, setSearchedAt] = useState(at);
  if (searchedAt !== at) {
    setSearchedAt(at);
    setFind('');
    setFilter(everything);
  }
  usePageTitle(steps[at] && text.steps[steps[at]], client.data?.name);

  const sought = useDeferredValue(find);
  const within = saved.data?.find((one) => one.id === chosen.capsule);
  const there = useMemo(
    () => (pieces.data ?? []).filter((piece) => !within || within.worn.includes(piece.id)),
    [pieces.data, within],
  );
  const shown = useMemo(() => narrowed(there, sought, filter), [there, sought, filter]);

  const desk = useMemo<Desk | null>(() => {
    if (!client.data || !pieces.data) {
      return null;
    }
    const byId = new Map(pieces.data.map((piece) => [piece.id, piece]));
    return {
      client: client.data,
      pieces: pieces.data,
      days: forecast.data ?? [],
      byId,
      stamp,
      live,
      within: there,
      shown,
      filter,
      setFilter: (change) => {
        setFilter((before) => ({ ...before, ...change }));
        unselect();
      },
      selection,
      select,
      readingSlot,
    };
  }, [client.data, pieces.data, forecast.data, stamp, live, there, shown, filter, selection, readingSlot]);

  const isOffered = isDay(chosen.season)
    ? (forecast.data?.some((day) => day.date === chosen.season) ?? true)
    : !chosen.season || client.data?.seasons.some((season) => season.id === chosen.season);
  useEffect(() => {
    if (client.data && !isOffered) {
      change({ season: '' });
    }
    if (chosen.capsule && saved.data && !within) {
      change({ capsule: '' });
    }
  });

  const problem = client.error ?? pieces.error;
  if (problem) {
    return (
      <main className="m-8">
        <p role="alert">{sentence(problem)}</p>
        <Link to="/clients" className="text-chalk underline">
          {common.clients.title}
        </Link>
      </main>
    );
  }
  const total = live.counts ? spoken(live.counts.total) : '…';
  const undecided = pieces.data?.filter((p) => p.resolved.decision === 'undecided').length ?? 0;
  const colours = new Set(pieces.data?.flatMap((p) => p.colourNames)).size;
  const telling = {
    brief: say('occasions', { n: client.data?.occasions.length ?? 0 }),
    pieces: pieces.data ? say('pieces', { n: pieces.data.length, undecided }) : '…',
    palette: say('colours', { n: colours }),
    capsule: say('capsule', { n: saved.data?.length ?? 0 }),
    outfits: total,
    counts: total,
    rules: say('rules', {
      rulings: rulings.data?.length ?? 0,
      changed: rules.data?.filter(isChanged).length ?? 0,
    }),
  };

  return (
    <div className="grid h-full grid-cols-[150px_minmax(0,1fr)_284px] max-[1100px]:grid-cols-[150px_minmax(0,1fr)] max-[900px]:grid-cols-[120px_minmax(0,1fr)] grid-rows-[auto_minmax(0,1fr)_150px] [@media(max-height:560px)]:h-auto [@media(max-height:560px)]:grid-rows-[auto_520px_150px]">
      <a
        href="#stage"
        onClick={(event) => {
          event.preventDefault();
          document.getElementById('stage')?.focus();
        }}
        className="sr-only focus:not-sr-only focus:absolute focus:top-1 focus:left-1 focus:z-50 focus:bg-ink focus:px-3 focus:py-2 focus:text-sheet"
      >
        {say('skip')}
      </a>
      <header className="col-span-3 flex min-h-11 flex-wrap items-center gap-x-6 gap-y-1 border-b py-1 border-line bg-sheet px-4 max-[1100px]:col-span-2 max-[1100px]:gap-x-4 print:hidden">
        <Button
          look="link"
          aria-expanded={readingOpen}
          className="order-last shrink-0 whitespace-nowrap min-[1101px]:hidden"
          onClick={() => setReadingOpen(!readingOpen)}
        >
          {readingOpen ? common.reading.fold : say('openReading', { total })}
        </Button>
        <Link to="/clients" className="w-32 shrink-0 truncate font-serif text-base font-semibold">
          {client.data?.name ?? '…'}
        </Link>
        <Choice
          label={common.context.season}
          value={chosen.season}
          shown={isDay(chosen.season) ? seasonWords(chosen.season) : undefined}
          options={seasonOptions(client.data, forecast.data)}
          onChange={(season) => change({ season })}
        />
        {client.data?.seasons.length === 0 && (
          <Link
            to={`/clients/${clientId}/brief${location.search}`}
            className="text-xs font-medium text-chalk"
          >
            {common.counts.addClimate}
          </Link>
        )}
        <Choice
          narrow
          label={common.context.occasion}
          value={chosen.occasion}
          options={[
            ['', common.context.anyOccasion],
            ...(client.data?.occasions ?? []).map((o) => [o.name ?? '', o.name ?? ''] as const),
          ]}
          onChange={(occasion) => change({ occasion })}
        />
        {saved.data && saved.data.length > 0 && (
          <Choice
            narrow
            label={say('within')}
            value={within ? chosen.capsule : ''}
            options={[['', say('wholeWardrobe')], ...saved.data.map((one) => [one.id, one.name] as const)]}
            onChange={(capsule) => change({ capsule })}
          />
        )}
        <CountingChoice
          value={chosen.counting}
          pieces={pieces.data ?? []}
          onChange={(counting) => change({ counting })}
        />
        <Choice
          label={common.context.verdict}
          value={chosen.daring ? 'yes' : ''}
          options={[
            ['', common.context.works],
            ['yes', common.context.daring],
          ]}
          onChange={(daring) => change({ daring })}
        />
        <Link to="/help" className="order-last text-chalk">
          {say('help')}
        </Link>
        <label className="ml-auto flex items-center border border-line bg-paper">
          <span className="sr-only">{common.context.find}</span>
          <input
            ref={finder}
            value={find}
            onChange={(event) => {
              setFind(event.target.value);
              unselect();
            }}
            placeholder={common.context.find}
            className="w-32 bg-transparent px-2 py-1 placeholder:text-soft"
          />
          <kbd className="mr-1 border border-line px-1 text-xs text-soft" aria-hidden="true">
            /
          </kbd>
        </label>
      </header>
      <nav aria-label="Steps" className="print:hidden relative border-r border-line bg-paper pt-3">
        <span
          aria-hidden="true"
          className="absolute top-4 bottom-4 left-[19px] border-l border-dashed border-soft"
        />
        {steps.map((step) => (
          <NavLink
            key={step}
            to={`/clients/${clientId}/${step}${location.search}`}
            className={({ isActive }) =>
              `relative flex gap-2.5 border-y py-2.5 pl-[13px] ${isActive ? 'border-line bg-sheet forced-colors:border-[Highlight]' : 'border-transparent'}`
            }
          >
            <span aria-hidden="true" className="mt-1 h-3 w-3 rotate-45 bg-soft" />
            <span>
              <span className="block font-serif text-[15px] leading-tight font-semibold">
                {text.steps[step]}
              </span>
              <span className="text-xs text-soft">{telling[step]}</span>
            </span>
          </NavLink>
        ))}
      </nav>
      <DeskContext value={desk}>
        <main id="stage" tabIndex={-1} className="relative overflow-auto bg-sheet" aria-busy={!desk}>
          {desk ? <Outlet /> : <Skeleton />}
        </main>
        <Reading
          live={live}
          chosen={chosen}
          pieces={pieces.data ?? []}
          stamp={stamp}
          onCounting={(counting) => change({ counting })}
          slot={setReadingSlot}
          stageFirst={/\/outfits\/(bench|suits)$/.test(location.pathname)}
          open={readingOpen}
        />
        {desk ? <Rail /> : <div className="col-span-full border-t border-line bg-rail" />}
      </DeskContext>
      <Dialog.Root open={keysShown} onOpenChange={setKeysShown}>
        <Dialog.Portal>
          <Dialog.Overlay className="fixed inset-0 z-30 bg-ink/30" />
          <Dialog.Content
            aria-describedby={undefined}
            className="fixed z-40 top-1/4 left-1/2 w-80 -translate-x-1/2 border border-line bg-sheet p-6"
          >
            <Dialog.Title className="mb-3 font-serif text-lg font-semibold">{common.keys.title}</Dialog.Title>
            <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1.5">
              {common.keys.list.map(([key, what]) => (
                <div key={key} className="contents">
                  <dt className="font-semibold">{key}</dt>
                  <dd>{what}</dd>
                </div>
              ))}
            </dl>
          </Dialog.Content>
        </Dialog.Portal>
      </Dialog.Root>
    </div>
  );
}

function Skeleton() {
  return (
    <div className="flex animate-pulse flex-col gap-3 p-6" aria-hidden="true">
      {Array.from({ length: 8 }, (_, i) => (
        <span key={i} className="h-8 bg-hair" />
      ))}
    </div>
  );
}
