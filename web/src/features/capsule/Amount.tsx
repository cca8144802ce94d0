import { Field, TextInput } from '../../ui/Field';

export const largestSize = 60;

/** A typed number of pieces; nothing where nothing is typed. */
export function number(typed: string, least: number): number | undefined {
  return typed === '' ? undefined : Math.max(least, Math.min(largestSize, Math.round(Number(typed))));
}

interface AmountProps {
  label: string;
  value?: number;
  least?: number;
  placeholder?: string;
  onChange: (value: number | undefined) => void;
}

/** How many, or nothing for any number. */
export function Amount({ label, value, least = 0, placeholder, onChange }: AmountProps) {
  return (
    <Field label={label}>
      {(id) => (
        <TextInput
          id={id}
          type="number"
          min={least}
          max={largestSize}
          placeholder={placeholder}
          className="max-w-20"
          value={value ?? ''}
          onChange={(event) => onChange(number(event.target.value, least))}
        />
      )}
    </Field>
  );
}
