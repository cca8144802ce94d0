import { useToday } from '../session';
import { dateOf } from '../../language/format';
import { Progress } from 'radix-ui';
import { useEffect, useRef, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { sentence } from '../../api/problem';
import { Button } from '../../ui/Button';
import { useChosen, useDesk } from '../desk';
import { useStream } from '../../api/useStream';
import { useKeys } from '../../ui/useKeys';
import { Board } from './Board';
import { lockWords, say } from './messages';
import {
  planAddress,
  useChangeCapsule,
  useFigures,
  useSaveCapsule,
  useSavedCapsules,
  type Wishes,
} from './queries';
import { NameDialog } from '../../ui/NameDialog';
import { nothingAsked, useBoard } from './useBoard';
import { WishesForm } from './WishesForm';

const usualBudget = 2000;
const largestBudget = 60_000;
const longer = 5;

/** Planning a capsule: the wishes, the best capsule found, and changes by hand. */
export function CapsulePlanPage() {
  const { clientId = '' } = useParams();
  const { client, byId, stamp, select } = useDesk();
  const today = useToday()();
  const [search, setSearch] = useSearchParams();
  const [chosen, choose] = useChosen();
  const saved = useSavedCapsules(clientId);
  const save = useSaveCapsule(clientId);
  const change = useChangeCapsule(clientId);
  const board = useBoard(clientId, stamp, byId);
  const { now } = board;
  const seasons = client.seasons.filter((season) => season.id !== 'year');
  const [wishes, setWishes] = useState<Wishes>(
    () => now?.wishes ?? { ...nothingAsked, seasons: seasonsFor(chosen.season, seasons, today) },
  );
  const inHeader = useRef(chosen.season);
  useEffect(() => {
    if (inHeader.current !== chosen.season) {
      inHeader.current = chosen.season;
      setWishes((before) => ({ ...before, seasons: seasonsFor(chosen.season, seasons, today) }));
    }
  }, [chosen.season, seasons, today]);
  const [asking, setAsking] = useState<{ wishes: Wishes; budget: number; start: string[] } | null>(null);
  const [naming, setNaming] = useState(false);
  const stream = useStream(
    asking && planAddress(clientId, asking.wishes, asking.budget, asking.start),
    'plan',
    stamp,
    'better',
  );
  const planned = stream.events[0];
  const { push } = board;
  useEffect(() => {
    if (planned && asking) {
      push({ pieces: planned.pieces, wishes: asking.wishes, plan: planned });
      setAsking(null);
      focusFirst();
    }
  }, [planned, asking, push]);

  const opened = search.get('open');
  const toOpen = saved.data?.find((one) => one.id === opened);
  useEffect(() => {
    if (toOpen) {
      const its = { ...nothingAsked, ...toOpen.wishes };
      push({ pieces: toOpen.pieces, wishes: its, saved: { id: toOpen.id, name: toOpen.name } });
      setWishes(its);
      setSearch((before) => {
        before.delete('open');
        return before;
      });
    }
  }, [toOpen, push, setSearch]);

  const current = now?.wishes;
  useEffect(() => {
    if (current) {
      setWishes(current);
    }
  }, [current]);

  const isPlan = now?.plan !== undefined && now.stamp === stamp;
  const figures = useFigures(clientId, now?.pieces ?? [], now?.wishes ?? wishes, stamp, !!now && !isPlan);
  const known = isPlan ? now.plan : figures.data;
  const plan = known ?? board.lastPlan;
  const stale = !known || (!isPlan && figures.isPlaceholderData);

  const start = (next: Wishes, budget = usualBudget) => {
    setWishes(next);
    setAsking({ wishes: next, budget, start: now?.pieces ?? [] });
  };
  const takeBest = () => {
    stream.stop();
    if (stream.aside && asking) {
      push({ pieces: stream.aside.pieces, wishes: asking.wishes });
    }
    setAsking(null);
  };
  const stored = saved.data?.find((one) => one.id === now?.saved?.id);
  const saveNow = () => {
    if (now && stored && !stored.locked) {
      const { id, version } = stored;
      change.mutate({ id, version, pieces: now.pieces, wishes: now.wishes });
    } else if (now) {
      setNaming(true);
    }
  };
  const season = now?.wishes.seasons.join(', ') || say('allSeasons');
  const lock = () =>
    stored &&
    change.mutate({
      id: stored.id,
      locked: stored.locked ? null : { season: now?.wishes.seasons.join(', ') ?? '' },
    });
  useKeys(naming ? {} : { s: saveNow, l: lock });
  useEffect(() => {
    if (!now) {
      document.getElementById('plan-capsule')?.focus();
    }
  }, [now]);
  const budget = Math.min(largestBudget, (asking?.budget ?? usualBudget) * longer);
  const best = stream.aside;
  return (
    <>
      {!now && <p className="mb-3 text-xs text-soft">{say('what')}</p>}
      <WishesForm
        wishes={wishes}
        saved={saved.data ?? []}
        action={say(now ? 'planAgain' : 'plan')}
        busy={stream.state === 'running'}
        onWish={(more) => setWishes((before) => ({ ...before, ...more }))}
        onPlan={() => start(wishes)}
      />
      {wishes.never.length > 0 && (
        <p className="mb-2 text-xs text-soft">
          {say('leftOut')}:{' '}
          {wishes.never.map((id) => (
            <Button
              key={id}
              look="link"
              className="mr-2 text-xs"
              aria-label={say('let', { label: byId.get(id)?.label ?? id })}
              onClick={() =>
                now
                  ? board.letIn(id)
                  : setWishes({ ...wishes, never: wishes.never.filter((one) => one !== id) })
              }
            >
              {byId.get(id)?.label ?? id} ×
            </Button>
          ))}
        </p>
      )}
      {stream.state === 'running' && (
        <div className="mb-4 flex max-w-3xl flex-wrap items-center gap-3" aria-live="polite">
          <Progress.Root
            value={Math.round(100 * stream.fraction)}
            aria-label={say('planning', { percent: Math.round(100 * stream.fraction) })}
            className="h-1.5 w-40 bg-line"
          >
            <Progress.Indicator className="h-full bg-ink" style={{ width: `${100 * stream.fraction}%` }} />
          </Progress.Root>
          <span className="text-xs text-soft">
            {best
              ? say('bestSoFar', {
                  outfits: best.outfits,
                  percent: Math.round(100 * best.needsMetFraction),
                })
              : say('planning', { percent: Math.round(100 * stream.fraction) })}
          </span>
          <Button look="link" onClick={takeBest}>
            {say(best ? 'stopHere' : 'stop')}
          </Button>
        </div>
      )}
      {stream.state === 'failed' && (
        <p role="alert" className="mb-4 text-no">
          {stream.refused ?? say('failed')}
        </p>
      )}
      {figures.error && (
        <p role="alert" className="mb-4 text-no">
          {sentence(figures.error)}
        </p>
      )}
      {now && (
        <div className="mb-3 flex flex-wrap items-baseline gap-x-4 gap-y-1" data-testid="capsule-actions">
          {stored && (
            <span className="font-medium">
              {say('onTheBoard', { name: stored.name })}
              {stored.locked && <span className="text-soft"> · {lockWords(stored.locked)}</span>}
            </span>
          )}
          {now.wishes.place && (
            <span className="text-soft">
              {say('place')} {now.wishes.place}
            </span>
          )}
          <Button look="link" disabled={!board.canUndo} className="disabled:text-soft" onClick={board.undo}>
            {say('undo')}
          </Button>
          <Button look="link" onClick={saveNow}>
            {stored && !stored.locked
              ? say('saveVersion', { name: stored.name, version: stored.version + 1 })
              : say('save')}
          </Button>
          {stored && !stored.locked && (
            <Button look="link" onClick={() => setNaming(true)}>
              {say('save')}
            </Button>
          )}
          {stored && (
            <Button look="link" onClick={lock}>
              {stored.locked ? say('unlock') : say('lock', { season })}
            </Button>
          )}
          {stored && (
            <Button look="link" onClick={() => choose({ capsule: stored.id })}>
              {say('within')}
            </Button>
          )}
          <Button look="link" onClick={() => select(new Set(now.pieces))}>
            {say('rail')}
          </Button>
          <Button look="link" disabled={stream.state === 'running'} onClick={() => start(now.wishes, budget)}>
            {say('longer')}
          </Button>
        </div>
      )}
      {now && plan && (
        <Board
          step={isPlan ? now : { ...now, plan: undefined }}
          board={board}
          plan={plan}
          stale={stale}
          onSize={(size) => start({ ...now.wishes, size })}
        />
      )}
      {now && (
        <NameDialog
          title={say('saveTitle')}
          open={naming}
          name={say('usualName', { season, n: now.pieces.length })}
          notes=""
          onOpenChange={setNaming}
          onSave={(named) => {
            save.mutate(
              { ...named, pieces: now.pieces, wishes: now.wishes },
              {
                onSuccess: ({ id, name }) => {
                  board.savedAs({ id, name });
                  setNaming(false);
                },
              },
            );
          }}
        />
      )}
    </>
  );
}

/** After planning by keyboard the first piece is at hand. */
function focusFirst() {
  const focused = document.activeElement;
  if (!focused || focused === document.body || focused.id === 'plan-capsule') {
    requestAnimationFrame(() => document.querySelector<HTMLElement>('[data-piece]')?.focus());
  }
}

/** The header's season, or all of them for the year; where it has none, the season it is. */
function seasonsFor(header: string, seasons: { id: string; months: number[] }[], today: string): string[] {
  const ids = seasons.map(({ id }) => id);
  return header === 'year'
    ? ids
    : ids.includes(header)
      ? [header]
      : [coming(seasons, today)?.id ?? ''].filter(Boolean);
}

/** The season it is, or where none has this month the next. */
function coming(seasons: { id: string; months: number[] }[], today: string) {
  const month = dateOf(today).getMonth() + 1;
  const away = (season: { months: number[] }) =>
    Math.min(...season.months.map((one) => (one - month + 12) % 12));
  return [...seasons].sort((a, b) => away(a) - away(b))[0];
}
