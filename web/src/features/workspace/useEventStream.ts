import { useEffect, useState } from 'react';

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
  const [source, setSource] = useState<EventSource | null>(null);
  useEffect(() => {
    if (url === null) {
      setStreamed(idle);
      return;
    }
    const events = new EventSource(url);
    setSource(events);
    setStreamed({ events: [], fraction: 0, state: 'running' });
    events.addEventListener('progress', (event: MessageEvent<string>) => {
      const { fraction } = JSON.parse(event.data) as { fraction: number };
      setStreamed((before) => ({ ...before, fraction }));
    });
    events.addEventListener(name, (event: MessageEvent<string>) => {
      const one = JSON.parse(event.data) as T;
      setStreamed((before) => ({ ...before, events: [...before.events, one] }));
    });
    if (aside) {
      events.addEventListener(aside, (event: MessageEvent<string>) => {
        setStreamed((before) => ({ ...before, aside: JSON.parse(event.data) as A }));
      });
    }
    events.addEventListener('complete', () => {
      events.close();
      setStreamed((before) => ({ ...before, fraction: 1, state: 'done' }));
    });
    events.addEventListener('refused', (event: MessageEvent<string>) => {
      events.close();
      const { why } = JSON.parse(event.data) as { why: string };
      setStreamed((before) => ({ ...before, refused: why, state: 'failed' }));
    });
    events.onerror = () => {
      events.close();
      setStreamed((before) => (before.state === 'running' ? { ...before, state: 'failed' } : before));
    };
    return () => events.close();
  }, [url, name, stamp, aside, round]);
  const stop = () => {
    source?.close();
    setStreamed((before) => ({ ...before, state: 'stopped' }));
  };
  const again = () => setRound((before) => before + 1);
  return { ...streamed, stop, again };
}
