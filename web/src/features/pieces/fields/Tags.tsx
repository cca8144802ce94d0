import { text } from '../text';
import { Typed } from './Typed';
import { say } from '../messages';

/** Words of the stylist's own, to find and change pieces together by. */
export function Tags({
  id,
  value,
  onChange,
}: {
  id: string;
  value: string[];
  onChange: (value: string[]) => void;
}) {
  return (
    <div className="flex flex-wrap items-center gap-1.5 border-b border-line py-1">
      {value.map((tag) => (
        <button
          key={tag}
          type="button"
          aria-label={say('takeAwayOf', { attribute: text.tags.title, what: tag })}
          onClick={() => onChange(value.filter((other) => other !== tag))}
          className="min-h-6 border border-line bg-paper px-1.5 hover:border-no"
        >
          {tag} ×
        </button>
      ))}
      <span className="w-40">
        <Typed
          key={value.length}
          id={id}
          label={text.tags.add}
          placeholder={text.tags.add}
          type="text"
          maxLength={40}
          value=""
          onDone={(typed) => {
            const tag = typed.replaceAll(',', ' ').trim();
            if (tag && !value.includes(tag)) {
              onChange([...value, tag]);
            }
          }}
        />
      </span>
    </div>
  );
}
