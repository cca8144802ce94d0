import { describe, expect, test } from 'vitest';
import type { PieceView } from '../../api/client';
import { hang } from './railOrder';

const piece = (id: string, family: string, colour: number, season: number) =>
  ({ id, family, order: { colour, season } }) as unknown as PieceView;
const pieces = [
  piece('coat', 'coat', 3, 5),
  piece('tee', 'top', 1, 1),
  piece('knit', 'top', 2, 4),
  piece('jeans', 'bottom', 4, 3),
];

describe('the rail', () => {
  test('hangs families in the order of getting dressed, and pieces as they were recorded', () => {
    expect(hang(pieces, 'family', {}).map(({ members }) => members.map(({ id }) => id))).toEqual([
      ['tee', 'knit'],
      ['jeans'],
      ['coat'],
    ]);
  });

  test.each([
    ['colour', ['tee', 'knit', 'coat', 'jeans']],
    ['season', ['tee', 'jeans', 'knit', 'coat']],
    ['count', ['coat', 'jeans', 'knit', 'tee']],
    ['worn', ['coat', 'jeans', 'tee', 'knit']],
  ] as const)('by %s hangs all on one bar, least first', (sort, order) => {
    const counts = { tee: 9, knit: 7, jeans: 1 };
    const worn = { tee: { last: '2027-01-02' }, knit: { last: '2027-01-09' } };
    const hung = hang(pieces, sort, counts, worn);
    expect(hung).toHaveLength(1);
    expect(hung[0]!.members.map(({ id }) => id)).toEqual(order);
  });

  test('of nothing is empty', () => {
    expect(hang([], 'colour', {})).toEqual([]);
    expect(hang([], 'family', {})).toEqual([]);
  });
});
