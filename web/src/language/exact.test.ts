import { describe, expect, it } from 'vitest';
import type { Exact } from '../api/client';
import { compareExact, greatest, shareOf } from './exact';
import { figure, join } from './format';

const beyond = '9007199254740993'; // 2^53 + 1, which no number of JavaScript is

describe('exact figures', () => {
  it.each<[Exact, Exact, number]>([
    [1, 2, -1],
    [2, '2', 0],
    ['10', 9, 1],
    [beyond, '9007199254740992', 1],
    [beyond, Number.MAX_SAFE_INTEGER, 1],
    ['-3', 2, -1],
  ])('%s beside %s', (a, b, order) => {
    expect(compareExact(a, b)).toBe(order);
    expect(compareExact(b, a)).toBe(order === 0 ? 0 : -order);
  });

  it.each<[Exact[], Exact]>([
    [[], 0],
    [[3, '12', 7], '12'],
    [['9007199254740992', beyond], beyond],
  ])('the greatest of %j', (values, most) => {
    expect(greatest(values)).toBe(most);
  });

  it.each<[Exact, Exact, number]>([
    [0, 0, 0],
    [5, 10, 0.5],
    [beyond, beyond, 1],
  ])('%s of %s as a length', (value, most, share) => {
    expect(shareOf(value, most)).toBe(share);
  });

  it.each<[number | string | bigint, string]>([
    [0, '0'],
    [1234567, '1,234,567'],
    [beyond, '9,007,199,254,740,993'],
    [-12000n, '-12,000'],
  ])('%s is written %s', (value, written) => {
    expect(figure(value)).toBe(written);
  });

  it.each([
    [[], ''],
    [['a'], 'a'],
    [['a', 'b'], 'a and b'],
    [['a', 'b', 'c'], 'a, b and c'],
  ])('%j joined', (parts, joined) => {
    expect(join(parts)).toBe(joined);
  });
});
