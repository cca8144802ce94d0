import type { OutfitView } from '../../api/client';

/** What works before what is daring, of one verdict by credits, of as many as they stood: as the server sorts whole lists. */
export function bestFirst(outfits: OutfitView[]): OutfitView[] {
  const isDaring = (outfit: OutfitView) => Number(outfit.verdict === 'daring');
  return [...outfits].sort((a, b) => isDaring(a) - isDaring(b) || b.credits - a.credits);
}
