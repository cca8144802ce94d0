import { useEffect, useState } from 'react';
import { listen } from './listen';

export interface Streamed<T, A = unknown> {
  events: T[];
  /** The last that was told besides. */
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
 * @param url null for none
 * @param name of the events that carry what was asked for
 * @param stamp of the wardrobe that is asked about; another starts anew
 * @param aside name of the events that are told besides, of which the last is kept
 */
export function useEventStream<T, A = unknown>(
  url: string | null,
  name: string,
  stamp: string,
  aside?: string,
): Listening<T, A> {
  const [round, setRound] = useState(0);
  const [streamed, setStreamed] = useState<Streamed<T, A>>(idle);
  const [leave, setLeave] = useState<(() => void) | null>(null);
  useEffect(() => {
    if (url === null) {
      setStreamed(idle);
      return;
    }
    const begin = () => setStreamed({ events: [], fraction: 0, state: 'running' });
    begin();
    const leave = listen(url, {
      on: {
        progress: (data) => {
          const { fraction } = JSON.parse(data) as { fraction: number };
          setStreamed((before) => ({ ...before, fraction }));
        },
        ...(aside && {
          [aside]: (data: string) => setStreamed((before) => ({ ...before, aside: JSON.parse(data) as A })),
        }),
        [name]: (data) =>
          setStreamed((before) => ({ ...before, events: [...before.events, JSON.parse(data) as T] })),
        complete: () => setStreamed((before) => ({ ...before, fraction: 1, state: 'done' })),
        refused: (data) => {
          const { why } = JSON.parse(data) as { why: string };
          setStreamed((before) => ({ ...before, refused: why, state: 'failed' }));
        },
      },
      last: ['complete', 'refused'],
      onAgain: begin,
      onFail: () => setStreamed((before) => ({ ...before, state: 'failed' })),
    });
    setLeave(() => leave);
    return leave;
  }, [url, name, stamp, aside, round]);
  const stop = () => {
    leave?.();
    setStreamed((before) => ({ ...before, state: 'stopped' }));
  };
  const again = () => setRound((before) => before + 1);
  return { ...streamed, stop, again };
}
