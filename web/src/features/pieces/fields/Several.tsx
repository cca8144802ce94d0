import { text, words } from '../../../app/messages';
import type { AttributeSpec } from '../queries';

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
          aria-label={`${words(spec.name)}: ${text.pieces.without} ${words(word)}`}
          onClick={() => onChange(value.filter((other) => other !== word))}
          className="min-h-6 border border-line bg-paper px-1.5 hover:border-no"
        >
          {words(word)} ×
        </button>
      ))}
      <select
        id={spec.name}
        value=""
        onChange={(event) => onChange([...value, event.target.value])}
        className="min-h-6 bg-transparent text-chalk"
      >
        <option value="">{text.pieces.addOne}</option>
        {rest.map((word) => (
          <option key={word} value={word}>
            {words(word)}
          </option>
        ))}
      </select>
    </div>
  );
}
