import { describe, expect, it } from 'vitest';
import {
  benchAddress,
  benchOf,
  finishesOf,
  listQuery,
  pathsOf,
  slotsOf,
  withFinish,
  withPiece,
  withSlots,
} from './address';

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

describe('an outfit on the bench', () => {
  it.each([
    ['finish=p1%3Dtucked', { p1: ['tucked'] }],
    ['finish=p1%3Dopen%2Bbelted&finish=p2%3D', { p1: ['open', 'belted'], p2: [] }],
    ['finish=a%3Db%3Dtucked', { 'a=b': ['tucked'] }],
    ['', {}],
  ])('says how pieces are worn: %s', (query, finishes) => {
    expect(finishesOf(new URLSearchParams(query))).toEqual(finishes);
  });

  it('changes how one piece is worn and leaves the others', () => {
    const before = new URLSearchParams('wear=top%3Dp1&finish=p1%3Dtucked&finish=p2%3Dopen');
    const after = new URLSearchParams(withFinish('p1', ['half-tucked'], before));
    expect(finishesOf(after)).toEqual({ p1: ['half-tucked'], p2: ['open'] });
    expect(slotsOf(after)).toEqual({ top: 'p1' });
  });

  it.each([
    ['p3', 'bottom', { top: 'p1', bottom: 'p3' }],
    ['p1', 'mid', { bottom: 'p2', mid: 'p1' }],
    ['p9', 'top', { top: 'p9', bottom: 'p2' }],
  ])('takes %s from the rail as %s', (id, slot, slots) => {
    const search = new URLSearchParams(
      'season=winter&wear=top%3Dp1&wear=bottom%3Dp2&finish=p2%3Dopen&saved=o1',
    );
    const next = new URLSearchParams(withPiece(id, slot, search));
    expect(slotsOf(next)).toEqual(slots);
    expect(finishesOf(next)).toEqual({ p2: ['open'] });
    expect(next.get('saved')).toBe('o1');
  });

  it('opens a saved outfit where it was judged, and leaves what has gone out of the way to the nearest', () => {
    const saved = {
      id: 'o1',
      slots: { top: 'p1', bottom: 'gone' },
      finishes: { p1: ['tucked'] },
      occasion: 'desk day',
      season: '',
    };
    const bench = new URLSearchParams(benchOf(saved, '?season=summer&tag=safe').split('?')[1]);
    expect(slotsOf(bench)).toEqual({ top: 'p1', bottom: 'gone' });
    expect(finishesOf(bench)).toEqual({ p1: ['tucked'] });
    expect([bench.get('season'), bench.get('occasion'), bench.get('saved'), bench.get('tag')]).toEqual([
      null,
      'desk day',
      'o1',
      null,
    ]);
    const paths = new URLSearchParams(pathsOf(saved, '', new Map([['p1', {}]])).split('?')[1]);
    expect(slotsOf(paths)).toEqual({ top: 'p1' });
  });
});
