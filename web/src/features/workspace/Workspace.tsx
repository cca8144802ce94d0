import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { Link, Outlet, useLocation, useNavigate, useParams } from 'react-router';
import { sentence } from '../../api/problem';
import { spoken } from '../../language/format';
import { common } from '../../language/text';
import { text } from './text';
import { usePageTitle } from '../../language/pageTitle';
import { useClearNotices } from '../../ui/Notices';
import { ContextBar } from './ContextBar';
import { KeysDialog } from './KeysDialog';
import { stepFigures, Steps } from './Steps';
import { steps, useWorkspaceRoute } from './route';
import { useSavedCapsules } from '../capsule';
import { useOverrides, useRules } from '../rules';
import {
  type Desk,
  DeskContext,
  type Filter,
  everything,
  isDay,
  narrowed,
  useChosen,
  useClient,
  usePalette,
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
  const palette = usePalette(clientId, stamp);
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
  const route = useWorkspaceRoute();
  const at = steps.findIndex((step) => step === route.step);
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
  const figures = stepFigures({
    client: client.data,
    pieces: pieces.data,
    colours: palette.data?.swatches.length,
    capsules: saved.data?.length ?? 0,
    total,
    rulings: rulings.data?.length ?? 0,
    changedRules: rules.data?.filter(isChanged).length ?? 0,
  });

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
      <ContextBar
        client={client.data}
        days={forecast.data ?? []}
        pieces={pieces.data ?? []}
        capsules={saved.data ?? []}
        find={find}
        finder={finder}
        onFind={(sought) => {
          setFind(sought);
          unselect();
        }}
        reading={{ isOpen: readingOpen, total, toggle: () => setReadingOpen(!readingOpen) }}
      />
      <Steps clientId={clientId} search={location.search} figures={figures} />
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
          stageFirst={route.readsFirst ?? false}
          open={readingOpen}
        />
        {desk ? <Rail /> : <div className="col-span-full border-t border-line bg-rail" />}
      </DeskContext>
      <KeysDialog open={keysShown} onOpenChange={setKeysShown} />
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
