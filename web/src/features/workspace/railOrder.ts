import type { Exact, PieceView } from '../../api/client';
import { compareExact } from '../../language/exact';
import { familyNames } from '../../language/format';

export type RailSort = 'family' | 'colour' | 'season' | 'count' | 'worn';

/** When each piece was last worn, by its id. */
export type LastWorn = Record<string, { last: string } | undefined>;

/** Strips that hang together under one name. */
export interface Hanging {
  name: string;
  members: PieceView[];
}

/** The pieces in rail order: by family as recorded, or all together in a chosen order. */
export function hang(
  pieces: PieceView[],
  sort: RailSort,
  perPiece: Record<string, Exact>,
  worn: LastWorn = {},
): Hanging[] {
  if (sort === 'family') {
    return Object.entries(familyNames)
      .map(([family, name]) => ({ name, members: pieces.filter((piece) => piece.family === family) }))
      .filter(({ members }) => members.length > 0);
  }
  const key = {
    colour: (piece: PieceView) => piece.order.colour,
    season: (piece: PieceView) => piece.order.season,
    count: (piece: PieceView) => perPiece[piece.id] ?? -1,
    worn: (piece: PieceView) => Date.parse(worn[piece.id]?.last ?? '') || 0,
  }[sort];
  return pieces.length === 0
    ? []
    : [{ name: '', members: [...pieces].sort((a, b) => compareExact(key(a), key(b))) }];
}
