import { Link, useLocation } from 'react-router';
import type { OutfitView, PieceView } from '../../api/client';
import { text } from '../../app/messages';
import { Drawing } from '../../ui/Drawing';
import { Mark } from '../../ui/Mark';
import { sheetAddress, worn } from './address';

/** An outfit of a list: its drawings in a row, the counted pieces first. */
export function OutfitCard({
  outfit,
  byId,
  small,
}: {
  outfit: OutfitView;
  byId: Map<string, PieceView>;
  small?: boolean;
}) {
  const { search } = useLocation();
  const pieces = worn(outfit)
    .map(([, id]) => byId.get(id))
    .filter((piece) => piece !== undefined);
  const name = pieces.map((piece) => piece.label).join(', ');
  return (
    <Link
      to={sheetAddress(outfit, search)}
      aria-label={`${text.sheet[outfit.verdict as 'works' | 'daring']}: ${name}`}
      className="flex flex-col border border-hair bg-sheet p-2 hover:border-ink"
    >
      <span className="flex items-end justify-center gap-1">
        {pieces.map((piece) => (
          <Drawing
            key={piece.id}
            src={piece.flat ?? ''}
            name=""
            className={small ? 'h-12 w-9' : 'h-20 w-16'}
          />
        ))}
      </span>
      <span className="mt-1 flex items-start gap-1.5 text-xs">
        <span className="pt-0.5">
          <Mark kind={outfit.verdict ?? ''} size={10} />
        </span>
        <span className="line-clamp-2">{name}</span>
      </span>
    </Link>
  );
}
