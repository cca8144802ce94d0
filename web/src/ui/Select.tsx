import { Select as Radix } from 'radix-ui';

interface Props {
  id?: string;
  label?: string;
  value: string;
  placeholder?: string;
  options: readonly (readonly [string, string])[];
  onChange: (value: string) => void;
}

/** Radix has no empty value. */
const none = '·';

/** One of several, in a form. */
export function Select({ id, label, value, placeholder, options, onChange }: Props) {
  return (
    <Radix.Root value={value || none} onValueChange={(next) => onChange(next === none ? '' : next)}>
      <Radix.Trigger
        id={id}
        aria-label={label}
        className="flex min-h-8 w-full min-w-24 items-center justify-between gap-2 border border-line bg-paper px-2 py-1 text-left"
      >
        <Radix.Value placeholder={placeholder} />
        <Radix.Icon className="text-soft">▾</Radix.Icon>
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
                className="min-h-8 cursor-default px-3 py-1.5 data-[highlighted]:bg-rail data-[state=checked]:font-semibold"
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
