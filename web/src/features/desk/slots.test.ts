import { describe, expect, it } from 'vitest';
import { countedSlots, countingOf, crossed, isPreset } from './slots';

describe('counted slots', () => {
  it.each([
    ['bases', 4, 'drape', 'underskirt'],
    ['clothes', 6, 'jacket', 'shoes'],
    ['outfits', 7, 'shoes', 'bag'],
    ['looks', 18, 'extra', 'base'],
    ['shoes,top', 2, 'top', 'bottom'],
    ['top,socks', 1, 'top', 'socks'],
    ['', 0, undefined, 'top'],
  ])('of %s are %i, with %s and without %s', (counting, size, one, other) => {
    const slots = countedSlots(counting);
    expect(slots).toHaveLength(size);
    if (one) expect(slots).toContain(one);
    expect(slots).not.toContain(other);
  });

  it('stand in the address in the order of dressing, whatever they were picked in', () => {
    expect(countingOf(['shoes', 'bottom', 'top'])).toBe('top,bottom,shoes');
    expect(countedSlots(countingOf(['shoes', 'top']))).toEqual(['top', 'shoes']);
    expect(countingOf([])).toBe('');
  });

  it('tell presets from slots', () => {
    expect(['outfits', 'clothes', 'looks'].every(isPreset)).toBe(true);
    expect(isPreset('top,bottom')).toBe(false);
  });
});

describe('the sides of the table', () => {
  it.each([
    ['top', 'bottom', ['top', 'bottom', 'shoes'], ['top', 'bottom']],
    ['top', 'bottom', ['onepiece', 'shoes'], ['onepiece', 'shoes']],
    ['shoes', 'bottom', ['top', 'bottom'], ['top', 'bottom']],
    ['top', 'shoes', ['top', 'bottom'], ['top', 'bottom']],
    ['shoes', 'top', ['top', 'bottom'], ['bottom', 'top']],
    ['top', 'top', ['top', 'bottom'], ['top', 'bottom']],
    ['top', 'bottom', ['top'], ['top', 'bottom']],
    ['top', 'bottom', [], ['top', 'bottom']],
  ])('%s and %s of %j', (rows, columns, counted, sides) => {
    expect(crossed(rows, columns, counted)).toEqual(sides);
  });
});
