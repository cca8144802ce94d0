/** How long to wait before each further try, in milliseconds. */
const WAITS = [500, 1500, 4000];

type Handler = (data: string) => void;

interface Listener {
  /** What is told, by the name of the event. */
  on: Record<string, Handler>;
  /** Names of events after which nothing more is told. */
  last: string[];
  /** Told when it begins anew, because the connection or the server that answered was lost. */
  onAgain: () => void;
  /** Told when further tries have failed too. */
  onFail: () => void;
}

/**
 * Listens to events of the server until the last one. A lost connection is made again, and whoever answers then begins anew.
 *
 * @returns leaves off
 */
export function listen(url: string, { on, last, onAgain, onFail }: Listener): () => void {
  let source: EventSource | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let tries = 0;
  let isOver = false;
  const close = () => {
    clearTimeout(timer);
    source?.close();
  };
  const leave = () => {
    isOver = true;
    close();
  };
  const open = () => {
    source = new EventSource(url);
    for (const name of new Set([...Object.keys(on), ...last])) {
      source.addEventListener(name, (event: MessageEvent<string>) => {
        tries = 0;
        if (last.includes(name)) {
          leave();
        }
        on[name]?.(event.data);
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
