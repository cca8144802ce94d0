import { keys } from '../../api/keys';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { type EventData, streamAddress } from '../../api/streams';
import { api, need } from '../../api/client';
import { useKept, useSeen } from '../desk';
import { say } from './messages';

export interface Range {
  min?: number;
  max?: number;
}

/** Wishes for a capsule, in the format of the planning call; empty lists and absent fields wish for nothing. */
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
  /** What counts, and how many tops and one-pieces, where not as the studio holds it. */
  schools?: Record<string, string>;
}

type Planned = EventData<'/api/v1/clients/{clientId}/capsule-plan', 'plan'>;
type Figures = Planned['figures'];

/** What speaks for pieces where everything else is alike; no cost where none is known. */
export type Preferred = Omit<Figures['preferred'], 'costPerWear'> & {
  costPerWear: Figures['preferred']['costPerWear'] | null;
};

/** The mean cost of a wear, with its currency; undefined where no cost is known. */
export function costPerWear({ costPerWear: cost }: Preferred): string | undefined {
  return cost ? cost.amount.toLocaleString('en', { style: 'currency', currency: cost.currency }) : undefined;
}

export type NeedMet = Figures['contexts'][number];
/** A plan as streamed, or figures alone; null means unknown. */
export type Plan = Omit<Planned, 'figures'> & {
  figures: Omit<Figures, 'preferred' | 'hardestToSpare'> & {
    preferred: Preferred;
    hardestToSpare: Figures['hardestToSpare'] | null;
  };
};
/** One of several capsules that share a core. */
export type SharedPart = EventData<'/api/v1/clients/{clientId}/capsules-sharing-a-core', 'part'>;

export interface SavedCapsule {
  id: string;
  name: string;
  notes: string;
  pieces: string[];
  /** All pieces worn with it. */
  worn: string[];
  wishes: Partial<Wishes>;
  saved: string;
  version: number;
  /** Pieces of it that have left the wardrobe. */
  gone: string[];
  locked: { season: string; on: string } | null;
  earlier: { version: number; pieces: string[]; wishes: Partial<Wishes>; saved: string }[];
}

/** Wishes as they are sent: without what asks for nothing. */
export function asked({ seasons, occasions, families, palette, without, schools, ...rest }: Partial<Wishes>) {
  return {
    ...rest,
    ...(seasons?.length ? { seasons } : {}),
    ...(occasions?.length ? { occasions } : {}),
    ...(families && Object.keys(families).length > 0 ? { families } : {}),
    ...(palette && (palette.bases !== undefined || palette.accents !== undefined) ? { palette } : {}),
    ...(without?.length ? { without } : {}),
    ...(schools && Object.keys(schools).length > 0 ? { schools } : {}),
  };
}

/**
 * The address of the stream that plans a client's capsule.
 * @param start pieces of the capsule on the screen, from which the search starts
 */
export function planAddress(clientId: string, wishes: Wishes, budgetMillis: number, start: string[]) {
  const sent = JSON.stringify({
    wishes: asked(wishes),
    budgetMillis,
    ...(start.length > 0 ? { start } : {}),
  });
  return streamAddress('/api/v1/clients/{clientId}/capsule-plan', {
    path: { clientId },
    query: { asked: sent },
  });
}

/** The address of the stream that plans capsules with a core in common. */
export function sharedAddress(
  clientId: string,
  wishes: Partial<Wishes>,
  core: number,
  groups?: { name: string; occasions: string[] }[],
) {
  const sent = JSON.stringify({ wishes: asked(wishes), core, ...(groups ? { groups } : {}) });
  return streamAddress('/api/v1/clients/{clientId}/capsules-sharing-a-core', {
    path: { clientId },
    query: { asked: sent },
  });
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
    queryKey: keys.capsuleFigures(clientId, pieces, asked(wishes), stamp),
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
    queryKey: keys.capsules(clientId),
    queryFn: async () =>
      (await need(
        api.GET('/api/v1/clients/{clientId}/capsules', { params: { path: { clientId } } }),
      )) as unknown as SavedCapsule[],
  });
}

export function useSaveCapsule(clientId: string) {
  return useKept(
    keys.capsules(clientId),
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
  const header = useSeen(keys.capsules(clientId));
  return useKept(
    keys.capsules(clientId),
    (saved: SavedCapsule, change: CapsuleChange) =>
      change.locked
        ? say('lockedNow', { name: saved.name })
        : change.locked === null
          ? say('unlockedNow', { name: saved.name })
          : say('savedAs', { name: saved.name, version: saved.version }),
    async ({ id, ...change }: CapsuleChange) =>
      (await need(
        api.PATCH('/api/v1/clients/{clientId}/capsules/{id}', {
          params: { path: { clientId, id }, header: header(id) },
          body: { ...change, ...(change.wishes ? { wishes: asked(change.wishes) } : {}) },
        }),
      )) as unknown as SavedCapsule,
  );
}

export function useDeleteCapsule(clientId: string) {
  const header = useSeen(keys.capsules(clientId));
  return useKept(
    keys.capsules(clientId),
    (_, { name }: { id: string; name: string }) => say('deleted', { name }),
    ({ id }: { id: string; name: string }) =>
      need(
        api.DELETE('/api/v1/clients/{clientId}/capsules/{id}', {
          params: { path: { clientId, id }, header: header(id) },
        }),
      ),
  );
}
