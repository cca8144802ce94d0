import { Checkbox } from 'radix-ui';
import { type MouseEvent, type ReactNode, useId } from 'react';

interface Props {
  /** What it is, also where it is not shown. */
  label: string;
  checked: boolean;
  disabled?: boolean;
  /** Whether only the box is shown, with its label for screen readers. */
  bare?: boolean;
  tabIndex?: number;
  /** Shown beside the label. */
  children?: ReactNode;
  onClick?: (event: MouseEvent) => void;
  onChange?: (checked: boolean) => void;
}

/** Something that is so or not. */
export function Tick({ label, checked, bare = false, children, onChange, ...box }: Props) {
  const id = useId();
  return (
    <span
      className={
        bare
          ? 'relative inline-flex h-7 w-7 items-center justify-center pointer-coarse:h-11 pointer-coarse:w-11'
          : 'inline-flex min-h-7 items-center gap-2 pointer-coarse:min-h-11'
      }
    >
      <Checkbox.Root
        {...box}
        id={id}
        aria-label={bare ? label : undefined}
        checked={checked}
        onCheckedChange={(next) => onChange?.(next === true)}
        className={`flex h-[18px] w-[18px] shrink-0 items-center justify-center border border-soft bg-sheet data-[disabled]:opacity-50 data-[state=checked]:bg-ink ${bare ? 'after:absolute after:inset-0' : ''}`}
      >
        <Checkbox.Indicator className="text-xs leading-none text-sheet">✓</Checkbox.Indicator>
      </Checkbox.Root>
      {children}
      {!bare && <label htmlFor={id}>{label}</label>}
    </span>
  );
}
