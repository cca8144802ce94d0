import { describe, expect, it, vi } from 'vitest';
import { mergedFields, mergedList, saveOver } from './merge';

const stale = { code: 'stale', status: 412, detail: 'Somebody changed this meanwhile.' };

describe('two who change one list', () => {
  it.each([
    ['both add', ['a'], ['a', 'b'], ['a', 'c'], ['a', 'c', 'b']],
    ['both add the same', ['a'], ['a', 'b'], ['a', 'b'], ['a', 'b']],
    ['one adds, one removes', ['a', 'b'], ['a'], ['a', 'b', 'c'], ['a', 'c']],
    ['both remove', ['a', 'b'], ['a'], ['b'], []],
    ['only the other changed it', ['a'], ['a'], ['b'], ['b']],
  ])('%s', (_, before, mine, now, merged) => {
    expect(mergedList(before, mine, now)).toEqual(merged);
  });
});

describe('two who change fields', () => {
  it('keeps both where they are different ones', () => {
    expect(mergedFields({ a: 1, b: 1, c: 1 }, { a: 2, b: 1 }, { a: 1, b: 3, c: 1, d: 4 })).toEqual({
      a: 2,
      b: 3,
      d: 4,
    });
  });

  it('is refused where both changed the same one differently', () => {
    expect(() => mergedFields({ a: 1 }, { a: 2 }, { a: 3 })).toThrow(
      expect.objectContaining({ code: 'stale' }),
    );
    expect(() => mergedFields({ a: 1 }, {}, { a: 3 })).toThrow(expect.objectContaining({ code: 'stale' }));
    expect(mergedFields({ a: 1 }, { a: 2 }, { a: 2 })).toEqual({ a: 2 });
  });
});

describe('saving over what is there now', () => {
  it('looks again when somebody was faster, and names the version it saw', async () => {
    let version = 0;
    const load = vi.fn(async () => ({ now: version, tag: `"${version}"` }));
    const send = vi.fn(async (now: number, header: { 'If-Match': string }) => {
      if (version < 2) {
        version++;
        throw stale;
      }
      return `${now} by ${header['If-Match']}`;
    });
    await expect(saveOver(load, send)).resolves.toBe('2 by "2"');
    expect(send).toHaveBeenCalledTimes(3);
  });

  it.each([
    ['always stale', stale, 4],
    ['refused for another reason', { code: 'invalid-input', status: 400, detail: 'no' }, 1],
  ])('gives up when it is %s', async (_, error, times) => {
    const send = vi.fn(() => Promise.reject(error));
    await expect(saveOver(async () => ({ now: 0, tag: '' }), send)).rejects.toBe(error);
    expect(send).toHaveBeenCalledTimes(times);
  });
});
