import { describe, expect, it } from 'vitest';
import { bars } from './bars';

const pieces = [
  { id: 'shirt', roles: ['top'] },
  { id: 'jeans', roles: ['bottom'] },
  { id: 'coat', roles: ['coat'] },
  { id: 'overshirt', roles: ['mid', 'coat'] },
  { id: 'rag', roles: [] },
] as never[];
const perPiece = { shirt: 30, jeans: 60, coat: '100', overshirt: 15 };

describe('bars', () => {
  it.each([
    ['outfits', { shirt: 0.5, jeans: 1, coat: 1, overshirt: 0.25, rag: 0 }, ['shirt', 'jeans', 'overshirt']],
    [
      'looks',
      { shirt: 0.3, jeans: 0.6, coat: 1, overshirt: 0.15, rag: 0 },
      ['shirt', 'jeans', 'coat', 'overshirt'],
    ],
    ['top', { shirt: 1, jeans: 0.6, coat: 1, overshirt: 0.15, rag: 0 }, ['shirt']],
  ])('when counting %s', (counting, lengths, counted) => {
    const { share, isCounted } = bars({ total: '100', perPiece }, pieces, counting);
    expect(
      Object.fromEntries(pieces.map((piece: { id: string }) => [piece.id, share(piece as never)])),
    ).toEqual(lengths);
    expect(pieces.filter(isCounted).map((piece: { id: string }) => piece.id)).toEqual(counted);
  });

  it('have no length before anything is counted, nor where there is nothing', () => {
    expect(pieces.map(bars(undefined, pieces, 'outfits').share)).toEqual([0, 0, 0, 0, 0]);
    const none = { shirt: 0, jeans: 0, coat: 0, overshirt: 0 };
    expect(pieces.map(bars({ total: 0, perPiece: none }, pieces, 'outfits').share)).toEqual([0, 0, 0, 0, 0]);
  });

  it.each([
    ['shirt', { short: '12.3 thousand', full: '12,345 outfits' }],
    ['jeans', { short: '60', full: '60 outfits' }],
    ['coat', { short: '99 %', full: 'goes with 99 % of the outfits', isShare: true }],
    ['overshirt', { short: 'under 1 %', full: 'goes with under 1 % of the outfits', isShare: true }],
    ['rag', { short: '–', full: 'in no outfit' }],
  ])('tell %s in figures or as a share', (id, told) => {
    const counted = { total: 100_000, perPiece: { shirt: 12345, jeans: 60, coat: '99999', overshirt: 1 } };
    expect(
      bars(counted, pieces, 'top,bottom').figure(pieces.find((one: { id: string }) => one.id === id)!),
    ).toEqual(told);
  });
});
