import { useEffect, useState } from 'react';
import { words } from '../../../language/format';
import { Select } from '../../../ui/Select';

const line = 'w-full border-b border-line bg-transparent py-1 focus:border-chalk';

interface TypedProps {
  id: string;
  type: string;
  value: string;
  onDone: (typed: string) => void;
  min?: number;
  max?: number;
  step?: number | 'any';
  maxLength?: number;
  label?: string;
  placeholder?: string;
  className?: string;
}

/** Something typed, handed on when it is left or confirmed with Enter. */
export function Typed({ value, onDone, label, className = line, ...rest }: TypedProps) {
  const [typed, setTyped] = useState(value);
  useEffect(() => setTyped(value), [value]);
  const done = () => typed !== value && onDone(typed);
  return (
    <input
      {...rest}
      aria-label={label}
      value={typed}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={done}
      onKeyDown={(event) => event.key === 'Enter' && done()}
      className={className}
    />
  );
}

interface WordsProps {
  id?: string;
  label?: string;
  options: string[];
  value: string;
  onChange: (word: string) => void;
}

/** One word of a list. */
export function Words({ id, label, options, value, onChange }: WordsProps) {
  return (
    <Select
      id={id}
      label={label}
      value={value}
      options={options.map((word) => [word, words(word)] as const)}
      placeholder="–"
      className={`${line} flex min-h-8 items-center justify-between gap-2 text-left`}
      onChange={onChange}
    />
  );
}
