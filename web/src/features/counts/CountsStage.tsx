import { useState } from 'react';
import { createPortal } from 'react-dom';
import { text } from '../../app/messages';
import { useDesk } from '../workspace/context';
import { CellReading } from './CellReading';
import { CrossingTable } from './CrossingTable';
import { Ranking } from './Ranking';

/** What goes with what: the crossing table, or the pieces ranked by their counts. */
export function CountsStage() {
  const { live, readingSlot } = useDesk();
  const [view, setView] = useState<'crossing' | 'byPiece'>('crossing');
  const [cell, setCell] = useState<{ top: string; bottom: string } | null>(null);
  return (
    <div className="p-5">
      <header className="mb-3 flex items-baseline gap-4">
        <h1 className="font-serif text-xl font-semibold">{text.counts.title}</h1>
        <p className="text-xs text-soft">{text.counts.sub}</p>
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
