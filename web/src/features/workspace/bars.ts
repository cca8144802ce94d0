import type { Counts, Exact, PieceView } from '../../api/client';
import { greatest, shareOf } from '../../app/exact';
import { countedSlots } from './slots';

type Figured = Pick<PieceView, 'id' | 'roles'>;

/**
 * How long the bar of each piece is, 0 to 1. The counted ones are measured by the greatest of them; the others, which outfits
 * are completed with, by all outfits: most go with nearly every one, and would dwarf the rest.
 */
export function bars(
  counts: Pick<Counts, 'total' | 'perPiece'> | undefined,
  pieces: Figured[],
  counting: string,
) {
  const slots = new Set(countedSlots(counting));
  const isCounted = (piece: Figured) => (piece.roles ?? []).some((slot) => slots.has(slot));
  const of = (piece: Figured): Exact => counts?.perPiece[piece.id] ?? 0;
  const most = greatest(pieces.filter(isCounted).map(of));
  return {
    isCounted,
    share: (piece: Figured) =>
      Math.min(1, shareOf(of(piece), isCounted(piece) ? most : (counts?.total ?? 0))),
  };
}
