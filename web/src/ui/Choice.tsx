import { useId } from 'react';
import { Select } from './Select';

interface Props {
  label: string;
  /** What it is called where no label is shown. */
  name?: string;
  value: string;
  /** The label shown while the list is closed, if a shorter one is needed. */
  shown?: string;
  options: readonly (readonly [string, string])[];
  /** Whether long names are cut short, where there is little room. */
  narrow?: boolean;
  onChange: (value: string) => void;
}

/** A choice in a sentence: a quiet label and the chosen words underlined with dots. */
export function Choice({ label, name, value, shown, options, narrow = false, onChange }: Props) {
  const id = useId();
  return (
    <span className="flex shrink-0 items-baseline gap-1.5 whitespace-nowrap">
      {label && (
        <label htmlFor={id} className="text-xs text-soft">
          {label}
        </label>
      )}
      <Select
        id={id}
        label={name}
        value={value}
        shown={shown}
        options={options}
        className={`flex min-h-6 items-baseline gap-1 truncate border-b border-dotted border-ink bg-transparent font-medium pointer-coarse:min-h-11 pointer-coarse:items-center ${narrow ? 'max-w-36' : 'max-w-56'}`}
        onChange={onChange}
      />
    </span>
  );
}
