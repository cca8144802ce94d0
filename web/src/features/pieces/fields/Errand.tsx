import { text } from '../text';
import { Amount, type Money } from './Amount';
import { Typed } from './Typed';

export interface ErrandValue {
  what?: string;
  where?: string;
  by?: string;
  cost?: Money;
}

interface Props {
  /** Tells the fields of several errands on one page apart. */
  id: string;
  value: ErrandValue;
  onChange: (value: ErrandValue) => void;
}

/** What to do with a piece, who does it, by when and at what cost. */
export function Errand({ id, value, onChange }: Props) {
  const put = (part: keyof ErrandValue, next: unknown) =>
    onChange(
      Object.fromEntries(
        Object.entries({ ...value, [part]: next }).filter(([, v]) => v !== '' && v !== undefined),
      ),
    );
  return (
    <div className="grid grid-cols-[minmax(0,2fr)_minmax(0,1.4fr)_8rem_9rem] gap-3">
      {(['what', 'where'] as const).map((part) => (
        <Typed
          key={part}
          id={part === 'what' ? id : `${id}-${part}`}
          label={text.errand[part]}
          placeholder={text.errand[part]}
          type="text"
          maxLength={200}
          value={value[part] ?? ''}
          onDone={(typed) => put(part, typed.trim())}
        />
      ))}
      <Typed
        id={`${id}-by`}
        label={text.errand.by}
        type="date"
        value={value.by ?? ''}
        onDone={(typed) => put('by', typed)}
      />
      <Amount
        id={`${id}-cost`}
        label={text.errand.cost}
        value={value.cost}
        onChange={(cost) => put('cost', cost)}
      />
    </div>
  );
}
