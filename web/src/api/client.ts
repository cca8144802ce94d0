import createClient from 'openapi-fetch';
import type { components, paths } from './schema';

/** The server writes every field of an answer, so none is optional here. */
type Whole<T> = T extends (infer U)[] ? Whole<U>[] : T extends object ? { [K in keyof T]-?: Whole<T[K]> } : T;

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

/** What the count stream carries; server-sent events stand outside the OpenAPI document. */
export interface Counts {
  total: Exact;
  daring: Exact;
  paper: Exact;
  perPiece: Record<string, Exact>;
  /** How many others a piece is in some outfit with. */
  reach: Record<string, number>;
  /** From a piece to those that would be in no outfit without it. */
  keeps: Record<string, string[]>;
  perStructure: { structure: string; works: Exact; daring: Exact }[];
  perPair: Record<string, { a: string; b: string; n: Exact }[]>;
  shareInTheDark: number;
  inTheDark: { works: Exact; all: Exact };
  missing: string[];
  orphans: string[];
  neverTogether: { a: string; b: string; rule: string }[];
  millis: number;
}

export interface Change {
  before: Exact;
  after: Exact;
  change: Exact;
}

/** How two counts differ. */
export interface Difference {
  total: Change;
  daring: Change;
  paper: Change;
  perPiece: ({ id: string } & Change)[];
  orphaned: string[];
  relieved: string[];
  missing: string[];
}

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

export const api = createClient<paths>({ baseUrl: location.origin });

api.use({
  onRequest({ request }) {
    const token = csrfToken();
    if (token && request.method !== 'GET') {
      request.headers.set('X-XSRF-TOKEN', token);
    }
    return request;
  },
  onResponse({ response }) {
    if (response.status === 401 && !location.pathname.startsWith('/sign-in')) {
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
