import { keys } from '../../api/keys';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, need } from '../../api/client';
import { saveOver, tagged } from '../../api/merge';
import { useRefresh } from '../desk';
import { isProblem } from '../../api/problem';

export interface OccasionDocument {
  name: string;
  formalityLow: number;
  formalityHigh: number;
  requires?: unknown[];
  setting?: string;
  work?: boolean;
  maxHeelCm?: number | null;
  outdoorMinutes?: number;
  met?: number;
  indoorC?: number;
  timesPerWeek?: number | null;
  timesPerMonth?: number | null;
  months?: number[];
  timeOfDay?: string | null;
  from?: string | null;
  to?: string | null;
  audience?: string | null;
  paused?: boolean;
}

export interface MonthDocument {
  month: number;
  lowC: number;
  highC: number;
  humidity: number;
  windMs: number;
  rainDays: number;
}

export type Avoidance = Partial<Record<'kind' | 'fibre' | 'pattern' | 'metal' | 'colour', string>>;

/** A brief in document form, as the server writes it. */
export interface BriefDocument {
  boundaries: {
    coverage: string[];
    avoid: Avoidance[];
    sensitivities: string[];
    healthNote?: string;
    maxHeelCm?: number;
    tucks: boolean;
  };
  palette: { base: string[]; accents: string[]; avoid: string[] };
  metals?: string;
  pmvOffset: number;
  heights: Record<string, number>;
  lengthenLeg: boolean;
  hair?: string;
  laundry: { intervalDays: number; dryingDays: number; dryCleanVisitsPerMonth: number };
  occasions: OccasionDocument[];
  place?: string;
  climate: MonthDocument[];
  seasons?: { name: string; months: number[] }[];
  needs?: { occasion: string; season: string; outfits: number }[];
  budget?: { amount: number; currency: string };
  notes?: string;
  photoConsent?: string;
  coats?: 'assumed' | 'recorded';
}

export interface Felt {
  occasion: string;
  months: { month: number; lowC: number; highC: number }[];
}

export interface Brief {
  brief: BriefDocument;
  seasons: { name: string; months: number[]; middle: number; known: boolean }[];
  usualSeasons: boolean;
  /** By occasion, the temperatures in its hours, month by month. */
  felt: Felt[];
}

const path = (clientId: string) => ({ params: { path: { clientId } } });

export function useBrief(clientId: string) {
  return useQuery({
    queryKey: keys.brief(clientId),
    queryFn: async () =>
      (await need(api.GET('/api/v1/clients/{clientId}/brief', path(clientId)))) as unknown as Brief,
  });
}

type Parts = Partial<Record<keyof BriefDocument, unknown>>;

/** Saves parts of a brief as they are changed. A conflict with another writer waits for a choice. */
export function useBriefSaver(clientId: string) {
  const queries = useQueryClient();
  const refresh = useRefresh('brief');
  const [waiting, setWaiting] = useState<Parts | null>(null);
  const mutation = useMutation({
    mutationFn: async ({ set, over, photos }: { set: Parts; over?: boolean; photos?: 'delete' | 'keep' }) => {
      if (over) {
        await queries.refetchQueries({ queryKey: keys.brief(clientId) });
      }
      const now = queries.getQueryData<Brief>(keys.brief(clientId))?.brief;
      const seen = Object.fromEntries(
        Object.keys(set).map((part) => [part, now?.[part as keyof BriefDocument] ?? null]),
      );
      const body = { set, seen, photos };
      return (await need(
        api.PUT('/api/v1/clients/{clientId}/brief', { ...path(clientId), body }),
      )) as unknown as Brief;
    },
    onSuccess: (brief) => {
      queries.setQueryData(keys.brief(clientId), brief);
      setWaiting(null);
      return refresh();
    },
    onError: (error, { set }) => {
      if (isProblem(error) && error.code === 'stale') {
        setWaiting(set);
      }
    },
  });
  const undecided = isProblem(mutation.error) && mutation.error.code === 'photos-undecided';
  return {
    save: (set: Parts) => mutation.mutate({ set }),
    error: waiting || undecided ? null : mutation.error,
    /** Says how many photos there are, when taking back the consent to them waits for a decision. */
    undecided: undecided ? mutation.error : null,
    /** Takes back the consent to photos. */
    withdraw: (photos: 'delete' | 'keep') => mutation.mutate({ set: { photoConsent: null }, photos }),
    leave: () => mutation.reset(),
    state: mutation.isPending
      ? ('saving' as const)
      : mutation.isSuccess
        ? ('saved' as const)
        : ('idle' as const),
    /** The change that conflicts with another writer's. */
    waiting,
    overwrite: () => waiting && mutation.mutate({ set: waiting, over: true }),
    takeTheirs: () => {
      setWaiting(null);
      mutation.reset();
      return queries.invalidateQueries({ queryKey: keys.brief(clientId) });
    },
  };
}

export type BriefSaver = ReturnType<typeof useBriefSaver>;

export function usePlaces() {
  return useQuery({
    queryKey: keys.places(),
    staleTime: Infinity,
    queryFn: () => need(api.GET('/api/v1/places')),
  });
}

/** Reads twelve months as they were typed. */
export function useReadClimate() {
  return useMutation({
    mutationFn: (text: string) => need(api.POST('/api/v1/climate/read', { body: { text } })),
  });
}

export interface Template {
  name: string;
  own: boolean;
  occasion: OccasionDocument;
}

export function useTemplates() {
  return useQuery({
    queryKey: keys.occasionTemplates(),
    queryFn: async () => (await need(api.GET('/api/v1/occasion-templates'))) as unknown as Template[],
  });
}

export function useKeepTemplate() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (occasion: OccasionDocument) =>
      saveOver(
        () => tagged(api.GET('/api/v1/occasion-templates')),
        (_, header) =>
          need(api.POST('/api/v1/occasion-templates', { params: { header }, body: { ...occasion } })),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.occasionTemplates() }),
  });
}

/** Takes one of the studio's own templates away, by name. */
export function useWithdrawTemplate() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (name: string) =>
      saveOver(
        () => tagged(api.GET('/api/v1/occasion-templates')),
        (_, header) =>
          need(api.DELETE('/api/v1/occasion-templates/{name}', { params: { path: { name }, header } })),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.occasionTemplates() }),
  });
}

export function useOccasionTrial(clientId: string) {
  return useMutation({
    mutationFn: ({ occasion, season }: { occasion: OccasionDocument; season?: string }) =>
      need(
        api.POST('/api/v1/clients/{clientId}/occasion-trial', {
          ...path(clientId),
          body: { occasion: { ...occasion }, season },
        }),
      ),
  });
}
