import { common } from '../../../language/text';
import { Typed } from './Typed';

export interface Money {
  amount: number | string;
  currency: string;
}

interface Props {
  id: string;
  label?: string;
  value?: Money;
  onChange: (value: Money) => void;
}

/** An exact amount and its currency. */
export function Amount({ id, label, value, onChange }: Props) {
  const currency = value?.currency ?? 'EUR';
  return (
    <div className="flex gap-2">
      <Typed
        id={id}
        label={label}
        placeholder={label}
        type="text"
        value={value ? String(value.amount) : ''}
        onDone={(typed) => typed && onChange({ amount: Number(typed.replace(',', '.')), currency })}
      />
      <span className="max-w-16">
        <Typed
          id={`${id}-currency`}
          label={common.pieces.currency}
          type="text"
          maxLength={3}
          value={currency}
          onDone={(typed) => value && onChange({ ...value, currency: typed.toUpperCase() })}
        />
      </span>
    </div>
  );
}
