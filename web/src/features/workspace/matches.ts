import type { PieceView } from '../../api/client';

/** Whether every word typed stands somewhere in what is said of the piece. */
export function matches(piece: PieceView, find: string): boolean {
  const said = [piece.label, piece.kindName, piece.family, ...(piece.colourNames ?? [])]
    .join(' ')
    .toLowerCase();
  return find
    .toLowerCase()
    .split(/\s+/)
    .every((word) => said.includes(word));
}
