import { describe, expect, it } from 'vitest';
import type { PieceView } from '../../api/client';
import { stepFigures } from './Steps';

const known = { capsules: 2, total: '3,464', rulings: 0, changedRules: 0 };
const piece = (decision: string) => ({ resolved: { decision } }) as unknown as PieceView;

describe('the figure of each step', () => {
  it.each([
    ['palette', {}, '…'],
    ['palette', { colours: 1 }, '1 colour'],
    ['palette', { colours: 17 }, '17 colours'],
    ['pieces', {}, '…'],
    ['pieces', { pieces: [piece('keep')] }, '1'],
    ['pieces', { pieces: [piece('keep'), piece('undecided')] }, '2 · 1 undecided'],
    ['outfits', {}, '3,464'],
    ['counts', {}, '3,464'],
    ['capsule', {}, '2 saved'],
    ['rules', {}, 'as usual'],
  ] as const)('of %s, knowing %j', (step, more, words) => {
    expect(stepFigures({ ...known, ...more } as Parameters<typeof stepFigures>[0])[step]).toBe(words);
  });
});
