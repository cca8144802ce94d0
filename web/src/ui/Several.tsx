import { ToggleGroup } from 'radix-ui';

interface Props {
  label: string;
  options: readonly string[];
  value: string[];
  className?: string;
  onChange: (value: string[]) => void;
}

/** Any of a few, all in sight. */
export function Several({ label, options, value, className = '', onChange }: Props) {
  return options.length === 0 ? null : (
    <div className={className}>
      <p className="text-xs text-soft">{label}</p>
      <ToggleGroup.Root
        type="multiple"
        aria-label={label}
        value={value}
        onValueChange={onChange}
        className="mt-1 flex flex-wrap gap-1.5"
      >
        {options.map((option) => (
          <ToggleGroup.Item
            key={option}
            value={option}
            className="min-h-8 border border-line bg-sheet px-2.5 py-1 data-[state=on]:border-ink data-[state=on]:bg-ink data-[state=on]:text-sheet"
          >
            {option}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </div>
  );
}
