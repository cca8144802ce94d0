import type { OutfitView } from '../../api/client';

function pairs(slots: object | undefined): [string, string][] {
  return Object.entries(slots ?? {}).flatMap(([slot, ids]) =>
    (Array.isArray(ids) ? ids : [ids]).map((id): [string, string] => [slot, String(id)]),
  );
}

/** Every slot and piece of an outfit: the counted ones, then those that complete it. */
export function worn(outfit: OutfitView): [string, string][] {
  return [...pairs(outfit.slots), ...pairs(outfit.filled)];
}

/** What an address says of a list or an outfit, besides the context it is asked in. */
const ofList = [
  'containing',
  'placed',
  'structure',
  'verdict',
  'view',
  'wear',
  'rule',
  'hero',
  'k',
  'toSeason',
  'toOccasion',
  'carry',
];

function contextOf(search: string | URLSearchParams): URLSearchParams {
  const next = new URLSearchParams(search);
  ofList.forEach((name) => next.delete(name));
  return next;
}

/** The query of a list in the context of an address, narrowed to what is given; a part of the context may be given too. */
export function listQuery(
  search: string | URLSearchParams,
  narrowed: Record<string, string | string[]> = {},
): string {
  const next = contextOf(search);
  Object.entries(narrowed).forEach(([key, values]) => {
    next.delete(key);
    [values].flat().forEach((value) => value && next.append(key, value));
  });
  return next.toString();
}

/** The address of an outfit's sheet; the outfit is written into it, so that the sheet can be shared. */
export function sheetAddress(outfit: OutfitView, search: string): string {
  const next = contextOf(search);
  worn(outfit).forEach(([slot, id]) => next.append('wear', `${slot}=${id}`));
  return `../outfits/sheet?${next}`;
}

/** The outfit written into a sheet's address. */
export function slotsOf(search: URLSearchParams): Record<string, string | string[]> {
  const slots: Record<string, string | string[]> = {};
  search.getAll('wear').forEach((entry) => {
    const at = entry.indexOf('=');
    const slot = entry.slice(0, at);
    const id = entry.slice(at + 1);
    const before = slots[slot];
    slots[slot] = before === undefined ? id : [...(Array.isArray(before) ? before : [before]), id];
  });
  return slots;
}

/** The query of a sheet's address with these pieces worn, and everything else of the address as it is. */
export function withSlots(slots: Record<string, string | string[]>, search: string): string {
  const next = contextOf(search);
  pairs(slots).forEach(([slot, id]) => next.append('wear', `${slot}=${id}`));
  return next.toString();
}
