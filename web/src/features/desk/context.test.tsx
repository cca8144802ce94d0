// @vitest-environment jsdom
import { act, cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { onDesk, usual } from '../../testing/desk';
import { contextQuery, isDay, seasonOptions, seasonWords, useChosen, type Chosen } from './context';

let change: ReturnType<typeof useChosen>[1];

function Probe() {
  const [chosen, set] = useChosen();
  change = set;
  return <output>{JSON.stringify(chosen)}</output>;
}

const chosen = () => JSON.parse(screen.getByRole('status').textContent!) as Chosen;

afterEach(cleanup);

describe('what can be asked about', () => {
  const days = [
    { date: '2027-01-12', lowC: -1, highC: 5.4, windMs: 5, rainChance: 0.1 },
    { date: '2027-01-15', lowC: 1, highC: 4, windMs: 6, rainChance: 0.9 },
  ];

  it('is no weather, the seasons, and coming days with their weather', () => {
    const client = {
      seasons: [
        { id: 'winter', months: [1] },
        { id: 'year', months: [1, 7] },
      ],
    };
    expect(seasonOptions(client, days)).toEqual([
      ['', 'no weather'],
      ['winter', 'winter'],
      ['year', 'all year'],
      ['2027-01-12', 'Tue 12 Jan: -1 to 5 °C'],
      ['2027-01-15', 'Fri 15 Jan: 1 to 4 °C, rain'],
    ]);
  });

  it.each([
    ['2027-01-12', true, 'Tue 12 Jan'],
    ['winter', false, 'winter'],
    ['2027-1-12', false, '2027-1-12'],
    ['', false, 'no weather'],
  ])('tells a day from a season: “%s”', (season, day, words) => {
    expect(isDay(season)).toBe(day);
    expect(seasonWords(season)).toBe(words);
  });
});

describe('the context in the address', () => {
  it.each<[string, Partial<Chosen>, object]>([
    ['', usual, { counting: 'clothes', daring: false, season: undefined, occasion: undefined }],
    [
      '?season=winter&occasion=Desk+day&daring=yes',
      { season: 'winter', occasion: 'Desk day', daring: true },
      { counting: 'clothes', daring: true, season: 'winter', occasion: 'Desk day' },
    ],
    ['?season=monsoon', { season: 'monsoon' }, { season: 'monsoon' }],
    ['?daring=perhaps', { daring: false }, { daring: false }],
    ['?counting=outfits&rows=jacket&columns=shoes', { rows: 'jacket', columns: 'shoes' }, {}],
    ['?counting=clothes&columns=shoes', { rows: 'top', columns: 'bottom' }, { counting: 'clothes' }],
    ['?rows=bottom', { rows: 'bottom', columns: 'top' }, {}],
    ['?counting=mid,jacket', { rows: 'mid', columns: 'jacket' }, { counting: 'mid,jacket' }],
  ])('of “%s”', (search, read, query) => {
    onDesk(<Probe />, [], search);
    expect(chosen()).toMatchObject(read);
    expect(contextQuery(chosen())).toMatchObject(query);
  });

  it('is changed part by part, and what is empty leaves it', () => {
    const { router } = onDesk(<Probe />, [], '?season=winter&occasion=Desk+day&view=byPiece');
    act(() => change({ season: 'summer', daring: 'yes' }));
    expect(chosen()).toMatchObject({ season: 'summer', occasion: 'Desk day', daring: true });
    act(() => change({ occasion: '', daring: undefined }));
    expect(Object.fromEntries(new URLSearchParams(router.state.location.search))).toEqual({
      season: 'summer',
      view: 'byPiece',
    });
  });
});
