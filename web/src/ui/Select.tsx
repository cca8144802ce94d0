import { Select as Radix } from 'radix-ui';

interface Props {
  id?: string;
  label?: string;
  value: string;
  placeholder?: string;
  /** The label shown while the list is closed, if a shorter one is needed. */
  shown?: string;
  options: readonly (readonly [string, string])[];
  /** Classes for the trigger, where it is not a form field. */
  className?: string;
  onChange: (value: string) => void;
}

const box =
  'flex min-h-8 w-full min-w-24 items-center justify-between gap-2 border border-line bg-paper px-2 py-1 text-left';

/** Radix has no empty value. */
const none = '·';

/** One of several. */
export function Select({ id, label, value, placeholder, shown, options, className = box, onChange }: Props) {
  const hasNone = options.some(([key]) => key === '');
  return (
    <Radix.Root
      value={value || (hasNone ? none : '')}
      onValueChange={(next) => onChange(next === none ? '' : next)}
    >
      <Radix.Trigger value={value} id={id} aria-label={label} className={className}>
        <span className="truncate">
          <Radix.Value placeholder={placeholder}>{shown}</Radix.Value>
        </span>
        <Radix.Icon className="shrink-0 text-soft">▾</Radix.Icon>
      </Radix.Trigger>
      <Radix.Portal>
        <Radix.Content
          position="popper"
          sideOffset={2}
          className="z-30 max-h-72 overflow-auto border border-line bg-sheet shadow-md"
        >
          <Radix.Viewport>
            {options.map(([key, words]) => (
              <Radix.Item
                key={key || none}
                value={key || none}
                data-value={key}
                className="min-h-8 cursor-default pointer-coarse:min-h-11 px-3 py-1.5 data-[highlighted]:bg-rail data-[state=checked]:font-semibold"
              >
                <Radix.ItemText>{words}</Radix.ItemText>
              </Radix.Item>
            ))}
          </Radix.Viewport>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
