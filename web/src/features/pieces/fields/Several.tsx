import { words } from '../../../language/format';
import { common } from '../../../language/text';
import type { AttributeSpec } from '../queries';
import { Select } from '../../../ui/Select';
import { say } from '../messages';

/** Several words of a list. */
export function Several({
  spec,
  value,
  onChange,
}: {
  spec: AttributeSpec;
  value: string[];
  onChange: (value: unknown) => void;
}) {
  const rest = spec.words.filter((word) => !value.includes(word));
  return (
    <div className="flex flex-wrap items-center gap-1.5 border-b border-line py-1">
      {value.map((word) => (
        <button
          key={word}
          type="button"
          aria-label={say('takeAwayOf', { attribute: words(spec.name), what: words(word) })}
          onClick={() => onChange(value.filter((other) => other !== word))}
          className="min-h-6 border border-line bg-paper px-1.5 hover:border-no"
        >
          {words(word)} ×
        </button>
      ))}
      <Select
        id={spec.name}
        value=""
        placeholder={common.pieces.addOne}
        options={rest.map((word) => [word, words(word)] as const)}
        className="flex min-h-6 items-center gap-1 bg-transparent text-chalk pointer-coarse:min-h-11"
        onChange={(word) => onChange([...value, word])}
      />
    </div>
  );
}
