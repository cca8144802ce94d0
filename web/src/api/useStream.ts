import { useEffect, useState } from 'react';
import { listen } from './listen';
import type { EventData, EventName, StreamAddress, StreamPath } from './streams';

export interface Streamed<T, A = unknown> {
  events: T[];
  /** The latest event named by `aside`. */
  aside?: A;
  fraction: number;
  state: 'idle' | 'running' | 'done' | 'stopped' | 'failed';
  /** Why the server does not count it at all. */
  refused?: string;
}

/** With ways to stop it and to begin again. */
export type Listening<T, A = unknown> = Streamed<T, A> & { stop: () => void; again: () => void };

const idle = { events: [], fraction: 0, state: 'idle' as const };

/**
 * Listens to a long count, event by event. Another address starts anew; leaving stops it on the server too.
 *
 * @param address null for none
 * @param name of the events that carry what was asked for; null where its end is all that is waited for
 * @param stamp of the wardrobe that is asked about; another starts anew
 * @param aside name of the events that are sent besides, of which the last is kept
 */
export function useStream<P extends StreamPath, N extends EventName<P>, A extends EventName<P> = never>(
  address: StreamAddress<P> | null,
  name: N | null,
  stamp: string,
  aside?: A,
): Listening<EventData<P, N>, EventData<P, A>> {
  type State = Streamed<EventData<P, N>, EventData<P, A>>;
  const [round, setRound] = useState(0);
  const [streamed, setStreamed] = useState<State>(idle);
  const [leave, setLeave] = useState<(() => void) | null>(null);
  useEffect(() => {
    if (address === null) {
      setStreamed(idle);
      return;
    }
    const begin = () => setStreamed({ events: [], fraction: 0, state: 'running' });
    begin();
    const handlers = {
      progress: ({ fraction }: { fraction: number }) => setStreamed((before) => ({ ...before, fraction })),
      ...(aside && {
        [aside]: (data: EventData<P, A>) => setStreamed((before) => ({ ...before, aside: data })),
      }),
      ...(name && {
        [name]: (data: EventData<P, N>) =>
          setStreamed((before) => ({ ...before, events: [...before.events, data] })),
      }),
      complete: () => setStreamed((before) => ({ ...before, fraction: 1, state: 'done' })),
      refused: ({ why }: { why: string }) =>
        setStreamed((before) => ({ ...before, refused: why, state: 'failed' })),
    };
    const leave = listen(address, {
      on: handlers as Parameters<typeof listen<P>>[1]['on'],
      onAgain: begin,
      onFail: () => setStreamed((before) => ({ ...before, state: 'failed' })),
    });
    setLeave(() => leave);
    return leave;
  }, [address, name, stamp, aside, round]);
  const stop = () => {
    leave?.();
    setStreamed((before) => ({ ...before, state: 'stopped' }));
  };
  const again = () => setRound((before) => before + 1);
  return { ...streamed, stop, again };
}
