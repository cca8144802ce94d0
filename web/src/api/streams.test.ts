import { describe, expect, it } from 'vitest';
import { streamAddress } from './streams';

const client = { path: { clientId: 'c 1' } };

describe('the address of a stream', () => {
  it.each([
    ['nothing besides', undefined, ''],
    ['nothing that is empty or undefined', { season: '', occasion: undefined }, ''],
    [
      'what is asked, escaped',
      { occasion: 'tea & cake', daring: false },
      '?occasion=tea%20%26%20cake&daring=false',
    ],
    ['every item of a list', { wear: ['top=p1', 'shoes=p2'] }, '?wear=top%3Dp1&wear=shoes%3Dp2'],
  ])('names %s', (_, query, written) => {
    const address = streamAddress('/api/v1/clients/{clientId}/bench', { ...client, query });
    expect(address).toBe(`/api/v1/clients/c%201/bench${written}`);
  });
});
