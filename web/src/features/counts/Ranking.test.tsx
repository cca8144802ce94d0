// @vitest-environment jsdom
import { cleanup, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { counts, onDesk, piece } from '../../testing/desk';
import { Ranking } from './Ranking';
import { choose } from '../../testing/choose';

const pieces = [
  piece('shirt', ['top']),
  piece('blouse', ['top']),
  piece('jeans', ['bottom']),
  piece('skirt', ['bottom']),
  piece('coat', ['coat']),
];
const counted = counts({
  total: '9007199254740993',
  perPiece: { shirt: '9007199254740993', blouse: '9007199254740992', jeans: 12, skirt: 0 },
  reach: { shirt: 2, blouse: 4, jeans: 3 },
  keeps: { jeans: ['shirt', 'blouse', 'coat'], blouse: ['jeans'] },
  orphans: ['skirt'],
});

const shown = (search = '') => onDesk(<Ranking counts={counted} />, pieces, search);
const rows = () =>
  within(screen.getByTestId('ranking'))
    .getAllByRole('rowheader')
    .map((header) => header.textContent);

afterEach(cleanup);

describe('every piece with its count', () => {
  it.each([
    ['weakest', ['skirt', 'jeans', 'blouse', 'shirt', 'coat']],
    ['strongest', ['shirt', 'blouse', 'jeans', 'skirt', 'coat']],
    ['reach', ['blouse', 'jeans', 'shirt', 'skirt', 'coat']],
    ['keeps', ['jeans', 'blouse', 'shirt', 'skirt', 'coat']],
  ])('by %s, exactly, and last what is not counted yet', (order, ids) => {
    shown();
    choose(screen.getByRole('combobox'), order);
    expect(rows()).toEqual(ids.map((id) => `the ${id}`));
  });

  it('opens the list of a piece in the same context', () => {
    shown('?season=winter&view=byPiece');
    const link = screen.getByRole('link', { name: '9,007,199,254,740,993 with layers' });
    const address = new URL(link.getAttribute('href')!, 'http://here');
    expect(address.pathname).toMatch(/outfits$/);
    expect(Object.fromEntries(address.searchParams)).toEqual({ season: 'winter', containing: 'shirt' });
  });

  it('tells an orphan from a piece that is still being counted', () => {
    shown();
    const row = (id: string) => within(screen.getByRole('row', { name: new RegExp(`the ${id} `) }));
    expect(row('skirt').getByText('in no outfit')).toBeTruthy();
    expect(row('coat').getByText('still counting')).toBeTruthy();
    expect(row('skirt').queryByRole('link')).toBeNull();
  });

  it('names what depends on a piece, all of it to who asks', () => {
    shown();
    const kept = screen.getByTitle('the shirt, the blouse and the coat would be in no outfit without it');
    expect(kept.textContent).toBe('3 the shirt, the blouse …');
    expect(screen.getByTitle('the jeans would be in no outfit without it').textContent).toBe('1 the jeans');
  });
});
