// @vitest-environment jsdom
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { counts, onDesk, piece } from '../../testing/desk';
import { CrossingTable } from './CrossingTable';
import { choose } from '../../testing/choose';

const pieces = [
  piece('shirt', ['top'], { order: { colour: 3 } as never, kindName: 'shirt' }),
  piece('blouse', ['top'], { order: { colour: 1 } as never, kindName: 'blouse' }),
  piece('tunic', ['top', 'bottom'], { order: { colour: 2 } as never, kindName: 'tunic' }),
  piece('jeans', ['bottom'], { order: { colour: 5 } as never, kindName: 'jeans' }),
  piece('skirt', ['bottom'], { order: { colour: 4 } as never, kindName: 'skirt' }),
];
const crossed = counts({
  total: 1,
  perPair: {
    'top×bottom': [
      { a: 'shirt', b: 'jeans', n: '9007199254740993' },
      { a: 'blouse', b: 'jeans', n: 40 },
      { a: 'blouse', b: 'skirt', n: 2 },
      { a: 'tunic', b: 'skirt', n: 12345 },
    ],
  },
  neverTogether: [{ a: 'shirt', b: 'skirt', rule: 'colour.near-miss' }],
});
const onPick = vi.fn();
const shown = (search = '') =>
  onDesk(<CrossingTable counts={crossed} cell={null} onPick={onPick} />, pieces, search);
const heads = (role: 'rowheader' | 'columnheader') =>
  screen.getAllByRole(role).map((header) => header.textContent!.replace('the ', ''));
const cell = (name: RegExp | string) => screen.getByRole('button', { name });

beforeEach(() => {
  onPick.mockClear();
  vi.stubGlobal('fetch', () => Promise.reject(new TypeError('offline')));
  // room for all rows: what is not in sight is not drawn
  vi.spyOn(Element.prototype, 'clientHeight', 'get').mockReturnValue(600);
  vi.spyOn(Element.prototype, 'clientWidth', 'get').mockReturnValue(900);
  Element.prototype.scrollTo = vi.fn() as never;
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

describe('one slot across another', () => {
  it.each([
    ['count', ['shirt', 'tunic', 'blouse'], ['jeans', 'skirt', 'tunic']],
    ['colour', ['blouse', 'tunic', 'shirt'], ['tunic', 'skirt', 'jeans']],
    ['family', ['blouse', 'shirt', 'tunic'], ['jeans', 'skirt', 'tunic']],
  ])('is sorted by %s on both sides', (sort, tops, bottoms) => {
    shown();
    choose(screen.getByRole('combobox'), sort);
    expect(heads('rowheader')).toEqual(tops);
    expect(heads('columnheader').slice(0, -1)).toEqual(bottoms);
  });

  it('says every count exactly, also where the cell shows it short', () => {
    shown();
    const great = cell('the shirt with the jeans: 9,007,199,254,740,993 outfits');
    expect(great.textContent).toMatch(/^9,?000/);
    expect(cell('the tunic with the skirt: 12,345 outfits').textContent).toMatch(/^12\.3k$/i);
    expect(cell('the blouse with the skirt: 2 outfits').textContent).toBe('2');
    const row = within(screen.getByRole('row', { name: /the blouse/ }));
    expect(row.getAllByRole('cell').at(-1)!.textContent).toBe('42');
  });

  it('marks a pair that never works with the rule that mostly forbids it', () => {
    shown();
    expect(cell('the shirt with the skirt: no outfit, mostly for “colour.near-miss”')).toBeTruthy();
    expect(cell('the blouse with the tunic: no outfit')).toBeTruthy();
  });

  it('has no cell for a piece with itself', () => {
    shown();
    expect(screen.queryByRole('button', { name: /the tunic with the tunic/ })).toBeNull();
    expect(screen.getAllByRole('button')).toHaveLength(3 * 3 - 1);
  });

  it('hands on the cell that is picked', () => {
    shown();
    fireEvent.click(cell(/the blouse with the jeans/));
    expect(onPick).toHaveBeenCalledExactlyOnceWith({ top: 'blouse', bottom: 'jeans' });
  });

  it.each([
    ['ArrowRight', /the shirt with the skirt/],
    ['ArrowDown', /the tunic with the jeans/],
    ['ArrowLeft', /the shirt with the jeans/],
    ['ArrowUp', /the shirt with the jeans/],
  ])('goes from cell to cell by keys: %s', async (key, to) => {
    shown();
    const from = cell(/the shirt with the jeans/);
    from.focus();
    fireEvent.keyDown(from, { key });
    await waitFor(() => expect(document.activeElement).toBe(cell(to)));
  });

  it('leaps over a piece with itself', async () => {
    shown();
    const from = cell(/the tunic with the skirt/);
    from.focus();
    fireEvent.keyDown(from, { key: 'ArrowRight' });
    await new Promise((done) => requestAnimationFrame(done));
    expect(document.activeElement, 'nothing is beyond it').toBe(from);
    const above = cell(/the shirt with the tunic/);
    above.focus();
    fireEvent.keyDown(above, { key: 'ArrowDown' });
    await waitFor(() => expect(document.activeElement).toBe(cell(/the blouse with the tunic/)));
  });

  it('says what is needed where one side is empty', () => {
    onDesk(<CrossingTable counts={crossed} cell={null} onPick={onPick} />, pieces.slice(0, 2));
    expect(screen.getByText(/Record at least one for each/)).toBeTruthy();
  });
});
