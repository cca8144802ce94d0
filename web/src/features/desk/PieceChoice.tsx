import { useState } from 'react';
import { figure } from '../../language/format';
import { common } from '../../language/text';
import { Drawing } from '../../ui/Drawing';
import { useDesk } from './context';
import { Tick } from '../../ui/Tick';

interface Props {
  legend: string;
  besides?: string[];
  chosen: string[];
  onChoose: (pieces: string[]) => void;
}

/** Pieces of the wardrobe, narrowed by a word, any of them ticked. */
export function PieceChoice({ legend, besides = [], chosen, onChoose }: Props) {
  const { byId } = useDesk();
  const [word, setWord] = useState('');
  const others = [...byId.values()].filter(
    ({ id, label }) => !besides.includes(id) && label.toLowerCase().includes(word.trim().toLowerCase()),
  );
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="mb-1">
        {legend} <span className="text-soft">{figure(chosen.length)}</span>
      </legend>
      <input
        aria-label={common.rulings.narrow}
        placeholder={common.rulings.narrow}
        value={word}
        onChange={(event) => setWord(event.target.value)}
        onKeyDown={(event) => event.key === 'Enter' && event.preventDefault()}
        className="border border-line bg-paper px-2 py-1.5"
      />
      <div className="h-48 overflow-y-auto border border-line">
        {others.map(({ id, label, flat }) => (
          <div key={id} className="px-2 hover:bg-paper">
            <Tick
              label={label}
              checked={chosen.includes(id)}
              onChange={(on) => onChoose(on ? [...chosen, id] : chosen.filter((other) => other !== id))}
            >
              <Drawing src={flat} name="" className="h-7 w-7" />
            </Tick>
          </div>
        ))}
      </div>
    </fieldset>
  );
}
