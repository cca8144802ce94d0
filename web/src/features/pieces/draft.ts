import { useEffect, useRef, useState } from 'react';
import { isProblem, sentence } from '../../api/problem';
import { say } from './messages';
import { useEnter } from './queries';

/** Everything typed and not saved; it survives a reload, a closed window and a dead server. */
interface Draft {
  line: string;
  /** Why the line was put back, where the server refused it. */
  refusal: string | null;
  waiting: Waiting[];
  /** Lines the server refused while another was being typed. */
  refused: Refused[];
  also: Record<string, string>;
}

interface Refused {
  key: string;
  line: string;
  why: string;
}

/** A line not yet saved, with the key by which the server recognises it when it is sent twice. */
interface Waiting {
  key: string;
  line: string;
  also: Record<string, string>;
}

const retryMillis = 4000;
const empty: Draft = { line: '', refusal: null, waiting: [], refused: [], also: {} };

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

/** Whether the server refused for good, rather than being unable to answer at the moment. */
function isRefused(error: unknown): boolean {
  return isProblem(error) && error.status < 500 && error.status !== 429 && error.status !== 401;
}

/** The line being typed, and those waiting for the server, which are sent one by one in the order they were typed. */
export function useDraft(clientId: string) {
  const [draft, change] = useKept(clientId);
  const enter = useEnter(clientId);
  const trying = useRef(false);
  const [isAway, setAway] = useState(false);
  // changes whenever all waiting lines were sent: lines typed meanwhile are next
  const [round, setRound] = useState(0);
  const { waiting } = draft;

  /** Saves the waiting lines in order, as long as the server answers. */
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
        const why = sentence(error);
        change((before) =>
          before.line === ''
            ? { line: sent.line, refusal: why }
            : { refused: [...before.refused, { key: sent.key, line: sent.line, why }] },
        );
      }
      change((before) => ({ waiting: before.waiting.filter(({ key }) => key !== sent.key) }));
    }
    trying.current = false;
    setAway(away);
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
    /** Whether the waiting lines were tried in vain. */
    isAway: waits && isAway,
    type: (line: string) => change(() => ({ line, refusal: null })),
    submit: () =>
      draft.line.trim() !== '' &&
      change((before) => ({
        line: '',
        refusal: null,
        waiting: [
          ...before.waiting,
          { key: crypto.randomUUID(), line: before.line.trim(), also: before.also },
        ],
      })),
    drop: (key: string) =>
      change((before) => ({
        waiting: before.waiting.filter((one) => one.key !== key),
        refused: before.refused.filter((one) => one.key !== key),
      })),
    /** Puts a refused line back to be edited. */
    edit: ({ key, line }: Refused) =>
      change((before) => ({ line, refused: before.refused.filter((one) => one.key !== key) })),
    keep: (name: string, value: string) =>
      change((before) => ({
        also: Object.fromEntries(
          Object.entries({ ...before.also, [name]: value }).filter(([, word]) => word !== ''),
        ),
      })),
    sendAll,
  };
}
