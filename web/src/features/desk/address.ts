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

/** The part of an address that describes a list or an outfit, besides the context. */
const ofList = [
  'containing',
  'placed',
  'structure',
  'verdict',
  'view',
  'wear',
  'finish',
  'rule',
  'hero',
  'k',
  'toSeason',
  'toOccasion',
  'carry',
  'saved',
  'show',
  'for',
  'in',
  'tag',
  'third',
  'formula',
  'each',
  'beyond',
];

function contextOf(search: string | URLSearchParams): URLSearchParams {
  const next = new URLSearchParams(search);
  ofList.forEach((name) => next.delete(name));
  return next;
}

/**
 * The query of a list in the context of an address, narrowed to the given values; these may override parts of the
 * context.
 */
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

/** The address of an outfit on the bench; the outfit is written into it, so that it can be shared. */
export function benchAddress(outfit: OutfitView, search: string): string {
  const next = contextOf(search);
  worn(outfit).forEach(([slot, id]) => next.append('wear', `${slot}=${id}`));
  return `../outfits/bench?${next}`;
}

/** The outfit written into an address. */
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

/** The query of the bench with these pieces worn, in the context of an address. */
export function withSlots(
  slots: Record<string, string | string[]>,
  search: string | URLSearchParams,
): string {
  const next = contextOf(search);
  pairs(slots).forEach(([slot, id]) => next.append('wear', `${slot}=${id}`));
  return next.toString();
}

/** How pieces are to be worn, by their ids, as an address says: `finish=p12=tucked+belted`. */
export function finishesOf(search: URLSearchParams): Record<string, string[]> {
  return Object.fromEntries(
    search.getAll('finish').map((entry) => {
      const at = entry.lastIndexOf('=');
      return [
        entry.slice(0, at),
        entry
          .slice(at + 1)
          .split('+')
          .filter(Boolean),
      ];
    }),
  );
}

/** The query of the bench with a piece worn in another way. */
export function withFinish(id: string, finish: string[], search: URLSearchParams): string {
  const next = new URLSearchParams(search);
  next.delete('finish');
  search.getAll('finish').forEach((entry) => !entry.startsWith(`${id}=`) && next.append('finish', entry));
  next.append('finish', `${id}=${finish.join('+')}`);
  return next.toString();
}

/** The query of the bench with a piece put into a slot, and what else is worn, and how, left as it is. */
export function withPiece(id: string, slot: string, search: URLSearchParams): string {
  const slots = Object.fromEntries(
    Object.entries(slotsOf(search)).filter(([, ids]) => ![ids].flat().includes(id)),
  );
  const next = new URLSearchParams(withSlots({ ...slots, [slot]: id }, search));
  ['finish', 'saved'].forEach((name) => search.getAll(name).forEach((value) => next.append(name, value)));
  return next.toString();
}

interface Kept {
  id: string;
  slots: object;
  finishes: Record<string, string[]>;
  occasion: string;
  season: string;
}

/** The query of the bench with an outfit that was saved, for the occasion and the season it was judged for. */
function queryOf(
  outfit: Kept,
  search: string | URLSearchParams,
  has: (id: string) => boolean,
): URLSearchParams {
  const next = contextOf(search);
  const context = { season: outfit.season, occasion: outfit.occasion };
  Object.entries(context).forEach(([name, value]) => (value ? next.set(name, value) : next.delete(name)));
  pairs(outfit.slots).forEach(([slot, id]) => has(id) && next.append('wear', `${slot}=${id}`));
  Object.entries(outfit.finishes).forEach(
    ([id, ways]) => has(id) && next.append('finish', `${id}=${ways.join('+')}`),
  );
  next.set('saved', outfit.id);
  return next;
}

/** The address of a saved outfit on the bench. */
export function benchOf(outfit: Kept, search: string | URLSearchParams): string {
  return `../outfits/bench?${queryOf(outfit, search, () => true)}`;
}

/** The address of the shortest changes from what is left of a saved outfit to one that works. */
export function pathsOf(outfit: Kept, search: string | URLSearchParams, byId: Map<string, unknown>): string {
  return `../outfits/paths?${queryOf(outfit, search, (id) => byId.has(id))}`;
}
