import { useEffect, useState } from 'react';
import { text, words } from '../../app/messages';
import { Button } from '../../ui/Button';
import type { AttributeSpec, Vocabulary } from './queries';

interface Props {
  spec: AttributeSpec;
  vocabulary: Vocabulary;
  value: unknown;
  isSet: boolean;
  onChange: (value: unknown) => void;
  onReset: () => void;
}

const line = 'w-full border-b border-line bg-transparent py-1 focus:border-chalk';

/** One attribute: its value, whether it was derived or set, and the way back to derived. */
export function AttributeField(props: Props) {
  const { spec, isSet, onReset } = props;
  const wide = ['words', 'construction', 'care', 'fibres', 'colours'].includes(spec.form);
  return (
    <div className={wide || spec.name === 'notes' ? 'col-span-2' : ''}>
      <div className="flex min-h-6 items-center justify-between text-xs text-soft">
        <label htmlFor={spec.name}>{words(spec.name)}</label>
        {isSet ? (
          <Button look="link" aria-label={`${words(spec.name)}: ${text.pieces.reset}`} onClick={onReset}>
            {text.pieces.set} ×
          </Button>
        ) : (
          <span>{props.value === undefined ? '' : text.pieces.derived}</span>
        )}
      </div>
      <Control {...props} />
    </div>
  );
}

function Control({ spec, vocabulary, value, onChange }: Props) {
  switch (spec.form) {
    case 'word':
      return (
        <Words
          id={spec.name}
          options={spec.words}
          value={String(value ?? '')}
          onChange={(word) => onChange(word)}
        />
      );
    case 'words':
      return <Several spec={spec} value={(value as string[]) ?? []} onChange={onChange} />;
    case 'integer':
    case 'decimal':
      return (
        <Typed
          id={spec.name}
          type="number"
          min={spec.least}
          max={spec.most}
          step={spec.form === 'integer' ? 1 : 'any'}
          value={value === undefined ? '' : String(value)}
          onDone={(typed) => typed !== '' && onChange(Number(typed))}
        />
      );
    case 'date':
      return (
        <Typed
          id={spec.name}
          type="date"
          value={String(value ?? '')}
          onDone={(typed) => typed && onChange(typed)}
        />
      );
    case 'money':
      return <Cost value={value as Money | undefined} onChange={onChange} />;
    case 'colours':
      return <Colours value={(value as Share[]) ?? []} onChange={onChange} />;
    case 'fibres':
      return <Fibres value={(value as Fibre[]) ?? []} all={spec.words} onChange={onChange} />;
    case 'construction':
      return (
        <Parts
          value={(value as Record<string, unknown>) ?? {}}
          parts={['structure', 'lapel', 'breasted', 'pockets']}
          vocabulary={vocabulary}
          onChange={onChange}
        />
      );
    case 'care':
      return (
        <Parts
          value={(value as Record<string, unknown>) ?? {}}
          parts={['method', 'wearsBetween', 'daysOut', 'iron']}
          vocabulary={vocabulary}
          onChange={onChange}
        />
      );
    default:
      return (
        <Typed
          id={spec.name}
          type="text"
          maxLength={spec.most}
          value={String(value ?? '')}
          onDone={(typed) => onChange(typed)}
        />
      );
  }
}

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
  className?: string;
}

/** Something typed, handed on when it is left or confirmed with Enter. */
function Typed({ value, onDone, label, className = line, ...rest }: TypedProps) {
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

function Words({ id, label, options, value, onChange }: WordsProps) {
  return (
    <select
      id={id}
      aria-label={label}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      className={line}
    >
      {value === '' && <option value="">–</option>}
      {options.map((word) => (
        <option key={word} value={word}>
          {words(word)}
        </option>
      ))}
    </select>
  );
}

function Several({
  spec,
  value,
  onChange,
}: {
  spec: AttributeSpec;
  value: string[];
  onChange: (value: unknown) => void;
}) {
  const rest = spec.words.filter((word) => !value.includes(word));
  return (
    <div className="flex flex-wrap items-center gap-1.5 border-b border-line py-1">
      {value.map((word) => (
        <button
          key={word}
          type="button"
          aria-label={`${words(spec.name)}: ${text.pieces.without} ${words(word)}`}
          onClick={() => onChange(value.filter((other) => other !== word))}
          className="min-h-6 border border-line bg-paper px-1.5 hover:border-no"
        >
          {words(word)} ×
        </button>
      ))}
      <select
        id={spec.name}
        value=""
        onChange={(event) => onChange([...value, event.target.value])}
        className="min-h-6 bg-transparent text-chalk"
      >
        <option value="">{text.pieces.addOne}</option>
        {rest.map((word) => (
          <option key={word} value={word}>
            {words(word)}
          </option>
        ))}
      </select>
    </div>
  );
}

interface Money {
  amount: number | string;
  currency: string;
}

function Cost({ value, onChange }: { value?: Money; onChange: (value: unknown) => void }) {
  const currency = value?.currency ?? 'EUR';
  return (
    <div className="flex gap-2">
      <Typed
        id="cost"
        type="text"
        value={value ? String(value.amount) : ''}
        onDone={(typed) => typed && onChange({ amount: Number(typed.replace(',', '.')), currency })}
      />
      <Typed
        id="currency"
        label={text.pieces.currency}
        type="text"
        maxLength={3}
        className={`${line} max-w-16`}
        value={currency}
        onDone={(typed) => value && onChange({ ...value, currency: typed.toUpperCase() })}
      />
    </div>
  );
}

type Share = string | { hex: string; share: number };

function hexOf(colour: Share): string {
  return typeof colour === 'string' ? colour : colour.hex;
}

function Colours({ value, onChange }: { value: Share[]; onChange: (value: unknown) => void }) {
  const hexes = value.map(hexOf);
  return (
    <div className="flex flex-wrap items-center gap-3 border-b border-line py-1">
      {hexes.map((hex, i) => (
        <span key={i} className="flex items-center gap-1">
          <input
            id={i === 0 ? 'colours' : undefined}
            aria-label={`${text.pieces.colour} ${i + 1}`}
            type="color"
            value={hex}
            onChange={(event) => onChange(hexes.map((h, j) => (j === i ? event.target.value : h)))}
            className="h-7 w-9 border border-line"
          />
          <Typed
            id={`hex-${i}`}
            label={`${text.pieces.colour} ${i + 1} hex`}
            type="text"
            maxLength={7}
            className="w-20 bg-transparent"
            value={hex}
            onDone={(typed) => onChange(hexes.map((h, j) => (j === i ? typed.trim() : h)))}
          />
          {hexes.length > 1 && (
            <Button
              look="link"
              aria-label={`${text.pieces.without} ${text.pieces.colour} ${i + 1}`}
              onClick={() => onChange(hexes.filter((_, j) => j !== i))}
            >
              ×
            </Button>
          )}
        </span>
      ))}
      {hexes.length < 5 && (
        <Button look="link" onClick={() => onChange([...hexes, '#888888'])}>
          {text.pieces.addColour}
        </Button>
      )}
    </div>
  );
}

interface Fibre {
  fibre: string;
  percent: number;
}

/** Fibres are handed on only when they add up; until then the sum says what is missing. */
function Fibres({
  value,
  all,
  onChange,
}: {
  value: Fibre[];
  all: string[];
  onChange: (value: unknown) => void;
}) {
  const [fibres, setFibres] = useState(value);
  const key = JSON.stringify(value);
  useEffect(() => setFibres(JSON.parse(key) as Fibre[]), [key]);
  const sum = fibres.reduce((total, fibre) => total + fibre.percent, 0);
  const edit = (next: Fibre[]) => {
    setFibres(next);
    if (next.reduce((total, fibre) => total + fibre.percent, 0) === 100) {
      onChange(next);
    }
  };
  return (
    <div className="flex flex-wrap items-center gap-3 border-b border-line py-1">
      {fibres.map((fibre, i) => (
        <span key={i} className="flex items-center gap-1">
          <Words
            id={i === 0 ? 'fibres' : undefined}
            label={`${text.pieces.fibre} ${i + 1}`}
            options={all}
            value={fibre.fibre}
            onChange={(word) => edit(fibres.map((f, j) => (j === i ? { ...f, fibre: word } : f)))}
          />
          <Typed
            id={`percent-${i}`}
            label={`${words(fibre.fibre)} %`}
            type="number"
            min={1}
            max={100}
            className="w-14 bg-transparent text-right"
            value={String(fibre.percent)}
            onDone={(typed) =>
              edit(fibres.map((f, j) => (j === i ? { ...f, percent: Math.round(Number(typed)) } : f)))
            }
          />
          %
          <Button
            look="link"
            aria-label={`${text.pieces.without} ${words(fibre.fibre)}`}
            onClick={() => edit(fibres.filter((_, j) => j !== i))}
          >
            ×
          </Button>
        </span>
      ))}
      <Button
        look="link"
        onClick={() => edit([...fibres, { fibre: 'cotton', percent: Math.max(1, 100 - sum) }])}
      >
        {text.pieces.addFibre}
      </Button>
      {fibres.length > 0 && sum !== 100 && (
        <span role="alert" className="text-no">
          {sum} % – {text.pieces.fibresSum}
        </span>
      )}
    </div>
  );
}

/** The parts of a construction or of the care. */
function Parts({
  value,
  parts,
  vocabulary,
  onChange,
}: {
  value: Record<string, unknown>;
  parts: string[];
  vocabulary: Vocabulary;
  onChange: (value: unknown) => void;
}) {
  const set = (part: string, next: unknown) => {
    const whole: Record<string, unknown> = { ...value, [part]: next };
    onChange(Object.fromEntries(Object.entries(whole).filter(([, v]) => v !== null && v !== undefined)));
  };
  return (
    <div className="flex flex-wrap gap-4">
      {parts.map((part) => {
        const options = vocabulary.words[part === 'method' ? 'careMethod' : part];
        return (
          <label key={part} className="flex min-w-28 grow flex-col text-xs text-soft">
            {words(part)}
            {part === 'iron' ? (
              <Words
                label={words(part)}
                options={['yes', 'no']}
                value={value[part] === true ? 'yes' : value[part] === false ? 'no' : ''}
                onChange={(word) => set(part, word === 'yes')}
              />
            ) : options ? (
              <Words
                label={words(part)}
                options={options}
                value={String(value[part] ?? '')}
                onChange={(word) => set(part, word)}
              />
            ) : (
              <Typed
                id={part}
                label={words(part)}
                type="number"
                min={0}
                max={100}
                value={String(value[part] ?? '')}
                onDone={(typed) => typed !== '' && set(part, Math.round(Number(typed)))}
              />
            )}
          </label>
        );
      })}
    </div>
  );
}
