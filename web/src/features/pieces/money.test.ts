import { describe, expect, test } from 'vitest';
import { money, sums } from './money';

describe('money', () => {
  test.each([
    [
      [
        ['0.10', 'EUR'],
        ['0.20', 'EUR'],
      ],
      [['0.300', 'EUR']],
    ],
    [
      [
        ['9007199254740993.01', 'EUR'],
        ['0.02', 'EUR'],
      ],
      [['9007199254740993.030', 'EUR']],
    ],
    [
      [
        ['12', 'GBP'],
        ['1.5', 'EUR'],
        ['3.250', 'GBP'],
      ],
      [
        ['15.250', 'GBP'],
        ['1.500', 'EUR'],
      ],
    ],
    [[['0', 'EUR']], [['0.000', 'EUR']]],
    [[], []],
  ])('adds up exactly, each currency for itself: %o', (costs, expected) => {
    const given = costs.map(([amount, currency]) => ({ amount, currency }) as never);
    expect(sums([undefined, ...given])).toEqual(expected.map(([amount, currency]) => ({ amount, currency })));
  });

  test.each([
    [{ amount: '1250.50', currency: 'EUR' }, '€1,250.50'],
    [{ amount: '0.70', currency: 'GBP' }, '£0.70'],
    [null, ''],
    ['12', ''],
  ])('is written as the studio writes it: %o', (cost, expected) => {
    expect(money(cost)).toBe(expected);
  });
});
