import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, need, type Exact } from '../../api/client';
import { useKept } from '../desk';
import { say } from './messages';

export interface Range {
  min?: number;
  max?: number;
}

/** What is wished of a capsule, in the form of the planning call; empty lists and absent fields ask for nothing. */
export interface Wishes {
  size: number | { min: number; max: number };
  seasons: string[];
  /** Where, if not in the client's own climate. */
  place?: string;
  occasions: string[];
  must: string[];
  never: string[];
  breakSets: boolean;
  varietyCostFraction: number;
  from?: { tag: string } | { capsule: string };
  families?: Record<string, Range>;
  dryCleanMax?: number;
  palette?: { bases?: number; accents?: number };
  without?: string[];
}

export interface NeedMet {
  occasion: string;
  season: string;
  need: number;
  weakestMonth?: number;
  weakestMonthOutfits: Exact;
}

/** What speaks for pieces where everything else is alike. */
export interface Preferred {
  favourites: number;
  costPerWear: { amount: number; currency: string } | null;
  wholeYear: number;
}

/** The mean cost of a wear, with its currency; undefined where no cost is known. */
export function costPerWear({ costPerWear: cost }: Preferred): string | undefined {
  return cost ? cost.amount.toLocaleString('en', { style: 'currency', currency: cost.currency }) : undefined;
}

export interface Plan {
  pieces: string[];
  figures: {
    needsMetFraction: number;
    earning: number;
    outfits: Exact;
    ladder: { bases: Exact; clothes: Exact; outfits: Exact; looks: Exact };
    paper: Exact;
    shareInTheDark: number;
    freshDays: number;
    laundryDays: number | null;
    laundryDaysAtMost: number | null;
    runsOutFirst: string | null;
    hardestToSpare: { piece: string; needsMetFraction: number; outfits: number } | null;
    givenUpForVariety: number;
    variety: number;
    preferred: Preferred;
    /** The school: as many tops as bottoms, or more. */
    topsGuide: string;
    tops: number;
    bottoms: number;
    contexts: NeedMet[];
  };
  reasons: Record<string, { in: Exact; completes: Exact; lost: Exact; essential: boolean; text: string }>;
  /** Of each piece that is not for all the seasons, those it is for. */
  seasonal: Record<string, string[]>;
  swaps: {
    out: string;
    in: string;
    needsMetFraction: number;
    earning: number;
    outfits: number;
    variety: number;
    preferred: Preferred;
  }[];
  nearest: { piece: string; adds: number; instead: string; outfits: number }[];
  /** Empty where nothing was searched for. */
  curve: { size: number; needsMetFraction: number; outfits: number }[];
  /** The smallest size that meets the needs almost as well as any. */
  elbow: number;
  quality: 'proved' | 'bounded' | 'unbounded';
  upperBoundOutfits?: number;
  relaxations: { wish: string; text: string }[];
}

/** A capsule found while the search goes on. */
export interface Better {
  pieces: string[];
  needsMetFraction: number;
  outfits: number;
}

export interface SavedCapsule {
  id: string;
  name: string;
  notes: string;
  pieces: string[];
  /** Everything worn by somebody who lives out of it. */
  worn: string[];
  wishes: Partial<Wishes>;
  saved: string;
  version: number;
  /** Pieces of it that have left the wardrobe. */
  gone: string[];
  locked: { season: string; on: string } | null;
  earlier: { version: number; pieces: string[]; wishes: Partial<Wishes>; saved: string }[];
}

/** One of several capsules that share a core. */
export interface SharedPart {
  name: string;
  plan: Plan;
  /** What would be found without a core. */
  alone: Better;
}

/** Wishes as they are sent: without what asks for nothing. */
export function asked({ seasons, occasions, families, palette, without, ...rest }: Partial<Wishes>) {
  return {
    ...rest,
    ...(seasons?.length ? { seasons } : {}),
    ...(occasions?.length ? { occasions } : {}),
    ...(families && Object.keys(families).length > 0 ? { families } : {}),
    ...(palette && (palette.bases !== undefined || palette.accents !== undefined) ? { palette } : {}),
    ...(without?.length ? { without } : {}),
  };
}

/** The address of the stream that plans a client's capsule. */
export function planAddress(clientId: string, wishes: Wishes, budgetMillis: number): string {
  const sent = JSON.stringify({ wishes: asked(wishes), budgetMillis });
  return `/api/v1/clients/${clientId}/capsule-plan?asked=${encodeURIComponent(sent)}`;
}

/** The address of the stream that plans capsules with a core in common. */
export function sharedAddress(
  clientId: string,
  wishes: Partial<Wishes>,
  core: number,
  groups?: { name: string; occasions: string[] }[],
): string {
  const sent = JSON.stringify({ wishes: asked(wishes), core, ...(groups ? { groups } : {}) });
  return `/api/v1/clients/${clientId}/capsules-sharing-a-core?asked=${encodeURIComponent(sent)}`;
}

/** What a capsule put together by hand is worth; what was there before stays in sight until it is known. */
export function useFigures(
  clientId: string,
  pieces: string[],
  wishes: Partial<Wishes>,
  stamp: string,
  enabled = true,
) {
  return useQuery({
    queryKey: ['capsule-figures', clientId, pieces, asked(wishes), stamp],
    enabled,
    placeholderData: keepPreviousData,
    queryFn: async ({ signal }) =>
      (await need(
        api.POST('/api/v1/clients/{clientId}/capsule-figures', {
          signal,
          params: { path: { clientId } },
          body: { pieces, wishes: asked({ ...wishes, must: [], never: [] }) },
        }),
      )) as unknown as Plan,
  });
}

export function useSavedCapsules(clientId: string) {
  return useQuery({
    queryKey: ['capsules', clientId],
    queryFn: async () =>
      (await need(
        api.GET('/api/v1/clients/{clientId}/capsules', { params: { path: { clientId } } }),
      )) as unknown as SavedCapsule[],
  });
}

export function useSaveCapsule(clientId: string) {
  return useKept(
    ['capsules', clientId],
    (saved: SavedCapsule) => say('savedAs', { name: saved.name, version: saved.version }),
    async (body: { name: string; notes?: string; pieces: string[]; wishes: Partial<Wishes> }) =>
      (await need(
        api.POST('/api/v1/clients/{clientId}/capsules', {
          params: { path: { clientId } },
          body: { ...body, wishes: asked(body.wishes) },
        }),
      )) as unknown as SavedCapsule,
  );
}

type CapsuleChange = {
  id: string;
  version?: number;
  name?: string;
  notes?: string;
  pieces?: string[];
  wishes?: Partial<Wishes>;
  locked?: { season: string } | null;
};

export function useChangeCapsule(clientId: string) {
  return useKept(
    ['capsules', clientId],
    (saved: SavedCapsule, change: CapsuleChange) =>
      change.locked
        ? say('lockedNow', { name: saved.name })
        : change.locked === null
          ? say('unlockedNow', { name: saved.name })
          : say('savedAs', { name: saved.name, version: saved.version }),
    async ({ id, ...change }: CapsuleChange) =>
      (await need(
        api.PATCH('/api/v1/clients/{clientId}/capsules/{id}', {
          params: { path: { clientId, id } },
          body: { ...change, ...(change.wishes ? { wishes: asked(change.wishes) } : {}) },
        }),
      )) as unknown as SavedCapsule,
  );
}

export function useDeleteCapsule(clientId: string) {
  return useKept(
    ['capsules', clientId],
    (_, { name }: { id: string; name: string }) => say('deleted', { name }),
    ({ id }: { id: string; name: string }) =>
      need(api.DELETE('/api/v1/clients/{clientId}/capsules/{id}', { params: { path: { clientId, id } } })),
  );
}
