import { describe, expect, test } from 'vitest';
import { merged } from './merge';

const base = { kind: 'shirt', size: '38', notes: 'old' };

describe('two changes of one piece', () => {
  test.each([
    [
      'of different attributes',
      { ...base, notes: 'mine' },
      { ...base, size: '40' },
      { notes: 'mine', size: '40' },
      [],
    ],
    [
      'of the same attribute',
      { ...base, size: '39' },
      { ...base, size: '40' },
      { size: '39', notes: 'old' },
      ['size'],
    ],
    ['to the same value', { ...base, size: '40' }, { ...base, size: '40' }, { size: '40', notes: 'old' }, []],
    [
      'one of them back to derived',
      { kind: 'shirt', notes: 'old' },
      { ...base, notes: 'theirs' },
      { notes: 'theirs' },
      [],
    ],
    [
      'both differently, one back to derived',
      { kind: 'shirt', notes: 'old' },
      { ...base, size: '40' },
      { notes: 'old' },
      ['size'],
    ],
  ])('%s', (_, mine, theirs, both, contested) => {
    expect(merged(base, mine, theirs)).toEqual({ both: { kind: 'shirt', ...both }, contested });
  });
});
