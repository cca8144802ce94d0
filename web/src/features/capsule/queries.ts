import type { Exact } from '../../api/client';

export interface Wishes {
  size: number;
  seasons: string[];
  occasions: string[];
  must: string[];
  never: string[];
  breakSets: boolean;
  varietyCostFraction: number;
}

export interface Plan {
  pieces: string[];
  figures: {
    needsMetFraction: number;
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
    tops: number;
    bottoms: number;
    contexts: {
      occasion: string;
      season: string;
      need: number;
      weakestMonth?: number;
      weakestMonthOutfits: Exact;
    }[];
  };
  reasons: Record<string, { in: Exact; completes: Exact; lost: Exact; text: string }>;
  swaps: { out: string; in: string; needsMetFraction: number; outfits: number }[];
  nearest: { piece: string; adds: number }[];
  curve: { size: number; needsMetFraction: number; outfits: number }[];
  /** The smallest size that meets the needs almost as well as any. */
  elbow: number;
  quality: 'proved' | 'bounded' | 'unbounded';
  relaxations: { wish: string; text: string }[];
}

/** The address of the stream that plans a client's capsule. */
export function planAddress(clientId: string, wishes: Wishes): string {
  const { occasions, ...rest } = wishes;
  const asked = { wishes: occasions.length > 0 ? { ...rest, occasions } : rest };
  return `/api/v1/clients/${clientId}/capsule-plan?asked=${encodeURIComponent(JSON.stringify(asked))}`;
}
