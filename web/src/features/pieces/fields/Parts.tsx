import { words } from '../../../language/format';
import type { Vocabulary } from '../queries';
import { Typed, Words } from './Typed';

/** The parts of a construction or of the care. */
export function Parts({
  value,
  parts,
  vocabulary,
  onChange,
}: {
  value: Record<string, unknown>;
  parts: string[];
  vocabulary: Vocabulary;
  onChange: (value: unknown) => void;
}) {
  const set = (part: string, next: unknown) => {
    const whole: Record<string, unknown> = { ...value, [part]: next };
    onChange(Object.fromEntries(Object.entries(whole).filter(([, v]) => v !== null && v !== undefined)));
  };
  return (
    <div className="flex flex-wrap gap-4">
      {parts.map((part) => {
        const options = vocabulary.words[part === 'method' ? 'careMethod' : part];
        return (
          <label key={part} className="flex min-w-28 grow flex-col text-xs text-soft">
            {words(part)}
            {part === 'iron' ? (
              <Words
                label={words(part)}
                options={['yes', 'no']}
                value={value[part] === true ? 'yes' : value[part] === false ? 'no' : ''}
                onChange={(word) => set(part, word === 'yes')}
              />
            ) : options ? (
              <Words
                label={words(part)}
                options={options}
                value={String(value[part] ?? '')}
                onChange={(word) => set(part, word)}
              />
            ) : (
              <Typed
                id={part}
                label={words(part)}
                type="number"
                min={0}
                max={100}
                value={String(value[part] ?? '')}
                onDone={(typed) => typed !== '' && set(part, Math.round(Number(typed)))}
              />
            )}
          </label>
        );
      })}
    </div>
  );
}
