import { Link, useLocation } from 'react-router';
import type { OutfitView, PieceView } from '../../api/client';
import { common } from '../../language/text';
import { text } from './text';
import { DrawnHere } from '../../ui/Drawing';
import { Mark } from '../../ui/Mark';
import { benchAddress, worn } from '../desk';

/** What most speaks for an outfit, in words. */
function speaking(outfit: OutfitView): string {
  return (outfit.parts ?? [])
    .filter((part) => part.points > 0 && part.part in text.outfits.speaks)
    .sort((a, b) => b.points - a.points)
    .slice(0, 2)
    .map((part) => text.outfits.speaks[part.part])
    .join(', ');
}

/** An outfit of a list: the figure, and what it wears, the counted pieces first. */
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
      to={benchAddress(outfit, search)}
      aria-label={`${common.sheet[outfit.verdict as 'works' | 'daring']}: ${[speaking(outfit), name].filter(Boolean).join(', ')}`}
      className={`flex gap-2 border border-hair bg-sheet p-2 hover:border-ink ${small ? 'items-start' : 'items-stretch'}`}
    >
      <DrawnHere
        svg={outfit.figure ?? ''}
        name=""
        className={small ? 'h-32 w-[68px] shrink-0' : 'h-56 w-[118px] shrink-0'}
      />
      <span className="flex min-w-0 flex-col gap-1 pt-1 text-xs">
        <span className="flex items-center gap-1.5 text-soft">
          <Mark kind={outfit.verdict ?? ''} size={12} />
          {speaking(outfit)}
        </span>
        {pieces.map((piece) => (
          <span key={piece.id} className="leading-tight">
            {piece.label}
          </span>
        ))}
      </span>
    </Link>
  );
}
