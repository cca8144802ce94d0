import { describe, expect, it } from 'vitest';
import { isNothing, nothing, toWhatIf, type Thought } from './thought';

const held = { schools: { metals: 'mixed' }, parameters: { 'colour.near-miss/clear-from': 7 } };

const cases: [string, Partial<Thought>, object][] = [
  ['nothing', {}, {}],
  ['pieces out', { without: ['p1', 'p2'] }, { without: ['p1', 'p2'] }],
  ['a piece in', { lines: ['blazer navy'] }, { lines: ['blazer navy'] }],
  [
    'two changes of one piece come together, a dye as the only colour',
    {
      changed: [
        { id: 'p1', attribute: 'hem', value: 'ankle' },
        { id: 'p1', attribute: 'colours', value: '#1f2a44' },
        { id: 'p2', attribute: 'fit', value: 'close' },
      ],
    },
    {
      changed: [
        { id: 'p1', hem: 'ankle', colours: ['#1f2a44'] },
        { id: 'p2', fit: 'close' },
      ],
    },
  ],
  [
    'a school beside what is held for the client',
    { schools: { tailoring: 'free' } },
    { house: { schools: { metals: 'mixed', tailoring: 'free' }, parameters: held.parameters } },
  ],
  ['another season is no change of the wardrobe', { season: 'winter' }, {}],
];

describe('a thought', () => {
  it.each(cases)('%s', (_, change, document) => {
    expect(toWhatIf({ ...nothing, ...change }, held)).toEqual(document);
  });

  it.each(cases.slice(1))('is something: %s', (_, change) => {
    expect(isNothing({ ...nothing, ...change })).toBe(false);
  });

  it('is nothing at first', () => {
    expect(isNothing(nothing)).toBe(true);
  });
});
