import { describe, expect, it } from 'vitest';
import type { PieceView } from '../../api/client';
import { away, waiting } from './notHere';

describe('pieces that are not at hand', () => {
  it.each<[string, Record<string, string>, 'away' | 'waiting' | 'here']>([
    ['in the wardrobe', { whereabouts: 'wardrobe' }, 'here'],
    ['at the cleaner', { whereabouts: 'cleaner' }, 'away'],
    ['lent', { whereabouts: 'lent', decision: 'keep' }, 'away'],
    ['in need of a repair', { whereabouts: 'wardrobe', condition: 'needs-repair' }, 'waiting'],
    ['decided to be repaired', { whereabouts: 'wardrobe', decision: 'repair' }, 'waiting'],
    ['at the cleaner, decided to be cleaned', { whereabouts: 'cleaner', decision: 'clean' }, 'waiting'],
    ['decided to be altered', { whereabouts: 'wardrobe', decision: 'alter' }, 'here'],
  ])('tells one %s', (_, resolved, expected) => {
    const pieces = [{ id: 'p', resolved } as unknown as PieceView];
    expect({ away: away(pieces).length, waiting: waiting(pieces).length }).toEqual({
      away: expected === 'away' ? 1 : 0,
      waiting: expected === 'waiting' ? 1 : 0,
    });
  });
});
