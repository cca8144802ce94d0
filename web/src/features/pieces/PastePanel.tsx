import { useState } from 'react';
import { sentence } from '../../api/problem';
import { text } from './text';
import { Button } from '../../ui/Button';
import { Drawing } from '../../ui/Drawing';
import { Mark } from '../../ui/Mark';
import { say } from './messages';
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
  const read = lines.length > 0 && reading.data?.length === lines.length ? reading.data : [];
  const good = lines.filter((_, i) => read[i]?.preview);
  const bad = lines.filter((_, i) => read[i] && !read[i].preview);
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
                    {[
                      ...one.chips
                        .filter((chip) => !chip.means)
                        .map((chip) => `“${chip.text}” ${text.paste.note}`),
                      ...(one.preview.unclear.some(({ word }) => word === 'colour')
                        ? [say('colourOpen')]
                        : []),
                    ].join(', ')}
                  </span>
                </>
              ) : (
                <>
                  <Mark kind="no" />
                  <span>
                    {lines[i]} <span className="text-xs text-no">{say('needsKind')}</span>
                    {one.chips
                      .flatMap((chip) => chip.readings)
                      .map((reading) => (
                        <span key={reading} className="ml-1 text-xs text-soft">
                          {say('perhaps', { reading })}
                        </span>
                      ))}
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
        {bad.length > 0 && <p className="mb-2 text-soft">{say('heldBack', { n: bad.length })}</p>}
        <Button
          look="ink"
          disabled={good.length === 0 || save.isPending}
          onClick={() =>
            save.mutate(good, {
              // those that were saved go, the others stay to be mended
              onSuccess: () => (bad.length === 0 ? done() : setTyped(bad.join('\n'))),
            })
          }
        >
          {say('saveLines', { n: good.length })}
        </Button>
      </div>
    </div>
  );
}
