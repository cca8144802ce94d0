import { useCallback, useEffect, useMemo, useState } from 'react';
import type { Plan, SavedCapsule, Wishes } from './queries';

/** What lay on the board at one time. */
export interface Step {
  pieces: string[];
  wishes: Wishes;
  /** Of the wardrobe it was planned from. */
  stamp: string;
  /** Where it was planned, not put together by hand. */
  plan?: Plan;
  /** The saved capsule it came from. */
  saved?: Pick<SavedCapsule, 'id' | 'name'>;
}

const usualSize = 16;
const usualVarietyCost = 0.15;

export const nothingAsked: Wishes = {
  size: usualSize,
  seasons: [],
  occasions: [],
  must: [],
  never: [],
  breakSets: true,
  varietyCostFraction: usualVarietyCost,
};

const without = (list: string[], id: string) => list.filter((one) => one !== id);

/** The pieces of a step that are still in the wardrobe. */
function present(step: Step, byId: ReadonlyMap<string, unknown>): Step {
  const there = (ids: string[]) => ids.filter((id) => byId.has(id));
  const { must, never } = step.wishes;
  return {
    ...step,
    pieces: there(step.pieces),
    wishes: { ...step.wishes, must: there(must), never: there(never) },
  };
}

/** The board of a client: what lies on it, step by step, so that each can be undone. It outlives a reload of the page. */
export function useBoard(clientId: string, stamp: string, byId: ReadonlyMap<string, unknown>) {
  const place = placeOf(clientId);
  const [steps, setSteps] = useState<Step[]>(() => remembered(place));
  const last = steps[steps.length - 1];
  const now = useMemo(() => last && present(last, byId), [last, byId]);
  useEffect(() => {
    if (now) {
      sessionStorage.setItem(place, JSON.stringify({ ...now, plan: undefined, stamp: '' }));
    }
  }, [place, now]);
  const push = useCallback(
    (step: Omit<Step, 'stamp'>) => setSteps((before) => [...before, { ...step, stamp }]),
    [stamp],
  );
  const change = (pieces: string[], wishes: Partial<Wishes> = {}) => {
    if (now) {
      push({ pieces, wishes: { ...now.wishes, ...wishes }, saved: now.saved });
    }
  };
  return {
    now,
    push,
    canUndo: steps.length > 1,
    undo: () => setSteps((before) => (before.length > 1 ? before.slice(0, -1) : before)),
    /** The last plan for the same seasons and occasions: its curve still says something. */
    lastPlan: [...steps]
      .reverse()
      .find(
        (step) =>
          step.plan &&
          step.stamp === stamp &&
          String(step.wishes.seasons) === String(now?.wishes.seasons) &&
          String(step.wishes.occasions) === String(now?.wishes.occasions),
      )?.plan,
    pin: (id: string) => {
      if (now) {
        const pinned = now.wishes.must.includes(id);
        const must = pinned ? without(now.wishes.must, id) : [...now.wishes.must, id];
        push({ ...now, wishes: { ...now.wishes, must, never: without(now.wishes.never, id) } });
      }
    },
    leaveOut: (id: string) =>
      now &&
      change(without(now.pieces, id), {
        never: [...without(now.wishes.never, id), id],
        must: without(now.wishes.must, id),
      }),
    letIn: (id: string) => now && change(now.pieces, { never: without(now.wishes.never, id) }),
    takeOrBring: (id: string) =>
      now &&
      (now.pieces.includes(id)
        ? change(without(now.pieces, id), { must: without(now.wishes.must, id) })
        : change([...now.pieces, id], { never: without(now.wishes.never, id) })),
    swap: (out: string, into: string) =>
      now && change([...without(now.pieces, out), into], { must: without(now.wishes.must, out) }),
    savedAs: (saved: Step['saved']) => now && push({ ...now, saved }),
  };
}

export type BoardOf = ReturnType<typeof useBoard>;

const placeOf = (clientId: string) => `capsule-board ${clientId}`;

/** Lays a capsule on the board of a client, to be found there when it is opened next. */
export function layOnBoard(clientId: string, pieces: string[], wishes: Wishes) {
  sessionStorage.setItem(placeOf(clientId), JSON.stringify({ pieces, wishes, stamp: '' }));
}

function remembered(place: string): Step[] {
  try {
    const kept = sessionStorage.getItem(place);
    return kept ? [JSON.parse(kept) as Step] : [];
  } catch {
    return [];
  }
}
