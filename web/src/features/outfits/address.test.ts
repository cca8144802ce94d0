import { describe, expect, it } from 'vitest';
import { sheetAddress, slotsOf, withSlots } from './address';

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

  it('keeps the context and drops the list when a piece is swapped', () => {
    const search = new URLSearchParams(
      withSlots({ top: 'a', jewellery: ['n1', 'e1'] }, '?season=winter&wear=top%3Dz&containing=x&rule=fits'),
    );
    expect(slotsOf(search)).toEqual({ top: 'a', jewellery: ['n1', 'e1'] });
    expect([...search.keys()].sort()).toEqual(['season', 'wear', 'wear', 'wear']);
  });
});
