import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Counts, WhatIf } from '../../api/client';
import { listen } from '../../api/listen';
import { streamAddress } from '../../api/streams';
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
  const { season, occasion, counting, daring, rows, columns, capsule } = chosen;
  const url = streamAddress('/api/v1/clients/{clientId}/counts', {
    path: { clientId },
    query: {
      season,
      occasion,
      counting,
      daring,
      rows,
      columns,
      capsule,
      whatIf: whatIf && JSON.stringify(whatIf),
    },
  });
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
        progress: ({ fraction }) => setState((s) => ({ ...s, fraction })),
        counts: (counts) => setState((s) => ({ ...s, counts, fraction: 0, state: 'partial' })),
        complete: (counts) => setState((s) => ({ ...s, counts, fraction: 1, state: 'done' })),
        refused: ({ why }) => setState((s) => ({ ...s, counts: undefined, refused: why, state: 'failed' })),
      },
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
