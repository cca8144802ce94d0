import { describe, expect, it } from 'vitest';
import { sheetAddress, slotsOf } from './address';

describe('an outfit in an address', () => {
  it.each([
    [{ top: 'p1', bottom: 'p2', shoes: 'p3' }, {}],
    [{ top: 'p=1', bottom: 'p&2' }, { coat: 'ü 3' }],
    [{ top: 'a', jewellery: ['n1', 'e1'] }, {}],
  ])('is read back as it was written: %o', (slots, filled) => {
    const address = sheetAddress(
      { slots, filled, verdict: 'works', points: 0, credits: 0 } as never,
      '?season=winter&containing=x',
    );
    const search = new URLSearchParams(address.slice(address.indexOf('?')));
    expect(slotsOf(search)).toEqual({ ...slots, ...filled });
    expect(search.get('season')).toBe('winter');
    expect(search.has('containing')).toBe(false);
  });
});
