import type { Exact } from '../api/client';

/** Orders exact figures, the smallest first. */
export function compareExact(a: Exact, b: Exact): number {
  const one = BigInt(a);
  const other = BigInt(b);
  return one < other ? -1 : one > other ? 1 : 0;
}

/** How much of the most a figure is, 0 to 1: for the length of a bar, not for a number. */
export function shareOf(value: Exact, most: Exact): number {
  return Number(most) === 0 ? 0 : Number(value) / Number(most);
}

export function greatest(values: Exact[]): Exact {
  return values.reduce((best, value) => (compareExact(value, best) > 0 ? value : best), 0);
}
