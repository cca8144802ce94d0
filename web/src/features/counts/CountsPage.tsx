import { useState } from 'react';
import { createPortal } from 'react-dom';
import { useSearchParams } from 'react-router';
import type { PieceView } from '../../api/client';
import { common } from '../../language/text';
import { Choice } from '../../ui/Choice';
import { NoCount, countedSlots, useChosen, useDesk } from '../desk';
import { CellReading } from './CellReading';
import { ContextTable } from './ContextTable';
import { CrossingTable } from './CrossingTable';
import { Ranking } from './Ranking';
import { WhatIfPage } from './WhatIfPage';

/** The counted slots that some piece can fill, with their words. */
function slotsOf(pieces: PieceView[], counting: string): [string, string][] {
  const counted = countedSlots(counting);
  const filled = new Set<string>(pieces.flatMap((piece) => piece.roles ?? []));
  return Object.entries(common.counts.slots).filter(([slot]) => filled.has(slot) && counted.includes(slot));
}

const views = ['crossing', 'byPiece', 'contexts', 'whatIf'] as const;

/** What goes with what: the crossing table, the pieces by their counts, all contexts, or the wardrobe as it would be. */
export function CountsPage() {
  const { live, pieces, readingSlot } = useDesk();
  const [chosen, change] = useChosen();
  const slots = slotsOf(pieces, chosen.counting);
  const [search, setSearch] = useSearchParams();
  const view = views.find((one) => one === search.get('view')) ?? 'crossing';
  const [cell, setCell] = useState<{ top: string; bottom: string } | null>(null);
  function show(next: (typeof views)[number]) {
    const address = new URLSearchParams(search);
    address.set('view', next);
    setSearch(address, { replace: true });
  }
  return (
    <div className="p-5">
      <header className="mb-3 flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <h1 className="font-serif text-xl font-semibold">{common.counts.title}</h1>
        {view === 'crossing' && (
          <div className="flex items-baseline gap-4">
            {(['rows', 'columns'] as const).map((side) => (
              <Choice
                key={side}
                label={common.counts[side]}
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
          {views.map((key) => (
            <button
              key={key}
              type="button"
              aria-pressed={view === key}
              onClick={() => show(key)}
              className={`min-h-6 border-b-2 ${view === key ? 'border-ink' : 'border-transparent text-soft'}`}
            >
              {common.counts.views[key]}
            </button>
          ))}
        </div>
      </header>
      {(view === 'crossing' || view === 'byPiece') && !live.counts && <NoCount live={live} />}
      {(view === 'crossing' || view === 'byPiece') && !live.counts && live.state === 'counting' && (
        <div className="grid animate-pulse gap-2" aria-hidden="true">
          {Array.from({ length: 8 }, (_, i) => (
            <span key={i} className="h-9 bg-hair" />
          ))}
        </div>
      )}
      {view === 'crossing' && live.counts && (
        <CrossingTable counts={live.counts} cell={cell} onPick={setCell} />
      )}
      {view === 'byPiece' && live.counts && <Ranking counts={live.counts} />}
      {view === 'contexts' && <ContextTable />}
      {view === 'whatIf' && <WhatIfPage />}
      {readingSlot &&
        view === 'crossing' &&
        createPortal(
          cell ? (
            <CellReading key={`${cell.top} ${cell.bottom}`} {...cell} />
          ) : (
            <p className="text-soft">{common.counts.pick}</p>
          ),
          readingSlot,
        )}
    </div>
  );
}
