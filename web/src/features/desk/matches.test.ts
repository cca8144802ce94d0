import { describe, expect, test } from 'vitest';
import type { PieceView } from '../../api/client';
import { narrowed, toggled } from './matches';

const piece = (id: string, label: string, kindName: string, decision = 'keep', tags: string[] = []) =>
  ({
    id,
    label,
    kindName,
    family: 'top',
    colourNames: ['charcoal'],
    resolved: { decision, tags },
    set: { asTyped: `${label} brunhilde`, notes: 'from the market' },
  }) as unknown as PieceView;
const pieces = [
  piece('a', 'Charcoal roll neck', 'roll neck'),
  piece('b', 'White T-shirt', 'T-shirt', 'undecided', ['to sell']),
  piece('c', 'Grey cardigan', 'cardigan'),
];
const all = { family: '', decision: '', tag: '' };
const ids = (found: PieceView[]) => found.map(({ id }) => id);

describe('finding pieces', () => {
  test.each([
    ['roll-neck', ['a']],
    ['ROLL neck charcoal', ['a']],
    ['t shirt', ['b']],
    ['sell', ['b']],
    ['', ['a', 'b', 'c']],
    ['velvet', []],
    ['brunhilde cardigan', ['c']],
    ['market white', ['b']],
  ])('%s', (find, found) => {
    expect(ids(narrowed(pieces, find, all))).toEqual(found);
  });

  test('search and filter narrow together', () => {
    expect(ids(narrowed(pieces, '', { ...all, decision: 'undecided' }))).toEqual(['b']);
    expect(ids(narrowed(pieces, 'grey', { ...all, tag: 'to sell' }))).toEqual([]);
  });
});

describe('selecting a range', () => {
  test('takes everything between in, in either direction', () => {
    expect(toggled(new Set(), pieces, 2, 0)).toEqual(new Set(['a', 'b', 'c']));
  });

  test('takes out when the last was in', () => {
    expect(toggled(new Set(['a', 'b', 'c']), pieces, 0, 1)).toEqual(new Set(['c']));
  });

  test('leaves the set it was given alone', () => {
    const before = new Set(['a']);
    toggled(before, pieces, 1, 1);
    expect(before).toEqual(new Set(['a']));
  });
});
