import { useMemo, useState, type KeyboardEvent } from 'react';
import { useLocation, useNavigate, useParams } from 'react-router';
import type { PieceView } from '../../api/client';
import { familyNames, figure, text } from '../../app/messages';
import { Drawing } from '../../ui/Drawing';
import type { LiveCounts } from './context';
import { matches } from './matches';

/** Every piece as a thin strip hanging edge-on, grouped by family, with its count beneath. */
export function Rail({ pieces, live, find }: { pieces: PieceView[]; live: LiveCounts; find: string }) {
  const { clientId } = useParams();
  const navigate = useNavigate();
  const { search } = useLocation();
  const [held, setHeld] = useState<string | null>(null);
  const families = useMemo(
    () =>
      Object.keys(familyNames)
        .map((family) => [family, pieces.filter((piece) => piece.family === family)] as const)
        .filter(([, members]) => members.length > 0),
    [pieces],
  );
  const most = Math.max(1, ...Object.values(live.counts?.perPiece ?? {}));
  const shown = pieces.find((piece) => piece.id === held);

  function move(event: KeyboardEvent<HTMLElement>) {
    const step = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    if (!step) {
      return;
    }
    event.preventDefault();
    const strips = [...event.currentTarget.querySelectorAll<HTMLButtonElement>('button[data-strip]')];
    const at = strips.indexOf(document.activeElement as HTMLButtonElement);
    strips[Math.min(strips.length - 1, Math.max(0, at + step))]?.focus();
  }

  return (
    <section
      aria-label="Rail"
      onKeyDown={move}
      className="relative col-span-3 flex gap-5 overflow-x-auto overflow-y-hidden border-t border-line bg-rail px-5 pt-3"
    >
      <span aria-hidden="true" className="absolute inset-x-0 top-3 border-t-2 border-soft" />
      {families.map(([family, members], f) => (
        <div key={family} className="flex flex-col">
          <div className="flex">
            {members.map((piece, i) => {
              const n = live.counts?.perPiece[piece.id];
              const dim = find !== '' && !matches(piece, find);
              return (
                <button
                  key={piece.id}
                  type="button"
                  data-strip
                  tabIndex={f === 0 && i === 0 ? 0 : -1}
                  aria-label={`${piece.label}, ${n === undefined ? text.counts.pending : `${figure(n)} outfits`}`}
                  onMouseEnter={() => setHeld(piece.id)}
                  onMouseLeave={() => setHeld(null)}
                  onFocus={() => setHeld(piece.id)}
                  onBlur={() => setHeld(null)}
                  onClick={() => navigate(`/clients/${clientId}/pieces/${piece.id}${search}`)}
                  className={`flex w-[15px] flex-col items-center ${dim ? 'opacity-25' : ''}`}
                >
                  <Drawing svg={piece.strip ?? ''} name="" className="h-[98px] w-[13px]" />
                  <span className="flex h-3 items-end" aria-hidden="true">
                    {n === 0 ? (
                      <span className="h-1.5 w-1.5 rounded-full border border-no" />
                    ) : (
                      <span className="w-[3px] bg-ink" style={{ height: n ? 2 + (9 * n) / most : 0 }} />
                    )}
                  </span>
                </button>
              );
            })}
          </div>
          <span className="mt-0.5 border-t border-soft/40 text-[11px] text-ink">{familyNames[family]}</span>
        </div>
      ))}
      {shown && (
        <div className="pointer-events-none fixed right-[300px] bottom-[156px] z-10 flex items-center gap-3 border border-line bg-sheet p-3 shadow-sm">
          <Drawing svg={shown.flat ?? ''} name="" className="h-20 w-16" />
          <div>
            <p className="font-serif font-semibold">{shown.label}</p>
            <p className="text-soft">
              {live.counts?.perPiece[shown.id] === undefined
                ? text.counts.pending
                : `${figure(live.counts.perPiece[shown.id] ?? 0)} ${text.pieces.outfits}`}
            </p>
          </div>
        </div>
      )}
    </section>
  );
}
