import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Counts, WhatIf } from '../../api/client';
import { listen } from '../../api/listen';
import type { Chosen, LiveCounts } from './context';

interface State {
  key: string;
  counts?: Counts;
  before?: Counts;
  fraction: number;
  state: LiveCounts['state'];
  refused?: string;
}

/**
 * Listens to the count of a client's wardrobe in the chosen context. A change of either starts anew; leaving stops it on
 * the server too.
 *
 * @param whatIf counts the wardrobe as it would be
 */
export function useLiveCounts(
  clientId: string,
  chosen: Chosen,
  wardrobeStamp: string,
  whatIf?: WhatIf,
): LiveCounts {
  const [round, setRound] = useState(0);
  const search = new URLSearchParams({
    counting: chosen.counting,
    daring: String(chosen.daring),
    rows: chosen.rows,
    columns: chosen.columns,
  });
  if (chosen.season) {
    search.set('season', chosen.season);
  }
  if (chosen.occasion) {
    search.set('occasion', chosen.occasion);
  }
  if (chosen.capsule) {
    search.set('capsule', chosen.capsule);
  }
  if (whatIf) {
    search.set('whatIf', JSON.stringify(whatIf));
  }
  const url = `/api/v1/clients/${clientId}/counts?${search}`;
  const key = `${url} ${wardrobeStamp} ${round}`;
  const [state, setState] = useState<State>({ key: '', fraction: 0, state: 'waiting' });
  const leave = useRef<(() => void) | null>(null);

  useEffect(() => {
    if (!wardrobeStamp) {
      return;
    }
    const begin = () =>
      setState((s) => ({
        ...s,
        key,
        before: s.counts ?? s.before,
        fraction: 0,
        refused: undefined,
        state: 'counting',
      }));
    begin();
    leave.current = listen(url, {
      on: {
        progress: (data) => {
          const { fraction } = JSON.parse(data) as { fraction: number };
          setState((s) => ({ ...s, fraction }));
        },
        counts: (data) =>
          setState((s) => ({ ...s, counts: JSON.parse(data) as Counts, fraction: 0, state: 'partial' })),
        complete: (data) =>
          setState((s) => ({ ...s, counts: JSON.parse(data) as Counts, fraction: 1, state: 'done' })),
        refused: (data) => {
          const { why } = JSON.parse(data) as { why: string };
          setState((s) => ({ ...s, counts: undefined, refused: why, state: 'failed' }));
        },
      },
      last: ['complete', 'refused'],
      onAgain: begin,
      onFail: () => setState((s) => ({ ...s, state: 'failed' })),
    });
    return leave.current;
  }, [url, key, wardrobeStamp]);

  const stop = useCallback(() => {
    leave.current?.();
    setState((s) => ({ ...s, counts: undefined, state: 'stopped' }));
  }, []);
  const again = useCallback(() => setRound((r) => r + 1), []);
  const change =
    state.counts && state.before ? BigInt(state.counts.total) - BigInt(state.before.total) : undefined;
  const { counts, fraction, refused } = state;
  return useMemo(
    () => ({ counts, change, fraction, state: state.state, refused, stop, again }),
    [counts, change, fraction, state.state, refused, stop, again],
  );
}
