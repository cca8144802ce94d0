import { describe, expect, it } from 'vitest';
import * as z from 'zod/mini';
import { textOf, textUpTo, wholeWithin } from './shapes';

const problem = (shape: z.ZodMiniType, value: string) => shape.safeParse(value).error?.issues[0]?.message;

describe('a field of a form', () => {
  it.each([
    ['', undefined],
    ['a'.repeat(80), undefined],
    ['a'.repeat(81), 'At most 80 characters.'],
  ])('of text takes %s', (value, message) =>
    expect(problem(textUpTo({ maxLength: 80 }), value)).toBe(message),
  );

  it.each([
    ['', 'Say what.'],
    ['  ', 'Say what.'],
    [' a ', undefined],
    ['a'.repeat(2001), 'At most 2,000 characters.'],
  ])('that must be there takes "%s"', (value, message) =>
    expect(problem(textOf({ maxLength: 2000 }, 'Say what.'), value)).toBe(message),
  );

  it.each([
    ['0', undefined],
    [' 100 ', undefined],
    ['101', 'A whole number from 0 to 100.'],
    ['-1', 'A whole number from 0 to 100.'],
    ['1.5', 'A whole number from 0 to 100.'],
    ['', 'A whole number from 0 to 100.'],
    ['1e9', 'A whole number from 0 to 100.'],
  ])('of a number takes "%s"', (value, message) =>
    expect(problem(wholeWithin({ minimum: 0, maximum: 100 }), value)).toBe(message),
  );
});
