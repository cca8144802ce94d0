import { keys } from '../../api/keys';
import { keepPreviousData, useInfiniteQuery, useMutation, useQuery } from '@tanstack/react-query';
import { api, need, type Exact } from '../../api/client';
import { type Chosen, contextQuery } from '../desk';
import { usePrepared } from './Preparing';

/** As many as a sheet of the varied order holds. */
const page = 20;

/** In which a list can be sorted, the usual one first. */
export const orders = ['best', 'credits', 'scheme', 'stable'] as const;

/** What every outfit of a list must contain: pieces anywhere, or in one slot, written as in an address: `jacket=p30`. */
export interface Wanted {
  containing: string[];
  placed: string[];
  structure?: string;
  /** `daring` for those alone. */
  verdict?: string;
  /** What the colours of the main pieces are to each other. */
  scheme?: string;
}

/** The list behind a number, page by page. */
export function useOutfits(
  clientId: string,
  chosen: Chosen,
  wanted: Wanted,
  stamp: string,
  order: (typeof orders)[number],
  enabled = true,
) {
  return useInfiniteQuery({
    queryKey: keys.outfits(clientId, chosen, wanted, stamp, order),
    enabled,
    initialPageParam: 0,
    queryFn: ({ pageParam, signal }) =>
      need(
        api.GET('/api/v1/clients/{clientId}/outfits', {
          signal,
          params: {
            path: { clientId },
            query: { ...contextQuery(chosen), ...wanted, order, offset: pageParam, limit: page },
          },
        }),
      ),
    getNextPageParam: (last, pages) => {
      const seen = pages.reduce((sum, p) => sum + (p.outfits?.length ?? 0), 0);
      return seen < BigInt(last.listed ?? (last.total as Exact)) ? seen : undefined;
    },
  });
}

/** Looks differ in clothes and shoes at least, whatever is counted elsewhere. */
export function waysCounting(counting: string): string {
  return ['bases', 'clothes'].includes(counting) ? 'outfits' : counting;
}

/** Looks with one piece that differ as much as can be, in clothes and shoes at least. */
export function useWays(
  clientId: string,
  chosen: Chosen,
  hero: string | undefined,
  k: number,
  stamp: string,
) {
  const counting = waysCounting(chosen.counting);
  const prepared = usePrepared(
    clientId,
    chosen,
    stamp,
    { counting, containing: hero === undefined ? [] : [hero] },
    hero !== undefined,
  );
  const ways = useQuery({
    queryKey: keys.ways(clientId, { ...chosen, counting }, hero, k, stamp),
    enabled: prepared.state === 'done',
    queryFn: ({ signal }) =>
      need(
        api.GET('/api/v1/clients/{clientId}/ways', {
          signal,
          params: {
            path: { clientId },
            query: { ...contextQuery(chosen), counting, hero: hero!, k },
          },
        }),
      ),
  });
  return { ...ways, prepared };
}

export type Slots = Record<string, string | string[]>;

/** A question about one outfit in a context. */
function asked(chosen: Chosen, slots: Slots, carry: boolean) {
  return {
    season: chosen.season || undefined,
    occasion: chosen.occasion || undefined,
    daring: chosen.daring,
    capsule: chosen.capsule || undefined,
    slots: slots,
    carry,
  };
}

/** Every outfit one piece away. */
export function useChanges(clientId: string, chosen: Chosen, slots: Slots, stamp: string) {
  const prepared = usePrepared(clientId, chosen, stamp, { counting: 'looks' });
  const changes = useQuery({
    enabled: prepared.state === 'done',
    queryKey: keys.changes(clientId, chosen, slots, stamp),
    queryFn: ({ signal }) =>
      need(
        api.POST('/api/v1/clients/{clientId}/changes', {
          signal,
          params: { path: { clientId } },
          body: asked(chosen, slots, false),
        }),
      ),
  });
  return { ...changes, prepared };
}

/** The shortest ways to an outfit of another context, or those that take a few changes more. */
export function usePaths(
  clientId: string,
  to: Chosen,
  slots: Slots,
  { carry, beyond }: { carry: boolean; beyond: number },
  stamp: string,
  enabled: boolean,
) {
  const prepared = usePrepared(clientId, to, stamp, { counting: 'looks' }, enabled);
  const paths = useQuery({
    queryKey: keys.paths(clientId, to, slots, carry, beyond, stamp),
    enabled: enabled && prepared.state === 'done',
    queryFn: ({ signal }) =>
      need(
        api.POST('/api/v1/clients/{clientId}/paths', {
          signal,
          params: { path: { clientId } },
          body: { ...asked(to, slots, carry), beyond },
        }),
      ),
  });
  return { ...paths, prepared };
}

/** The verdict on an outfit, or with `why` on the nearest that pieces without any outfit come. */
export function useVerdict(
  clientId: string,
  chosen: Chosen,
  slots: Slots,
  why: boolean,
  stamp: string,
  enabled = true,
  finishes: Record<string, string[]> = {},
) {
  return useQuery({
    queryKey: (why ? keys.whyNot : keys.judgement)(
      clientId,
      chosen.season,
      chosen.occasion,
      slots,
      finishes,
      stamp,
    ),
    enabled,
    placeholderData: why ? undefined : keepPreviousData,
    queryFn: () => {
      const options = {
        params: { path: { clientId } },
        body: {
          season: chosen.season || undefined,
          occasion: chosen.occasion || undefined,
          slots: slots,
          finishes,
        },
      };
      return need(
        why
          ? api.POST('/api/v1/clients/{clientId}/why', options)
          : api.POST('/api/v1/clients/{clientId}/judge', options),
      );
    },
  });
}

/** Draws an outfit that was not worn yet, with some pieces in it. */
export function useSurprise(clientId: string, chosen: Chosen) {
  return useMutation({
    mutationFn: (containing: string[]) =>
      need(
        api.GET('/api/v1/clients/{clientId}/surprise', {
          params: { path: { clientId }, query: { ...contextQuery(chosen), containing } },
        }),
      ),
  });
}

/** Every tailored jacket with every tailored bottom. */
export function useSuits(clientId: string, chosen: Chosen, stamp: string) {
  return useQuery({
    queryKey: keys.suits(clientId, placeOf(chosen), stamp),
    queryFn: ({ signal }) =>
      need(
        api.GET('/api/v1/clients/{clientId}/suits', {
          signal,
          params: { path: { clientId }, query: placeOf(chosen) },
        }),
      ),
  });
}

/** What the next suit should be like. */
export function useNextSuit(clientId: string, chosen: Chosen, stamp: string) {
  return useQuery({
    queryKey: keys.nextSuit(clientId, placeOf(chosen), stamp),
    queryFn: ({ signal }) =>
      need(
        api.GET('/api/v1/clients/{clientId}/next-suit', {
          signal,
          params: { path: { clientId }, query: placeOf(chosen) },
        }),
      ),
  });
}

/** The context of a question, whatever is counted. */
function placeOf({ season, occasion, capsule }: Chosen) {
  return { season: season || undefined, occasion: occasion || undefined, capsule: capsule || undefined };
}

/** A base finished for day, evening and weekend. */
export function useRegisters(
  clientId: string,
  chosen: Chosen,
  wear: string[],
  stamp: string,
  enabled: boolean,
) {
  const query = { ...placeOf(chosen), wear };
  return useQuery({
    queryKey: keys.registers(clientId, query, stamp),
    enabled,
    queryFn: ({ signal }) =>
      need(
        api.GET('/api/v1/clients/{clientId}/registers', { signal, params: { path: { clientId }, query } }),
      ),
  });
}

/** The outfits of the wear log, the latest first. */
export function useWornOutfits(clientId: string) {
  return useQuery({
    queryKey: keys.worn(clientId, 'outfits'),
    queryFn: () =>
      need(api.GET('/api/v1/clients/{clientId}/worn-outfits', { params: { path: { clientId } } })),
  });
}
