import type { PieceView } from '../../api/client';
import type { Filter } from './context';

/** Whether every word typed occurs in the description of the piece, including its label and notes. */
export function matches(piece: PieceView, find: string): boolean {
  const { asTyped, notes } = piece.set as { asTyped?: string; notes?: string };
  const searched = [
    piece.label,
    piece.kindName,
    piece.family,
    ...piece.colourNames,
    ...tagsOf(piece),
    asTyped,
    notes,
  ]
    .join(' ')
    .toLowerCase()
    .replaceAll('-', ' ');
  return find
    .toLowerCase()
    .split(/[\s-]+/)
    .every((word) => searched.includes(word));
}

export function tagsOf(piece: PieceView): string[] {
  return ((piece.resolved as Record<string, unknown>).tags as string[] | undefined) ?? [];
}

/** The pieces that match both the search and the filter. */
export function narrowed(pieces: PieceView[], find: string, filter: Filter): PieceView[] {
  return pieces.filter(
    (piece) =>
      (find === '' || matches(piece, find)) &&
      (filter.family === '' || piece.family === filter.family) &&
      (filter.decision === '' || piece.resolved.decision === filter.decision) &&
      (filter.tag === '' || tagsOf(piece).includes(filter.tag)),
  );
}

/** The ids with those from `from` to `to` taken in, or out when the last of them was in. */
export function toggled(
  selection: ReadonlySet<string>,
  listed: PieceView[],
  from: number,
  to: number,
): ReadonlySet<string> {
  const next = new Set(selection);
  const add = !selection.has(listed[to]!.id);
  listed
    .slice(Math.min(from, to), Math.max(from, to) + 1)
    .forEach(({ id }) => (add ? next.add(id) : next.delete(id)));
  return next;
}
