import * as z from 'zod/mini';
import { say } from './messages';

/** Text of a form within the limit the server publishes for it. */
export function textUpTo({ maxLength }: { maxLength: number }) {
  return z.string().check(z.maxLength(maxLength, say('tooLong', { most: maxLength })));
}

/** The same for text that must be there; blanks around it do not count. */
export function textOf(limit: { maxLength: number }, missing: string) {
  return textUpTo(limit).check(z.refine((value) => value.trim() !== '', missing));
}

/** A whole number typed into a form within the limits the server publishes for it. */
export function wholeWithin({ minimum, maximum }: { minimum: number; maximum: number }) {
  return z.string().check(
    z.trim(),
    z.refine(
      (value) => /^-?\d+$/.test(value) && Number(value) >= minimum && Number(value) <= maximum,
      say('outside', { least: minimum, most: maximum }),
    ),
  );
}
