// @vitest-environment jsdom
import { server } from '../../testing/server';
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Difference } from '../../api/client';
import { choose } from '../../testing/choose';
import { onDesk, piece } from '../../testing/desk';
import { FakeStream, fakeStreams } from '../../testing/streams';
import { WhatIfPage } from './WhatIfPage';

const metals = {
  id: 'metals',
  studio: 'matched',
  client: null,
  schools: [{ id: 'matched' }, { id: 'mixed' }],
};
const pieces = ['coat', 'boots', 'shirt'].map((id) => piece(id, ['coat']));
const entry = (line: string) => ({
  preview: line.includes('blazer') ? piece('blazer', ['jacket']) : null,
  chips: [],
});

beforeEach(() => {
  fakeStreams();
  server.answers({
    'GET /api/v1/clients/c1/rules': [{ id: 'metal', schools: [metals], parameters: [] }],
    'GET /api/v1/vocabulary': { words: { hem: ['knee', 'midi'] }, kinds: [] },
    'POST /api/v1/entry': ({ body }: { body: unknown }) => entry((body as { line: string }).line),
  });
});
afterEach(cleanup);

const open = async (selection: string[] = [], select = () => undefined) => {
  onDesk(<WhatIfPage />, pieces, '?season=winter', ['desk day'], undefined, {
    selection: new Set(selection),
    select: select as never,
  });
  await waitFor(() => expect(server.calls.length).toBeGreaterThan(1));
};
const asked = () => FakeStream.latest.asked;
const whatIf = () => JSON.parse(asked().whatIf!) as unknown;
const add = async (line: string) => {
  const input = screen.getByLabelText('One more piece, in plain words');
  await act(async () => fireEvent.change(input, { target: { value: line } }));
  await act(async () => fireEvent.submit(input.closest('form')!));
};

describe('a change that is only thought of', () => {
  it('is nothing at first, and nothing is counted', async () => {
    await open();
    expect(screen.getByText(/Nothing is changed yet/)).toBeTruthy();
    expect(FakeStream.opened).toHaveLength(0);
  });

  it('takes out the pieces selected on the rail, and puts them back one by one', async () => {
    let selected: unknown = null;
    await open(['coat', 'boots'], ((next: unknown) => (selected = next)) as never);
    fireEvent.click(screen.getByRole('button', { name: 'Take out the 2 chosen on the rail' }));
    expect(whatIf()).toEqual({ without: ['coat', 'boots'] });
    expect(selected).toEqual(new Set());
    fireEvent.click(screen.getByRole('button', { name: 'Put back: the coat' }));
    expect(whatIf()).toEqual({ without: ['boots'] });
  });

  it('adds a piece in words, but none without a kind', async () => {
    await open();
    await add('blorp');
    expect(FakeStream.opened).toHaveLength(0);
    expect(await screen.findByText(/^Name what it is/)).toBeTruthy();
    await add('  blazer navy ');
    expect(whatIf()).toEqual({ lines: ['blazer navy'] });
  });

  it('says when a line cannot be read, and keeps it', async () => {
    await open();
    server.goAway();
    await add('blazer navy');
    const alert = await screen.findByRole('alert');
    expect(alert.textContent).toContain('The server did not answer.');
    expect((screen.getByLabelText('One more piece, in plain words') as HTMLInputElement).value).toBe(
      'blazer navy',
    );
    expect(screen.queryByText(/^Name what it is/)).toBeNull();
  });

  it('follows another school, with all else that is set for the client', async () => {
    await open();
    fireEvent.click(await screen.findByRole('button', { name: /1 questions/ }));
    choose(screen.getByRole('combobox', { name: 'metals' }), 'mixed');
    expect(whatIf()).toEqual({ house: { schools: { metals: 'mixed' }, parameters: {} } });
  });

  it.each<[string, string, object]>([
    ['season', 'summer', { season: 'winter', thenSeason: 'summer', thenDaring: 'false' }],
    ['occasion', 'desk day', { season: 'winter', thenSeason: 'winter', thenOccasion: 'desk day' }],
    ['how strict', 'true', { daring: 'false', thenDaring: 'true' }],
  ])('looks at another %s', async (label, value, query) => {
    await open();
    choose(screen.getByRole('combobox', { name: label }), value);
    expect(asked()).toMatchObject(query);
  });

  it('is given up as a whole', async () => {
    await open();
    await add('blazer navy');
    choose(screen.getByRole('combobox', { name: 'season' }), 'summer');
    fireEvent.click(screen.getByRole('button', { name: 'Put back' }));
    expect(screen.getByText(/Nothing is changed yet/)).toBeTruthy();
    expect(FakeStream.latest.isClosed).toBe(true);
  });
});

describe('what it comes to', () => {
  const figures = (before: number | string, after: number | string) => ({
    before,
    after,
    change: String(BigInt(after) - BigInt(before)),
  });
  const change = (id: string, before: number, after: number) => ({ id, ...figures(before, after) });
  const difference = (some: object) =>
    ({
      total: figures(10, 7),
      daring: figures(2, 2),
      paper: figures(40, 30),
      perPiece: [],
      missing: [],
      orphaned: [],
      relieved: [],
      ...some,
    }) as unknown as Difference;
  const send = (name: string, data: unknown) => act(() => FakeStream.latest.send(name, data));

  it('is told with the pieces whose figure changes, and those left in no outfit', async () => {
    await open();
    await add('blazer navy');
    send(
      'difference',
      difference({ perPiece: [change('coat', 5, 0), change('line-0', 0, 2)], orphaned: ['coat'] }),
    );
    const outcome = within(screen.getByTestId('what-if-outcome'));
    expect(outcome.getByText('Left in no outfit').nextSibling!.textContent).toBe('the coat');
    const rows = [...screen.getByTestId('what-if-pieces').querySelectorAll('tr')].map(
      (row) => row.textContent,
    );
    expect(rows[1]).toContain('the coat');
    expect(rows[2]).toContain('blazer navy');
  });

  it('says that no piece has another figure', async () => {
    await open();
    await add('blazer navy');
    send('difference', difference({ total: figures('9007199254740993', '9007199254740993') }));
    expect(screen.getByText('No piece has another figure.')).toBeTruthy();
  });

  it('names what is missing where nothing is left', async () => {
    await open();
    await add('blazer navy');
    send('difference', difference({ total: figures(10, 0), missing: ['shoes'] }));
    expect(screen.getByText(/No outfit at all: still needed shoes/)).toBeTruthy();
  });
});
