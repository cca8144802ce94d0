import { useState, type FormEvent } from 'react';
import { sentence } from '../../api/problem';
import { text, words } from '../../app/messages';
import { Drawing } from '../../ui/Drawing';
import { Mark } from '../../ui/Mark';
import { useEnter, useEntryReading } from './queries';

/** One line of plain words becomes a piece: echoed as chips while it is typed, saved with Enter. */
export function EntryLine({ clientId }: { clientId: string }) {
  const [line, setLine] = useState('');
  const reading = useEntryReading(line);
  const enter = useEnter(clientId);
  const current = line.trim() === '' ? undefined : reading.data;

  function submit(event: FormEvent) {
    event.preventDefault();
    if (line.trim() !== '') {
      // cleared at once, so that the next piece can be typed meanwhile; a refused line comes back unless it was
      const sent = line;
      setLine('');
      enter.mutate(sent, { onError: () => setLine((typed) => typed || sent) });
    }
  }

  return (
    <form onSubmit={submit} className="sticky top-0 z-[1] border-b border-line bg-sheet px-5 pt-4 pb-3">
      <label htmlFor="entry-line" className="text-xs text-soft">
        {text.pieces.entry}
      </label>
      <input
        id="entry-line"
        value={line}
        onChange={(event) => {
          setLine(event.target.value);
          enter.reset();
        }}
        onKeyDown={(event) => event.key === 'Escape' && event.currentTarget.blur()}
        placeholder={text.pieces.hint}
        autoComplete="off"
        maxLength={400}
        className="mt-1 w-full border-b-2 border-ink bg-transparent py-1.5 font-serif text-xl placeholder:text-soft/70"
      />
      <div className="mt-2 flex min-h-14 items-center gap-3" aria-live="polite">
        {current?.preview && (
          <Drawing
            svg={current.preview.flat ?? ''}
            name={current.preview.label ?? ''}
            className="h-14 w-11"
          />
        )}
        <ul className="flex flex-wrap gap-1.5">
          {current?.chips?.map((chip, i) =>
            chip.means ? (
              <li key={i} className="border border-line bg-paper px-1.5 py-0.5">
                <span className="text-xs text-soft">{words(chip.means)}</span> {chip.value}
              </li>
            ) : (
              <li key={i} className="flex items-center gap-1 border border-no bg-paper px-1.5 py-0.5">
                <Mark kind="no" />
                {chip.text}
                <span className="text-xs text-no">
                  {chip.suggestion
                    ? `${text.pieces.didYouMean} ${chip.suggestion}?`
                    : text.pieces.notUnderstood}
                </span>
              </li>
            ),
          )}
        </ul>
        {current && !current.preview && <p className="text-soft">{text.pieces.needKind}</p>}
        {enter.error && (
          <p role="alert" className="text-no">
            {sentence(enter.error)}
          </p>
        )}
      </div>
    </form>
  );
}
