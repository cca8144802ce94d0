import { useEffect, useRef, useState } from 'react';
import { isProblem } from '../../api/problem';
import { say } from './messages';
import { useEnter } from './queries';

/** What is typed and not yet saved; it survives a reload, a closed window and a dead server. */
interface Draft {
  line: string;
  waiting: Waiting[];
  also: Record<string, string>;
}

/** A line not yet saved, with the key by which the server knows it when it comes twice. */
interface Waiting {
  key: string;
  line: string;
  also: Record<string, string>;
}

const retryMillis = 4000;
const empty: Draft = { line: '', waiting: [], also: {} };

function useKept(clientId: string) {
  const key = `lines ${clientId}`;
  const [draft, setDraft] = useState<Draft>(() => {
    try {
      return { ...empty, ...(JSON.parse(localStorage.getItem(key) ?? '{}') as Partial<Draft>) };
    } catch {
      return empty;
    }
  });
  useEffect(() => localStorage.setItem(key, JSON.stringify(draft)), [key, draft]);
  const change = (part: (before: Draft) => Partial<Draft>) =>
    setDraft((before) => ({ ...before, ...part(before) }));
  return [draft, change] as const;
}

/** Whether the server said no for good, and not that it cannot answer at the moment. */
function isRefused(error: unknown): boolean {
  return isProblem(error) && error.status < 500 && error.status !== 429 && error.status !== 401;
}

/** The line being typed, and those that wait until the server answers, sent one by one in the order they were typed. */
export function useDraft(clientId: string) {
  const [draft, change] = useKept(clientId);
  const enter = useEnter(clientId);
  const trying = useRef(false);
  // another whenever all that waited was sent: lines typed meanwhile are next
  const [round, setRound] = useState(0);
  const { waiting } = draft;

  /** Saves the first of the lines that wait, and the next, as long as the server answers. */
  async function sendAll() {
    if (trying.current) {
      return;
    }
    trying.current = true;
    let away = false;
    for (const sent of waiting) {
      try {
        await enter.mutateAsync({ ...sent, keepUnknown: true });
      } catch (error) {
        away = !isRefused(error);
        if (away) {
          break;
        }
        change((before) => ({ line: before.line || sent.line }));
      }
      change((before) => ({ waiting: before.waiting.filter(({ key }) => key !== sent.key) }));
    }
    trying.current = false;
    if (!away) {
      setRound((before) => before + 1);
    }
  }
  const latest = useRef(sendAll);
  useEffect(() => {
    latest.current = sendAll;
  });

  const waits = waiting.length > 0;
  useEffect(() => {
    // at once when a line comes to wait, then again and again while the server is away
    if (waits) {
      void latest.current();
    }
    const timer = waits ? setInterval(() => void latest.current(), retryMillis) : undefined;
    return () => clearInterval(timer);
  }, [waits, round]);

  useEffect(() => {
    const warn = (event: BeforeUnloadEvent) => {
      event.preventDefault();
      event.returnValue = say('leave');
    };
    if (waits) {
      window.addEventListener('beforeunload', warn);
    }
    return () => window.removeEventListener('beforeunload', warn);
  }, [waits]);

  return {
    ...draft,
    /** Why the last line was not saved; nothing when it was, or still waits. */
    refusal: isRefused(enter.error) ? enter.error : null,
    /** Whether the lines that wait have been tried in vain. */
    isAway: waits && enter.isError && !isRefused(enter.error),
    type: (line: string) => {
      change(() => ({ line }));
      enter.reset();
    },
    submit: () =>
      draft.line.trim() !== '' &&
      change((before) => ({
        line: '',
        waiting: [
          ...before.waiting,
          { key: crypto.randomUUID(), line: before.line.trim(), also: before.also },
        ],
      })),
    drop: (key: string) => change((before) => ({ waiting: before.waiting.filter((one) => one.key !== key) })),
    keep: (name: string, value: string) =>
      change((before) => ({
        also: Object.fromEntries(
          Object.entries({ ...before.also, [name]: value }).filter(([, word]) => word !== ''),
        ),
      })),
    sendAll,
  };
}
