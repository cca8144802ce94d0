import createClient from 'openapi-fetch';
import type { components, paths } from './schema';

/** The server writes every field of an answer, so none is optional here. */
export type Whole<T> = T extends (infer U)[]
  ? Whole<U>[]
  : T extends object
    ? { [K in keyof T]-?: Whole<T[K]> }
    : T;

export type PieceView = Whole<components['schemas']['PieceView']>;
export type EntryView = Whole<components['schemas']['EntryView']>;
export type OutfitVerdict = Whole<components['schemas']['OutfitVerdict']>;
export type FindingView = Whole<components['schemas']['FindingView']>;
export type SavedOutfit = Whole<components['schemas']['SavedOutfitView']>;
export type SuitCell = Whole<components['schemas']['SuitCellView']>;
export type OutfitView = Whole<components['schemas']['OutfitView']>;
export type OutfitChange = Whole<components['schemas']['OutfitChangeView']>;
export type ClientView = Whole<components['schemas']['ClientView']>;
export type ForecastDay = Whole<components['schemas']['ForecastDayView']>;
export type PreviewView = Whole<components['schemas']['PreviewView']>;
export type PhotoView = Whole<components['schemas']['PhotoView']>;
export type RuleView = Whole<components['schemas']['RuleView']>;
export type PaletteView = Whole<components['schemas']['PaletteView']>;
export type SwatchView = Whole<components['schemas']['SwatchView']>;

/** An exact integer; beyond 2^53 it comes as text. */
export type Exact = number | string;

/** A field that is null where there is nothing, which the document cannot say of an object. */
type OrNull<T, K extends keyof T> = Omit<T, K> & { [P in K]: T[P] | null };

/** A field that is left out where there is nothing. */
export type OrNone<T, K extends keyof T> = Omit<T, K> & Partial<Pick<T, K>>;

/** The ladder and fresh days are of the stateless call alone. */
export type Counts = Omit<
  Whole<components['schemas']['CountsView']>,
  'ladder' | 'freshDays' | 'withAssumedCoat'
>;
/** How two counts differ. */
export type Difference = Whole<components['schemas']['DifferenceView']>;
/** A season and an occasion with what they make possible; no weakest month while it is not counted, or without weather. */
export type ContextCell = OrNull<Whole<components['schemas']['ContextCellView']>, 'weakest'>;

/** Changes to a wardrobe that are only thought of. */
export interface WhatIf {
  without?: string[];
  changed?: { id: string; [attribute: string]: unknown }[];
  lines?: string[];
  house?: { schools: Record<string, string>; parameters: Record<string, number> };
}

function csrfToken(): string | undefined {
  return document.cookie
    .split('; ')
    .find((cookie) => cookie.startsWith('XSRF-TOKEN='))
    ?.slice('XSRF-TOKEN='.length);
}

/** Sends a file as it is; the generated client speaks JSON only. */
export async function sendFile<T>(path: string, type: string, file: File): Promise<T> {
  const token = csrfToken();
  const answer = await fetch(path, {
    method: 'POST',
    headers: { 'Content-Type': type, ...(token ? { 'X-XSRF-TOKEN': token } : {}) },
    body: file,
  });
  const body: unknown = await answer.json();
  if (!answer.ok) {
    throw body;
  }
  return body as T;
}

const retries = 3;

/**
 * Sends a request; a POST again when no answer came, as on a lost connection. Its key tells the server which requests
 * are one, so that nothing is saved twice.
 */
async function send(request: Request): Promise<Response> {
  if (request.method !== 'POST') {
    return fetch(request);
  }
  request.headers.set('Idempotency-Key', crypto.randomUUID());
  for (let attempt = 0; ; attempt++) {
    try {
      return await fetch(request.clone());
    } catch (error) {
      if (attempt === retries || request.signal.aborted) {
        throw error;
      }
      await new Promise((resolve) => setTimeout(resolve, 300 * 2 ** attempt));
    }
  }
}

export const api = createClient<paths>({ baseUrl: location.origin, fetch: send });

api.use({
  onRequest({ request }) {
    const token = csrfToken();
    if (token && request.method !== 'GET') {
      request.headers.set('X-XSRF-TOKEN', token);
    }
    return request;
  },
  onResponse({ response }) {
    if (response.status === 401 && location.pathname !== '/sign-in') {
      location.assign('/sign-in');
    }
  },
});

/** The data of an answer, or a thrown problem. */
export async function need<T>(answer: Promise<{ data?: T; error?: unknown }>): Promise<Whole<T>> {
  const { data, error } = await answer;
  if (error !== undefined) {
    throw error;
  }
  return data as Whole<T>;
}
