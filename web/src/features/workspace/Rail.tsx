import { memo, useCallback, useMemo, useState, type KeyboardEvent } from 'react';
import { useLocation, useNavigate, useParams } from 'react-router';
import type { PieceView } from '../../api/client';
import { familyNames, figure, text } from '../../app/messages';
import { Drawing } from '../../ui/Drawing';
import type { LiveCounts } from './context';
import { matches } from './matches';

/** Strips share the width of the reference screen, as far as they stay wide enough to be told apart. */
const railWidth = 1240;
const familyGap = 20;
const narrowest = 6;
const widest = 16;

interface StripProps {
  piece: PieceView;
  count?: number;
  most: number;
  width: number;
  dim: boolean;
  first: boolean;
  onHold: (id: string | null) => void;
  onOpen: (id: string) => void;
}

const Strip = memo(function Strip({ piece, count, most, width, dim, first, onHold, onOpen }: StripProps) {
  return (
    <button
      type="button"
      data-strip
      tabIndex={first ? 0 : -1}
      aria-label={`${piece.label}, ${count === undefined ? text.counts.pending : `${figure(count)} ${text.pieces.outfits}`}`}
      onMouseEnter={() => onHold(piece.id)}
      onMouseLeave={() => onHold(null)}
      onFocus={() => onHold(piece.id)}
      onBlur={() => onHold(null)}
      onClick={() => onOpen(piece.id)}
      style={{ width }}
      className={`flex flex-col items-center ${dim ? 'opacity-25' : ''}`}
    >
      <Drawing svg={piece.strip} name="" className="h-[98px] w-full max-w-[13px]" />
      <span className="flex h-3 items-end" aria-hidden="true">
        {count === 0 ? (
          <span className="h-1.5 w-1.5 rounded-full border border-no" />
        ) : (
          <span className="w-[3px] bg-ink" style={{ height: count ? 2 + (9 * count) / most : 0 }} />
        )}
      </span>
    </button>
  );
});

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
  const room = railWidth - familyGap * families.length;
  const width = Math.max(narrowest, Math.min(widest, Math.floor(room / Math.max(1, pieces.length))));
  const open = useCallback(
    (id: string) => navigate(`/clients/${clientId}/pieces/${id}${search}`),
    [navigate, clientId, search],
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
            {members.map((piece, i) => (
              <Strip
                key={piece.id}
                piece={piece}
                count={live.counts?.perPiece[piece.id]}
                most={most}
                width={width}
                dim={find !== '' && !matches(piece, find)}
                first={f === 0 && i === 0}
                onHold={setHeld}
                onOpen={open}
              />
            ))}
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
