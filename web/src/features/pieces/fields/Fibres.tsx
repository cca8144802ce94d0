import { useEffect, useState } from 'react';
import { words } from '../../../language/format';
import { common } from '../../../language/text';
import { Button } from '../../../ui/Button';
import { Typed, Words } from './Typed';
import { say } from '../messages';

export interface Fibre {
  fibre: string;
  percent: number;
}

/** Fibres are saved only when they add up to 100 %; until then the sum shows what is missing. */
export function Fibres({
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
            label={say('fibreAt', { n: i + 1 })}
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
            aria-label={say('takeAway', { what: words(fibre.fibre) })}
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
        {common.pieces.addFibre}
      </Button>
      {fibres.length > 0 && sum !== 100 && (
        <span role="alert" className="text-no">
          {sum} % – {common.pieces.fibresSum}
        </span>
      )}
    </div>
  );
}
