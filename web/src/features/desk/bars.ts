import type { Counts, Exact, PieceView } from '../../api/client';
import { compareExact, greatest, shareOf } from '../../language/exact';
import { figure, spoken } from '../../language/format';
import { common } from '../../language/text';
import { countedSlots } from './slots';
import { say } from './messages';

type Figured = Pick<PieceView, 'id' | 'roles'>;

/** A figure in short, and in full for the tooltip and the screen reader. */
export interface FigureWords {
  short: string;
  full: string;
  /** Whether it is a share of the outfits, not a number of them. */
  isShare?: boolean;
}

/** A share in whole percent that says neither none of some nor all of most. */
function percent(part: Exact, whole: Exact): string {
  if (compareExact(part, 0) > 0 && compareExact(part, whole) < 0) {
    const rounded = Math.round(100 * shareOf(part, whole));
    return rounded < 1 ? `${common.counts.under} 1 %` : `${Math.min(99, rounded)} %`;
  }
  return compareExact(part, 0) > 0 ? '100 %' : '0 %';
}

/**
 * The figure of each piece, and how long its bar is, 0 to 1. The counted ones are measured by the greatest of them. The others, which
 * outfits are completed with, are given and measured as a share of all outfits: most go with nearly every one, and would dwarf the rest.
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
    /** Undefined while it is not counted yet. */
    figure: (piece: Figured): FigureWords | undefined => {
      if (piece.roles?.length === 0) {
        return { short: '–', full: common.counts.orphan };
      }
      const n = counts?.perPiece[piece.id];
      if (n === undefined) {
        return undefined;
      }
      if (isCounted(piece)) {
        return {
          short: spoken(n),
          full: `${figure(n)} ${common.context.presets[counting] ?? common.pieces.outfits}`,
        };
      }
      const share = percent(n, counts!.total);
      return { short: share, full: say('goesWith', { share }), isShare: true };
    },
  };
}
