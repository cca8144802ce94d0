import type { EventData, EventName, StreamAddress, StreamPath } from './streams';

/** How long to wait before each further try, in milliseconds. */
const WAITS = [500, 1500, 4000];

/** Handlers by event name. */
type Handlers<P extends StreamPath> = { [N in EventName<P>]?: (data: EventData<P, N>) => void } & {
  complete?: (
    data: 'complete' extends EventName<P> ? EventData<P, 'complete' & EventName<P>> : unknown,
  ) => void;
};

interface Listener<P extends StreamPath> {
  on: Handlers<P>;
  /** Called when the stream restarts because the connection or the server was lost. */
  onAgain: () => void;
  /** Called when further tries have failed too. */
  onFail: () => void;
}

/** After these events nothing more comes. */
const last = ['complete', 'refused'];

/**
 * Listens to events of the server until the last one. A lost connection is made again, and whoever answers then begins anew.
 *
 * @returns stops listening
 */
export function listen<P extends StreamPath>(
  address: StreamAddress<P>,
  { on, onAgain, onFail }: Listener<P>,
): () => void {
  let source: EventSource | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let tries = 0;
  let isOver = false;
  const handlers = on as Record<string, ((data: unknown) => void) | undefined>;
  const close = () => {
    clearTimeout(timer);
    source?.close();
  };
  const leave = () => {
    isOver = true;
    close();
  };
  const open = () => {
    source = new EventSource(address);
    for (const name of new Set([...Object.keys(on), ...last])) {
      source.addEventListener(name, (event: MessageEvent<string>) => {
        tries = 0;
        if (last.includes(name)) {
          leave();
        }
        handlers[name]?.(JSON.parse(event.data));
      });
    }
    source.onerror = () => {
      close();
      if (isOver) {
        return;
      }
      const wait = WAITS[tries++];
      if (wait === undefined) {
        onFail();
        return;
      }
      timer = setTimeout(() => {
        onAgain();
        open();
      }, wait);
    };
  };
  open();
  return leave;
}
