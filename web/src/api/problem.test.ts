import { describe, expect, it } from 'vitest';
import { isProblem, sentence } from './problem';

const problem = { status: 400, code: 'invalid-input', detail: '/kind: unknown kind', errors: [] };

describe('what went wrong, in a sentence', () => {
  it.each([
    ['the server’s own', problem, '/kind: unknown kind'],
    [
      'of every mistake, without where it stands in the call',
      {
        ...problem,
        errors: [
          { pointer: '/kind', code: 'unknown-kind', message: 'unknown kind “shirtt”' },
          { pointer: '/cloth', code: 'unknown-value', message: 'unknown value “tweeed”' },
        ],
      },
      'unknown kind “shirtt”; unknown value “tweeed”',
    ],
    ['of a refusal without a list', { status: 413, code: 'too-large', detail: 'Too large.' }, 'Too large.'],
    [
      'when nothing answers',
      new TypeError('Failed to fetch'),
      'The server did not answer. What was shown as saved is safe; try again.',
    ],
    [
      'of no answer at all',
      undefined,
      'The server did not answer. What was shown as saved is safe; try again.',
    ],
  ])('%s', (_, error, words) => {
    expect(sentence(error)).toBe(words);
  });

  it.each([
    [problem, true],
    [{ status: 500 }, false],
    [null, false],
    ['status detail', false],
  ])('%j is a problem: %s', (value, is) => {
    expect(isProblem(value)).toBe(is);
  });
});
