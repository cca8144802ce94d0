import { describe, expect, it } from 'vitest';
import { bestFirst } from './order';

const list = (words: string) =>
  words
    .split(' ')
    .filter(Boolean)
    .map((word) => ({
      verdict: word[0] === 'd' ? 'daring' : 'works',
      credits: Number(word[1]),
      slots: word,
    }));

describe('best first', () => {
  it.each([
    ['', ''],
    ['w2a w3a w2b w3b', 'w3a w3b w2a w2b'],
    ['d9 w0 d8 w1', 'w1 w0 d9 d8'],
    ['w1b w1a', 'w1b w1a'],
  ])('makes of %j %j', (stood, sorted) => {
    const outfits = list(stood) as never[];
    expect(bestFirst(outfits).map((outfit) => outfit.slots)).toEqual(sorted.split(' ').filter(Boolean));
    expect(outfits).toEqual(list(stood));
  });
});
