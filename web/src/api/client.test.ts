// @vitest-environment jsdom
import { afterEach, describe, expect, it, vi } from 'vitest';

const answer = vi.fn();
// The client captures fetch when it is loaded.
vi.stubGlobal('fetch', (request: Request) => answer(request));
const { api, need } = await import('./client');

afterEach(() => answer.mockReset());

const client = { id: 'c1', name: 'Vera', pieces: 0 };

/** A network that loses the first answers. */
function losing(answers: number) {
  const keys: (string | null)[] = [];
  answer.mockImplementation(async (request: Request) => {
    keys.push(request.headers.get('Idempotency-Key'));
    await request.text();
    if (keys.length <= answers) {
      throw new TypeError('Failed to fetch');
    }
    return Response.json(client, { status: 201 });
  });
  return keys;
}

const add = () => need(api.POST('/api/v1/clients', { body: { name: 'Vera' } }));

describe('a connection that is lost before the answer came', () => {
  it('sends the same request again, with the same key', async () => {
    const keys = losing(2);
    await expect(add()).resolves.toEqual(client);
    expect(keys).toHaveLength(3);
    expect(new Set(keys).size).toBe(1);
    expect(keys[0]).toMatch(/^[0-9a-f-]{36}$/);
  });

  it('gives up in the end', async () => {
    const keys = losing(Infinity);
    await expect(add()).rejects.toThrow('Failed to fetch');
    expect(keys).toHaveLength(4);
  });

  it('is another request when it is made anew', async () => {
    const keys = losing(0);
    await add();
    await add();
    expect(new Set(keys).size).toBe(2);
  });

  it('reads only once, and without a key', async () => {
    const keys = losing(1);
    await expect(need(api.GET('/api/v1/clients'))).rejects.toThrow();
    expect(keys).toEqual([null]);
  });
});
