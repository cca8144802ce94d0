import { useState } from 'react';
import { createPortal } from 'react-dom';
import type { PieceView } from '../../api/client';
import { text } from '../../app/messages';
import { Choice } from '../../ui/Choice';
import { useChosen, useDesk } from '../workspace/context';
import { CellReading } from './CellReading';
import { CrossingTable } from './CrossingTable';
import { Ranking } from './Ranking';

const clothes = ['top', 'bottom', 'onepiece', 'drape', 'underskirt', 'mid', 'jacket'];

/** The counted slots that some piece can fill, with their words. */
function slotsOf(pieces: PieceView[], counting: string): [string, string][] {
  const filled = new Set(pieces.flatMap((piece) => piece.roles ?? []));
  return Object.entries(text.counts.slots).filter(
    ([slot]) =>
      filled.has(slot) &&
      (counting === 'looks' || clothes.includes(slot) || (slot === 'shoes' && counting === 'outfits')),
  );
}

/** What goes with what: the crossing table, or the pieces ranked by their counts. */
export function CountsStage() {
  const { live, pieces, readingSlot } = useDesk();
  const [chosen, change] = useChosen();
  const slots = slotsOf(pieces, chosen.counting);
  const [view, setView] = useState<'crossing' | 'byPiece'>('crossing');
  const [cell, setCell] = useState<{ top: string; bottom: string } | null>(null);
  return (
    <div className="p-5">
      <header className="mb-3 flex items-baseline gap-4">
        <h1 className="font-serif text-xl font-semibold">{text.counts.title}</h1>
        {view === 'crossing' && (
          <div className="flex items-baseline gap-4">
            {(['rows', 'columns'] as const).map((side) => (
              <Choice
                key={side}
                label={text.counts[side]}
                value={chosen[side]}
                options={slots.filter(([slot]) => slot !== chosen[side === 'rows' ? 'columns' : 'rows'])}
                onChange={(slot) => {
                  setCell(null);
                  change({ [side]: slot });
                }}
              />
            ))}
          </div>
        )}
        <div role="group" aria-label="View" className="ml-auto flex gap-4">
          {(['crossing', 'byPiece'] as const).map((key) => (
            <button
              key={key}
              type="button"
              aria-pressed={view === key}
              onClick={() => setView(key)}
              className={`min-h-6 border-b-2 ${view === key ? 'border-ink' : 'border-transparent text-soft'}`}
            >
              {text.counts[key]}
            </button>
          ))}
        </div>
      </header>
      {live.counts &&
        (view === 'crossing' ? (
          <CrossingTable counts={live.counts} cell={cell} onPick={setCell} />
        ) : (
          <Ranking counts={live.counts} />
        ))}
      {readingSlot &&
        view === 'crossing' &&
        createPortal(
          cell ? (
            <CellReading key={`${cell.top} ${cell.bottom}`} {...cell} />
          ) : (
            <p className="text-soft">{text.counts.pick}</p>
          ),
          readingSlot,
        )}
    </div>
  );
}
