// @vitest-environment jsdom
import { Refusal, server, type Call } from '../../testing/server';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { PieceView } from '../../api/client';
import { onDesk, piece } from '../../testing/desk';
import { PiecePage } from './PiecePage';

const change = 'PUT /api/v1/clients/c1/pieces/coat';
const spec = (name: string, form: string) => ({ name, form, least: 0, most: 100, words: [] });

const coat = (version: number, set: Record<string, unknown>): PieceView =>
  piece('coat', ['coat'], {
    version,
    set,
    resolved: { roles: ['coat'], size: '', notes: '', ...set },
    colourNames: ['navy'],
    unclear: [],
  } as Partial<PieceView>);

/** The piece as the server has it, which refuses changes of another version. */
let stored: PieceView;

function put({ headers, body }: Call): unknown {
  if (headers.get('If-Match') !== `"${stored.version}"`) {
    return new Refusal(412, 'Somebody else changed it.');
  }
  stored = coat(stored.version + 1, body as Record<string, unknown>);
  return stored;
}

function open(seen: PieceView) {
  const at = { path: 'pieces/:ref', address: 'pieces/coat' };
  onDesk(<PiecePage />, [seen], '', [], at);
  return screen.findByLabelText('size');
}

async function write(attribute: string, value: string) {
  const field = screen.getByLabelText(attribute);
  fireEvent.change(field, { target: { value } });
  fireEvent.blur(field);
}
const sent = () => server.bodies(change);

beforeEach(() => {
  stored = coat(3, { size: 'M' });
  server.answers({
    'GET /api/v1/vocabulary': {
      attributes: [spec('size', 'text'), spec('notes', 'text')],
      words: { setKind: [] },
      kinds: [],
      colours: {},
    },
    'GET /api/v1/clients/c1/wears': {},
    'GET /api/v1/clients/c1/pieces': () => [stored],
    'GET /api/v1/clients/c1/pieces/coat/story': [
      { at: '2026-11-01T10:00:00Z', action: 'changed', changed: [{ name: 'size', value: null }] },
    ],
    'DELETE /api/v1/clients/c1/pieces/coat': {},
    [change]: put,
  });
});
afterEach(cleanup);

describe('the sheet of a piece', () => {
  it('saves an attribute when its field is left, beside those already set', async () => {
    await open(stored);
    await write('notes', 'lining torn');
    expect(await screen.findByText('All changes are saved.')).toBeTruthy();
    expect(sent()).toEqual([{ size: 'M', notes: 'lining torn' }]);
  });

  it('takes an attribute back to what is derived', async () => {
    await open(stored);
    fireEvent.click(screen.getByRole('button', { name: 'size: set by hand ×, back to derived' }));
    await waitFor(() => expect(sent()).toEqual([{}]));
  });

  it('says why a value is refused, and keeps what was typed', async () => {
    await open(stored);
    server.answer(
      change,
      new Refusal(400, 'Invalid.', [{ pointer: '/size', code: 'length', message: 'too long' }]),
    );
    await write('size', 'XXXXXXXL');
    expect((await screen.findByRole('alert')).textContent).toBe('too long');
    expect((screen.getByLabelText('size') as HTMLInputElement).value).toBe('XXXXXXXL');
  });

  it('tells the story of the piece, with what went back to derived', async () => {
    await open(stored);
    expect(await screen.findByText('size: not set')).toBeTruthy();
  });

  it('says that a piece is gone', async () => {
    onDesk(<PiecePage />, [], '', [], { path: 'pieces/:ref', address: 'pieces/coat' });
    expect(await screen.findByText('This piece is no longer here. Undo brings it back.')).toBeTruthy();
  });
});

describe('a piece that somebody else changed meanwhile', () => {
  it('gets both changes where they are of different attributes, and nobody is asked', async () => {
    const seen = stored;
    stored = coat(4, { size: 'M', notes: 'theirs' });
    await open(seen);
    await write('size', 'L');
    await waitFor(() => expect(stored.set).toEqual({ size: 'L', notes: 'theirs' }));
    expect(screen.queryByRole('alertdialog')).toBeNull();
  });

  const contested = async () => {
    const seen = stored;
    stored = coat(4, { size: 'S' });
    await open(seen);
    await write('size', 'L');
    return screen.findByRole('alertdialog');
  };

  it('is asked about where both changed one attribute, and shows the two values', async () => {
    const dialog = await contested();
    expect([...dialog.querySelectorAll('tbody tr')].map((row) => row.textContent)).toEqual(['sizeSL']);
    expect(stored.set).toEqual({ size: 'S' });
  });

  it('stays as the other saved it, and nothing typed is left', async () => {
    await contested();
    fireEvent.click(screen.getByRole('button', { name: 'Keep theirs' }));
    await waitFor(() => expect(screen.queryByRole('alertdialog')).toBeNull());
    expect(stored.set).toEqual({ size: 'S' });
    expect((screen.getByLabelText('size') as HTMLInputElement).value).toBe('M');
  });

  it('is overwritten only when that is chosen', async () => {
    await contested();
    fireEvent.click(screen.getByRole('button', { name: 'Overwrite with mine' }));
    await waitFor(() => expect(stored.set).toEqual({ size: 'L' }));
    expect(screen.queryByRole('alertdialog')).toBeNull();
  });
});
