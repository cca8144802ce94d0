// @vitest-environment jsdom
import { Refusal, server } from '../../../testing/server';
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { SavedOutfit } from '../../../api/client';
import { Notices } from '../../../ui/Notices';
import { onDesk, piece } from '../../../testing/desk';
import { SavedOutfitsPage } from './SavedOutfitsPage';

const saved = (id: string, more: Partial<SavedOutfit> = {}) =>
  ({
    id,
    name: id,
    notes: '',
    occasions: [],
    seasons: [],
    tags: [],
    favourite: false,
    slots: { top: 'shirt', bottom: 'jeans' },
    finishes: {},
    version: 3,
    gone: [],
    verdict: 'works',
    season: '',
    occasion: '',
    reason: null,
    timesWorn: 0,
    lastWorn: null,
    earlier: [],
    figure: '<svg/>',
    ...more,
  }) as unknown as SavedOutfit;
const monday = saved('Monday', {
  occasions: ['desk day'],
  favourite: true,
  timesWorn: 2,
  lastWorn: '2026-11-02',
  earlier: [
    { version: 1, slots: { top: 'shirt', bottom: 'kilt' }, finishes: {} },
    { version: 2, slots: { top: 'shirt', bottom: 'skirt' }, finishes: { shirt: ['tucked'] } },
  ] as never,
});
const party = saved('Party', {
  tags: ['loud'],
  seasons: ['winter'],
  slots: { top: 'shirt', bottom: 'skirt' },
  verdict: 'daring',
  reason: 'Two prints.',
});
const lost = saved('Lost', { gone: ['kilt'], slots: { top: 'shirt', bottom: 'kilt' }, verdict: 'no' });

const all = 'GET /api/v1/clients/c1/saved-outfits';
const change = 'PATCH /api/v1/clients/c1/saved-outfits/Monday';
const open = async (search = '') => {
  const pieces = ['shirt', 'jeans', 'skirt'].map((id) => piece(id, ['top']));
  const view = onDesk(
    <Notices>
      <SavedOutfitsPage />
    </Notices>,
    pieces,
    search,
    [],
    { path: 'outfits/saved', address: 'outfits/saved' },
  );
  await waitFor(() => expect(server.calls).toHaveLength(1));
  return view;
};
const names = () =>
  within(screen.getByTestId('saved-outfits'))
    .getAllByRole('link', { name: /^Open / })
    .map((link) => link.getAttribute('aria-label'));
const card = async (name: string) =>
  within((await screen.findByRole('link', { name: `Open ${name}` })).closest('li')!);
const menu = async (name: string) => {
  fireEvent.keyDown(await screen.findByRole('button', { name: `More for ${name}` }), { key: 'Enter' });
  return within(await screen.findByRole('menu'));
};

beforeEach(() =>
  server.answers({
    [all]: [monday, party, lost],
    [change]: { ...monday, version: 4 },
    'DELETE /api/v1/clients/c1/saved-outfits/Monday': [],
    'POST /api/v1/clients/c1/wears': {},
  }),
);
afterEach(cleanup);

describe('saved outfits', () => {
  it.each<[string, string[]]>([
    ['', ['Open Monday', 'Open Party', 'Open Lost']],
    ['?show=favourites', ['Open Monday']],
    ['?show=flagged', ['Open Party', 'Open Lost']],
    ['?show=unworn', ['Open Party', 'Open Lost']],
    ['?for=desk day', ['Open Monday']],
    ['?in=winter', ['Open Party']],
    ['?tag=loud&show=flagged', ['Open Party']],
    ['?show=nonsense', ['Open Monday', 'Open Party', 'Open Lost']],
  ])('are filtered by the address “%s”', async (search, shown) => {
    await open(search);
    await waitFor(() => expect(names()).toEqual(shown));
    expect(screen.getByText(`${shown.length} of 3`)).toBeTruthy();
  });

  it('teach the first step while there are none, and say when none matches', async () => {
    await open('?tag=quiet');
    expect(await screen.findByText('No saved outfit matches.')).toBeTruthy();
    cleanup();
    server.answers({ [all]: [] });
    await open();
    expect(await screen.findByText(/No outfit is saved yet/)).toBeTruthy();
  });

  it('say when they were worn, and what speaks against them now', async () => {
    await open();
    expect((await card('Monday')).getByText(/worn 2 times, last on 2 Nov 2026/)).toBeTruthy();
    expect((await card('Party')).getByText(/any occasion.*Two prints\./)).toBeTruthy();
    expect((await card('Lost')).getByText('A piece of it has left the wardrobe.')).toBeTruthy();
  });

  it('are worn again with one press, unless a piece is gone', async () => {
    await open();
    const again = (await card('Lost')).getByRole('button', { name: 'Worn again today' }) as HTMLButtonElement;
    expect(again.disabled).toBe(true);
    fireEvent.click((await card('Monday')).getByRole('button', { name: 'Worn again today' }));
    await waitFor(() =>
      expect(server.bodies('POST /api/v1/clients/c1/wears')).toEqual([
        { date: '2027-01-12', pieces: ['shirt', 'jeans'] },
      ]),
    );
  });

  it('are compared slot by slot, with what differs marked', async () => {
    await open();
    fireEvent.click((await card('Monday')).getByLabelText('Compare'));
    expect(screen.queryByTestId('compared')).toBeNull();
    fireEvent.click((await card('Lost')).getByLabelText('Compare'));
    const rows = [...screen.getByTestId('compared').querySelectorAll('tbody tr')].map(
      (row) => row.textContent,
    );
    expect(rows).toEqual([
      'topsthe shirtthe shirt',
      'bottoms, not the same in allthe jeansgone from the wardrobe',
    ]);
  });

  it('go back to an earlier version whose pieces are all there still', async () => {
    await open();
    const items = await menu('Monday');
    expect(items.queryByText('Restore version 1')).toBeNull();
    fireEvent.click(items.getByText('Restore version 2'));
    await waitFor(() =>
      expect(server.bodies(change)).toEqual([
        { version: 3, slots: { top: 'shirt', bottom: 'skirt' }, finishes: { shirt: ['tucked'] } },
      ]),
    );
    expect(await screen.findByText('Monday: saved as version 4')).toBeTruthy();
  });

  it('are renamed without touching what is worn', async () => {
    await open();
    fireEvent.click((await menu('Monday')).getByText('Edit name and notes'));
    fireEvent.change(await screen.findByLabelText('Name'), { target: { value: 'Tuesday' } });
    fireEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(server.bodies(change)).toHaveLength(1));
    const sent = server.bodies<Record<string, unknown>>(change)[0]!;
    expect(sent).toMatchObject({ name: 'Tuesday', occasions: ['desk day'], favourite: true });
    expect(Object.keys(sent)).not.toContain('slots');
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  });

  it('say why a change is refused, and are loaded anew', async () => {
    server.answer(change, new Refusal(412, 'Somebody saved another version.'));
    await open();
    fireEvent.click((await menu('Monday')).getByText('Not a favourite'));
    expect(await screen.findByText('Somebody saved another version.')).toBeTruthy();
    await waitFor(() => expect(server.calls.filter((call) => call.route === all)).toHaveLength(2));
  });

  it('are deleted, and gone from the list', async () => {
    await open();
    const items = await menu('Monday');
    server.answer(all, [party]);
    fireEvent.click(items.getByText('Delete'));
    expect(await screen.findByText('Deleted: Monday')).toBeTruthy();
    await waitFor(() => expect(names()).toEqual(['Open Party']));
  });

  it('that cannot be loaded say so', async () => {
    server.answers({ [all]: new Refusal(404, 'There is no such client.') });
    onDesk(<SavedOutfitsPage />, [], '', [], { path: 'outfits/saved', address: 'outfits/saved' });
    expect((await screen.findByRole('alert')).textContent).toBe('There is no such client.');
  });
});
