import { Checkbox } from 'radix-ui';
import { useId } from 'react';

interface Props {
  label: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
}

/** Something that is so or not. */
export function Tick({ label, checked, onChange }: Props) {
  const id = useId();
  return (
    <span className="inline-flex min-h-7 items-center gap-2">
      <Checkbox.Root
        id={id}
        checked={checked}
        onCheckedChange={(next) => onChange(next === true)}
        className="flex h-[18px] w-[18px] shrink-0 items-center justify-center border border-soft bg-sheet data-[state=checked]:bg-ink"
      >
        <Checkbox.Indicator className="text-xs leading-none text-sheet">✓</Checkbox.Indicator>
      </Checkbox.Root>
      <label htmlFor={id}>{label}</label>
    </span>
  );
}
