import { RadioGroup } from 'radix-ui';
import { type ReactNode, useId } from 'react';

interface Props {
  label: string;
  value: string;
  options: readonly (readonly [string, ReactNode])[];
  className?: string;
  onChange: (value: string) => void;
}

/** One of a few, all of them shown. */
export function OneOf({ label, value, options, className, onChange }: Props) {
  const id = useId();
  return (
    <RadioGroup.Root aria-label={label} value={value} onValueChange={onChange} className={className}>
      {options.map(([key, words]) => (
        <span
          key={key}
          className="flex min-h-7 items-start gap-2 pointer-coarse:min-h-11 pointer-coarse:items-center"
        >
          <RadioGroup.Item
            id={`${id} ${key}`}
            value={key}
            className="flex h-[18px] w-[18px] mt-1 shrink-0 items-center pointer-coarse:mt-0 justify-center rounded-full border border-soft bg-sheet"
          >
            <RadioGroup.Indicator className="h-2.5 w-2.5 rounded-full bg-ink" />
          </RadioGroup.Item>
          <label htmlFor={`${id} ${key}`} className="py-0.5">
            {words}
          </label>
        </span>
      ))}
    </RadioGroup.Root>
  );
}
