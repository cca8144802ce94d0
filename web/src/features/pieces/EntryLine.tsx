import { type FormEvent, useEffect, useRef, useState } from 'react';
import { isProblem, sentence } from '../../api/problem';
import { text, words } from '../../app/messages';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Drawing } from '../../ui/Drawing';
import { Mark } from '../../ui/Mark';
import { useEnter, useEntryReading, useVocabulary } from './queries';

/** What is typed and not yet saved; it survives a reload and a dead server. */
interface Draft {
  line: string;
  waiting: string[];
  also: Record<string, string>;
}

const retryMillis = 4000;
const empty: Draft = { line: '', waiting: [], also: {} };

function useDraft(clientId: string) {
  const key = `entry ${clientId}`;
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

/** One line of plain words becomes a piece: echoed as chips while it is typed, saved with Enter. */
export function EntryLine({ clientId }: { clientId: string }) {
  const [draft, change] = useDraft(clientId);
  const { line, waiting, also } = draft;
  const reading = useEntryReading(line);
  const enter = useEnter(clientId);
  const vocabulary = useVocabulary();
  const current = line.trim() === '' ? undefined : reading.data;
  const trying = useRef(false);
  const unknown = current?.chips.some((chip) => !chip.means) ?? false;

  /** Answers whether the server could be asked; what it refuses comes back to the line, unless the next is being typed. */
  async function send(sent: string, keepUnknown: boolean) {
    try {
      // not by callbacks of mutate: those of one line would be dropped when the next is sent
      await enter.mutateAsync({ line: sent, keepUnknown, also });
    } catch (error) {
      if (!isProblem(error)) {
        return false;
      }
      change((before) => ({ line: before.line || sent }));
    }
    return true;
  }

  function submit(event?: FormEvent, keepUnknown = false) {
    event?.preventDefault();
    if (line.trim() !== '') {
      // cleared at once, so that the next piece can be typed meanwhile; a refused line comes back unless it was
      change(() => ({ line: '' }));
      void send(line, keepUnknown).then((asked) => {
        if (!asked) {
          change((before) => ({ waiting: [...before.waiting, line] }));
        }
      });
    }
  }

  /** Sends what waits, one by one in order, as long as the server answers; each waits until it is saved. */
  async function tryAgain() {
    if (trying.current) {
      return;
    }
    trying.current = true;
    for (const sent of waiting) {
      if (!(await send(sent, true))) {
        break;
      }
      change((before) => ({ waiting: before.waiting.slice(1) }));
    }
    trying.current = false;
  }
  const latestTry = useRef(tryAgain);
  useEffect(() => {
    latestTry.current = tryAgain;
  });
  const waits = waiting.length > 0;
  useEffect(() => {
    const timer = waits ? setInterval(() => void latestTry.current(), retryMillis) : undefined;
    return () => clearInterval(timer);
  }, [waits]);

  const keep = (name: string, value: string) =>
    change((before) => ({
      also: Object.fromEntries(
        Object.entries({ ...before.also, [name]: value }).filter(([, word]) => word !== ''),
      ),
    }));
  const choices = (name: string, none: string) =>
    [
      ['', none] as const,
      ...(vocabulary.data?.words[name] ?? []).map((id) => [id, words(id)] as const),
    ] as const;

  return (
    <form onSubmit={submit} className="border-b border-line bg-sheet px-5 pt-4 pb-3">
      <div className="flex items-baseline gap-5 text-xs text-soft">
        <label htmlFor="entry-line">{text.pieces.entry}</label>
        <span className="ml-auto">{text.pieces.keptFromLast}</span>
        <Choice
          label={text.pieces.where}
          value={also.whereabouts ?? ''}
          options={choices('whereabouts', text.pieces.anywhere).filter(([id]) => id !== 'wardrobe')}
          onChange={(value) => keep('whereabouts', value)}
        />
        <Choice
          label={text.pieces.from}
          value={also.source ?? ''}
          options={choices('source', text.pieces.unsaid)}
          onChange={(value) => keep('source', value)}
        />
      </div>
      <input
        id="entry-line"
        value={line}
        onChange={(event) => {
          const typed = event.target.value;
          change(() => ({ line: typed }));
          enter.reset();
        }}
        onKeyDown={(event) => {
          if (event.key === 'Escape') {
            event.currentTarget.blur();
          }
          if (event.key === 'Enter' && event.ctrlKey) {
            submit(event, true);
          }
        }}
        placeholder={text.pieces.hint}
        autoComplete="off"
        maxLength={400}
        className="mt-1 w-full border-b-2 border-ink bg-transparent py-1.5 font-serif text-xl placeholder:text-soft/70"
      />
      <div className="mt-2 flex min-h-14 items-center gap-3" aria-live="polite">
        {current?.preview && (
          <Drawing src={current.preview.flat} name={current.preview.label} className="h-14 w-11" />
        )}
        <ul className="flex flex-wrap gap-1.5">
          {current?.chips.map((chip, i) =>
            chip.means ? (
              <li key={i} className="border border-line bg-paper px-1.5 py-0.5">
                <span className="text-xs text-soft">{words(chip.means)}</span> {chip.value}
                {chip.others.map((other) => (
                  <Button
                    key={other}
                    look="link"
                    className="ml-1.5 text-xs"
                    onClick={() =>
                      change((before) => ({
                        line: before.line.slice(0, chip.from) + other + before.line.slice(chip.to),
                      }))
                    }
                  >
                    {text.pieces.orElse} {words(other.split(':')[0]!)}?
                  </Button>
                ))}
              </li>
            ) : (
              <li key={i} className="flex items-center gap-1 border border-no bg-paper px-1.5 py-0.5">
                <Mark kind="no" />
                {chip.text}
                {chip.suggestion ? (
                  <Button
                    look="link"
                    onClick={() =>
                      change((before) => ({
                        line: before.line.replace(chip.text, chip.suggestion),
                      }))
                    }
                  >
                    {text.pieces.didYouMean} {chip.suggestion}?
                  </Button>
                ) : (
                  <span className="text-xs text-no">{text.pieces.notUnderstood}</span>
                )}
              </li>
            ),
          )}
        </ul>
        {current && !current.preview && <p className="text-soft">{text.pieces.needKind}</p>}
        {current?.preview && unknown && (
          <Button look="link" onClick={() => submit(undefined, true)}>
            {text.pieces.keepWords} (Ctrl Enter)
          </Button>
        )}
        {isProblem(enter.error) && (
          <p role="alert" className="text-no">
            {sentence(enter.error)}
          </p>
        )}
      </div>
      {waiting.length > 0 && (
        <div role="alert" className="mt-1 flex items-baseline gap-3 border-l-2 border-no pl-2 text-[13px]">
          <span>
            {waiting.length} × {text.pieces.waiting}: {waiting.join(' · ')}
          </span>
          <Button look="link" onClick={() => void tryAgain()}>
            {text.pieces.tryAgain}
          </Button>
        </div>
      )}
    </form>
  );
}
