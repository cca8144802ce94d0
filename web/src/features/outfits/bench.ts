import { useRef } from 'react';
import { useEventStream } from '../../api/useStream';
import { type Chosen } from '../desk';

/** What a slot may hold; server-sent events stand outside the OpenAPI document. */
export interface Offer {
  slot: string;
  /** One, or several of a set of jewellery. */
  pieces: string[];
  /** The best an outfit with it and all that is there comes to. */
  verdict: 'works' | 'daring' | 'no';
  /** How many other pieces would have to make way; left out where nothing works with it. */
  changes?: number;
  /** The worst that is said because of it. */
  reason?: string;
  /** What it adds most to the score. */
  speaks?: string;
}

export interface BenchSlot {
  slot: string;
  fit: number;
  /** Best first. */
  offers: Offer[];
}

export interface BenchView {
  /** In the order in which a body is dressed. */
  slots: BenchSlot[];
  oneMore: Offer[];
}

/** The slots beside the figure on its left: what is put on first. */
const first = ['base', 'top', 'bottom', 'onepiece', 'drape', 'underskirt', 'legwear', 'shoes'];

export function isFirst(slot: string): boolean {
  return first.includes(slot);
}

/** What makes an outfit whole by itself, and so takes the place of the others. */
const whole = ['onepiece', 'drape'];
const separates = ['top', 'bottom', 'underskirt'];

/** The slots that are emptied when a piece goes into one where it does not fit beside them. */
export function makingWay(slot: string): string[] {
  if (whole.includes(slot)) {
    return [...separates, ...whole].filter((other) => other !== slot);
  }
  return separates.includes(slot) ? whole : [];
}

/** What still fits an outfit; what was known before stays in sight until it is known anew. */
export function useBench(clientId: string, chosen: Chosen, wear: string[], stamp: string) {
  const query = new URLSearchParams();
  (['season', 'occasion', 'capsule'] as const).forEach(
    (name) => chosen[name] && query.set(name, chosen[name]),
  );
  query.set('daring', String(chosen.daring));
  wear.forEach((one) => query.append('wear', one));
  const stream = useEventStream<BenchView>(`/api/v1/clients/${clientId}/bench?${query}`, 'bench', stamp);
  const last = useRef<BenchView | undefined>(undefined);
  const bench = stream.events[0];
  if (bench) {
    last.current = bench;
  }
  return { ...stream, bench: bench ?? last.current, isNow: bench !== undefined };
}
