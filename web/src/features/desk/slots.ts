import type { PieceView } from '../../api/client';
import { common } from '../../language/text';

const bases = ['top', 'bottom', 'onepiece', 'drape'];
const clothes = [...bases, 'mid', 'jacket'];
/** Nobody sees them, so they never make two outfits of one. */
const unseen = ['base', 'underskirt'];
const everySlot = Object.keys(common.counts.slots).filter((slot) => !unseen.includes(slot));

const presets: Record<string, string[]> = {
  bases,
  clothes,
  outfits: [...clothes, 'shoes'],
  looks: everySlot,
};

export function isPreset(counting: string): boolean {
  return counting in presets;
}

/** The slots whose pieces tell two combinations apart: of a preset, or as they stand in the address, with commas between them. */
export function countedSlots(counting: string): string[] {
  return presets[counting] ?? everySlot.filter((slot) => counting.split(',').includes(slot));
}

/** The slots as they stand in the address. */
export function countingOf(slots: string[]): string {
  return everySlot.filter((slot) => slots.includes(slot)).join(',');
}

/**
 * Two different slots for the sides of a table: the requested ones if both are counted, otherwise the first that are.
 */
export function crossed(rows: string, columns: string, counted: string[]): [string, string] {
  const row = counted.includes(rows) ? rows : (counted.find((slot) => slot !== columns) ?? rows);
  const column =
    counted.includes(columns) && columns !== row
      ? columns
      : (counted.find((slot) => slot !== row) ?? columns);
  return [row, column];
}

/** The slot a piece is made for: the first of those it may take. */
export function ownSlot(piece: PieceView): string {
  return (piece.resolved.roles as string[])[0] ?? 'extra';
}
