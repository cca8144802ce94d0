// @vitest-environment jsdom
import { Refusal, server } from '../../testing/server';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Notices } from '../../ui/Notices';
import { choose } from '../../testing/choose';
import { onDesk, piece } from '../../testing/desk';
import { PiecesTable } from './PiecesTable';

const change = 'POST /api/v1/clients/c1/pieces/change';
const remove = 'POST /api/v1/clients/c1/pieces/delete';
const of = (id: string, version: number) =>
  piece(id, ['top'], { version, resolved: { tags: ['travel'] }, colourNames: ['navy'] } as never);
const pieces = [of('shirt', 3), of('vest', 8), of('coat', 1)];
const seen = { shirt: 3, vest: 8 };
const select = vi.fn<(chosen: Set<string>) => void>();

function open(...chosen: string[]) {
  onDesk(
    <Notices>
      <PiecesTable clientId="c1" />
    </Notices>,
    pieces,
    '',
    [],
    undefined,
    { selection: new Set(chosen), select: select as never },
  );
}
const list = (name: string) => screen.findByRole('combobox', { name });
const pick = async (name: string, value: string) => {
  const box = await list(name);
  await waitFor(() => choose(box, value));
};
const cleared = () => waitFor(() => expect(select.mock.calls).toEqual([[new Set()]]));

beforeEach(() => {
  select.mockReset();
  server.answers({
    'GET /api/v1/vocabulary': {
      words: { decision: ['keep', 'sell'], whereabouts: ['wardrobe', 'cleaner'] },
      setKinds: ['suit'],
      kinds: [],
    },
    [change]: ({ body }: { body: unknown }) =>
      Object.keys((body as { seen: object }).seen).map((id) => of(id, 9)),
    [remove]: {},
    'POST /api/v1/clients/c1/undo': { undone: true, part: 'pieces', label: '', entries: 2, fields: [] },
  });
});
afterEach(cleanup);

describe('several pieces', () => {
  it.each<[string, string, object]>([
    ['decide', 'sell', { set: { decision: 'sell' }, add: {} }],
    ['move to', 'cleaner', { set: { whereabouts: 'cleaner' }, add: {} }],
  ])('are changed together, as they were seen: %s', async (name, value, body) => {
    open('shirt', 'vest');
    await pick(name, value);
    await cleared();
    expect(server.bodies(change)).toEqual([{ seen, ...body }]);
    expect(await screen.findByText('Changed: 2 pieces')).toBeTruthy();
  });

  it('are tagged together with one word, which has no comma in it', async () => {
    open('shirt', 'vest');
    const tag = await screen.findByLabelText('add a tag');
    fireEvent.submit(tag.closest('form')!);
    fireEvent.change(tag, { target: { value: ' Rome, spring ' } });
    fireEvent.submit(tag.closest('form')!);
    await cleared();
    expect(server.bodies(change)).toEqual([{ seen, set: {}, add: { tags: ['Rome  spring'] } }]);
  });

  it('are deleted together, and come back by undo', async () => {
    open('shirt', 'vest');
    fireEvent.click(await screen.findByRole('button', { name: 'Delete' }));
    await cleared();
    expect(server.bodies(remove)).toEqual([{ seen }]);
    fireEvent.click(await screen.findByRole('button', { name: 'Undo' }));
    expect(await screen.findByText('Undone: 2 pieces')).toBeTruthy();
  });

  it('are named where it is one', async () => {
    open('shirt');
    fireEvent.click(await screen.findByRole('button', { name: 'Delete' }));
    expect(await screen.findByText('Deleted: the shirt')).toBeTruthy();
    expect(screen.queryByRole('combobox', { name: 'make them a set' })).toBeNull();
  });

  it.each([
    ['changed', change, () => pick('decide', 'keep')],
    [
      'deleted',
      remove,
      async () => void fireEvent.click(await screen.findByRole('button', { name: 'Delete' })),
    ],
  ])('that somebody else changed are not %s, stay selected and are loaded anew', async (_, route, act) => {
    server.answer(route, new Refusal(412, 'Somebody else changed the vest.'));
    open('shirt', 'vest');
    await act();
    expect(await screen.findByText('Somebody else changed the vest.')).toBeTruthy();
    expect(select).not.toHaveBeenCalled();
  });

  it('become a set named by the first of them', async () => {
    const set = 'PUT /api/v1/clients/c1/sets/s-12345678';
    server.answer(set, {});
    vi.spyOn(crypto, 'randomUUID').mockReturnValue('12345678-0000-4000-8000-000000000000');
    open('shirt', 'vest');
    await pick('make them a set', 'suit');
    expect(await screen.findByText('Set created: navy suit')).toBeTruthy();
    expect(server.bodies(set)).toEqual([{ kind: 'suit', label: 'navy suit', pieces: ['shirt', 'vest'] }]);
  });

  it('are counted while none is selected', async () => {
    open();
    expect(screen.getByTestId('shown-pieces').textContent).toBe('3 pieces');
    fireEvent.click(screen.getByLabelText('Select all shown'));
    expect(select.mock.calls).toEqual([[new Set(['coat', 'vest', 'shirt'])]]);
  });
});
