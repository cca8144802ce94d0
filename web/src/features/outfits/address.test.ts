import { describe, expect, it } from 'vitest';
import { listQuery, benchAddress, slotsOf, withSlots } from './address';

describe('an outfit in an address', () => {
  it.each([
    [{ top: 'p1', bottom: 'p2', shoes: 'p3' }, {}],
    [{ top: 'p=1', bottom: 'p&2' }, { coat: 'ü 3' }],
    [{ top: 'a', jewellery: ['n1', 'e1'] }, {}],
  ])('is read back as it was written: %o', (slots, filled) => {
    const address = benchAddress(
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

describe('a list in an address', () => {
  it.each([
    ['?season=winter&view=byPiece&containing=a&placed=top%3Db', {}, 'season=winter'],
    ['?season=winter&structure=separates', { containing: 'p1' }, 'season=winter&containing=p1'],
    ['?verdict=daring', { placed: ['top=a', 'bottom=b'] }, 'placed=top%3Da&placed=bottom%3Db'],
    ['?season=winter&occasion=desk', { season: '', occasion: 'hike' }, 'occasion=hike'],
    [
      '?counting=looks&order=credits&wear=top%3Da&rule=fits',
      { verdict: 'daring' },
      'counting=looks&order=credits&verdict=daring',
    ],
  ])('keeps the context of %s with %o', (search, narrowed, query) => {
    expect(listQuery(search, narrowed as Record<string, string | string[]>)).toBe(query);
  });
});
