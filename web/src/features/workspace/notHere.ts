import type { PieceView } from '../../api/client';

/** Pieces that wait for a repair or for cleaning: they are in no outfit until that is done. */
export function waiting(pieces: PieceView[]): PieceView[] {
  return pieces.filter(
    ({ resolved: { condition, decision } }) =>
      condition === 'needs-repair' || decision === 'repair' || decision === 'clean',
  );
}

/** Pieces that are elsewhere and counted all the same, unless a day is planned. */
export function away(pieces: PieceView[]): PieceView[] {
  const wait = waiting(pieces);
  return pieces.filter((piece) => piece.resolved.whereabouts !== 'wardrobe' && !wait.includes(piece));
}
