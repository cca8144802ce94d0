import { useState } from 'react';
import { sentence } from '../../api/problem';
import { text } from '../../app/messages';
import { Button } from '../../ui/Button';
import { Drawing } from '../../ui/Drawing';
import { Mark } from '../../ui/Mark';
import { useEnterAll, useLinesReading } from './queries';

/** Many lines at once, each read as the entry line reads it, before anything is saved. */
export function PastePanel({ clientId, done }: { clientId: string; done: () => void }) {
  const [typed, setTyped] = useState('');
  const lines = typed
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');
  const reading = useLinesReading(lines);
  const save = useEnterAll(clientId);
  const read = lines.length > 0 ? (reading.data ?? []) : [];
  const good = read.length > 0 && read.every((one) => one.preview);
  return (
    <div className="grid h-full grid-cols-2 gap-5 overflow-auto p-5">
      <label className="flex flex-col gap-1 text-xs text-soft">
        {text.paste.what}
        <textarea
          aria-label={text.paste.lines}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          className="min-h-60 grow border border-line bg-paper p-2 font-serif text-base text-ink"
        />
      </label>
      <div>
        <ol className="mb-3">
          {read.slice(0, lines.length).map((one, i) => (
            <li key={i} className="flex min-h-9 items-center gap-2 border-b border-hair">
              {one.preview ? (
                <>
                  <Drawing src={one.preview.flat} name="" className="h-8 w-7" />
                  <span>{one.preview.label}</span>
                  <span className="text-xs text-soft">
                    {one.chips
                      .filter((chip) => !chip.means)
                      .map((chip) => `“${chip.text}” ${text.paste.note}`)
                      .join(', ')}
                  </span>
                </>
              ) : (
                <>
                  <Mark kind="no" />
                  <span>
                    {lines[i]} <span className="text-xs text-no">{text.paste.refused}</span>
                  </span>
                </>
              )}
            </li>
          ))}
        </ol>
        {save.error && (
          <p role="alert" className="text-no">
            {sentence(save.error)}
          </p>
        )}
        <Button
          look="ink"
          disabled={!good || save.isPending}
          onClick={() => save.mutate(lines, { onSuccess: done })}
        >
          {text.paste.save} {lines.length || ''} {text.clients.pieces}
        </Button>
      </div>
    </div>
  );
}
