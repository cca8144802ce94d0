// @vitest-environment jsdom
import { Refusal, server } from '../../testing/server';
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Notices } from '../../ui/Notices';
import { onDesk, piece } from '../../testing/desk';
import { FilesPanel } from './FilesPanel';
import { PastePanel } from './PastePanel';

const done = vi.fn();
beforeEach(() => done.mockReset());
afterEach(cleanup);

describe('lines that are pasted', () => {
  const readings: Record<string, object> = {
    'shirt white': { preview: piece('shirt', ['top'], { unclear: [] }), chips: [] },
    'shirt blorp': {
      preview: piece('shirt', ['top'], { label: 'Shirt', unclear: [{ word: 'colour', readings: [] }] }),
      chips: [{ means: null, text: 'blorp', readings: [] }],
    },
    'jens blue': { preview: null, chips: [{ means: null, text: 'jens', readings: ['jeans'] }] },
  };
  const entries = 'POST /api/v1/clients/c1/pieces/entries';
  const paste = (lines: string) =>
    fireEvent.change(screen.getByLabelText('Lines'), { target: { value: lines } });

  beforeEach(() => {
    server.answers({
      'POST /api/v1/entry/lines': ({ body }: { body: unknown }) =>
        (body as { lines: string[] }).lines.map((line) => readings[line]),
      [entries]: {},
    });
    onDesk(<PastePanel clientId="c1" done={done} />, []);
  });

  it('are shown as they are understood, before anything is saved', async () => {
    paste('shirt blorp\n\n  jens blue ');
    const shown = within(await screen.findByRole('list'));
    await shown.findByText('“blorp” kept as a note, no colour given');
    expect(shown.getByText('perhaps jeans?')).toBeTruthy();
    expect(server.bodies(entries)).toEqual([]);
  });

  it('are saved but for those without a kind, which stay to be mended', async () => {
    paste('shirt white\njens blue\nshirt blorp');
    fireEvent.click(await screen.findByRole('button', { name: 'Save 2 pieces' }));
    await waitFor(() =>
      expect(server.bodies(entries)).toEqual([{ lines: ['shirt white', 'shirt blorp'], keepUnknown: true }]),
    );
    await waitFor(() =>
      expect((screen.getByLabelText('Lines') as HTMLTextAreaElement).value).toBe('jens blue'),
    );
    expect(done).not.toHaveBeenCalled();
  });

  it('are all kept when the server refuses them', async () => {
    server.answer(entries, new Refusal(422, 'The second line has a date in the future.'));
    paste('shirt white');
    fireEvent.click(await screen.findByRole('button', { name: 'Save 1 piece' }));
    expect((await screen.findByRole('alert')).textContent).toBe('The second line has a date in the future.');
    expect((screen.getByLabelText('Lines') as HTMLTextAreaElement).value).toBe('shirt white');
    server.answer(entries, {});
    fireEvent.click(screen.getByRole('button', { name: 'Save 1 piece' }));
    await waitFor(() => expect(done).toHaveBeenCalled());
  });
});

describe('a file', () => {
  const inventory = 'POST /api/v1/clients/c1/inventory';
  const row = (number: number, action: string, problems: object[] = []) => ({
    row: number,
    action,
    id: `p${number}`,
    label: `piece ${number}`,
    kind: 'shirt',
    problems,
  });
  const preview = {
    add: 2,
    change: 1,
    same: 0,
    refuse: 1,
    rows: [
      row(1, 'add'),
      row(2, 'change'),
      row(3, 'add'),
      row(4, 'refuse', [{ pointer: '/cloth', code: 'unknown-value', message: 'did you mean "tweed"?' }]),
    ],
  };
  const take = (label: string, name: string, content: string) =>
    fireEvent.change(screen.getByLabelText(label), { target: { files: [new File([content], name)] } });
  const takeCsv = () => take('Choose a CSV file', 'list.csv', 'id,kind\n');

  beforeEach(() => {
    server.answers({
      [`${inventory}/preview`]: preview,
      [inventory]: { added: 1, changed: 0 },
      'PUT /api/v1/clients/c1/document': { pieces: 1 },
    });
    document.cookie = 'XSRF-TOKEN=secret';
    onDesk(
      <Notices>
        <FilesPanel clientId="c1" done={done} />
      </Notices>,
      [],
    );
  });

  it('is previewed row by row, with the refused rows first and the place of each mistake', async () => {
    takeCsv();
    const table = within(await screen.findByTestId('csv-preview'));
    const rows = table.getAllByRole('row').slice(1);
    expect(rows[0]!.textContent).toContain('4refusedpiece 4');
    expect(rows[0]!.textContent).toContain('cloth did you mean "tweed"?');
    const changing = server.calls.filter((call) => !call.route.startsWith('GET'));
    expect(changing.map((call) => call.route)).toEqual([`${inventory}/preview`]);
    expect(changing[0]!.headers.get('X-XSRF-TOKEN')).toBe('secret');
  });

  it.each<[string, number[], Record<string, string>]>([
    ['all good rows', [], { goodOnly: 'true' }],
    ['the rows still ticked', [3], { rows: '1,2' }],
    ['a row that is ticked again', [1, 1, 2], { rows: '1,3' }],
  ])('is saved with %s', async (_, toggled, query) => {
    takeCsv();
    await screen.findByTestId('csv-preview');
    toggled.forEach((number) => fireEvent.click(screen.getByLabelText(String(number))));
    fireEvent.click(screen.getByRole('button', { name: 'Save these rows' }));
    expect(await screen.findByText('1 row saved')).toBeTruthy();
    expect(server.calls.find((call) => call.route === inventory)!.query).toEqual(query);
    expect(done).toHaveBeenCalled();
  });

  it('that cannot be read is refused as a whole', async () => {
    server.answer(`${inventory}/preview`, new Refusal(400, 'The file is not UTF-8.'));
    takeCsv();
    expect((await screen.findByRole('alert')).textContent).toBe('The file is not UTF-8.');
    expect(screen.queryByTestId('csv-preview')).toBeNull();
  });

  it('with a whole wardrobe replaces what there is, or says what is wrong with it', async () => {
    const document = (content: string) => take('Choose a wardrobe document', 'wardrobe.json', content);
    document('{"pieces":');
    expect((await screen.findByRole('alert')).textContent).toMatch(/JSON/);
    expect(server.bodies('PUT /api/v1/clients/c1/document')).toEqual([]);
    document('{"pieces":[]}');
    expect(await screen.findByText('Saved: 1 piece')).toBeTruthy();
    expect(server.bodies('PUT /api/v1/clients/c1/document')).toEqual([{ pieces: [] }]);
  });
});
