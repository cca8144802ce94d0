import { useRef } from 'react';
import { type EventData, streamAddress } from '../../../api/streams';
import { useStream } from '../../../api/useStream';
import type { OrNone } from '../../../api/client';
import { type Chosen } from '../../desk';

export type BenchView = EventData<'/api/v1/clients/{clientId}/bench', 'bench'>;
/** A slot with what it may hold, best first. */
export type BenchSlot = Omit<BenchView['slots'][number], 'offers'> & { offers: Offer[] };
/** Fields are omitted when they have no value. */
export type Offer = OrNone<BenchView['oneMore'][number], 'changes' | 'reason' | 'speaks'>;

/** The slots to the left of the figure: those put on first. */
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

/** The choices that still fit an outfit; earlier ones stay visible while new ones load. */
export function useBench(clientId: string, chosen: Chosen, wear: string[], stamp: string) {
  const { season, occasion, daring, capsule } = chosen;
  const stream = useStream(
    streamAddress('/api/v1/clients/{clientId}/bench', {
      path: { clientId },
      query: { season, occasion, daring, capsule, wear },
    }),
    'bench',
    stamp,
  );
  const last = useRef<BenchView | undefined>(undefined);
  const bench = stream.events[0];
  if (bench) {
    last.current = bench;
  }
  return { ...stream, bench: bench ?? last.current, isNow: bench !== undefined };
}
