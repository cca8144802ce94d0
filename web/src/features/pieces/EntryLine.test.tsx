// @vitest-environment jsdom
import { Refusal, server } from '../../testing/server';
import { act, cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { choose } from '../../testing/choose';
import { onDesk, piece } from '../../testing/desk';
import { EntryLine } from './EntryLine';

const enter = 'POST /api/v1/clients/c1/pieces/entry';
interface Sent {
  key: string;
  line: string;
  keepUnknown: boolean;
  also: Record<string, string>;
}

const chip = (text: string, from: number, more: object) => ({
  text,
  from,
  to: from + text.length,
  means: null,
  value: null,
  readings: [],
  others: [],
  ...more,
});
const reading = {
  complete: false,
  chips: [
    chip('shirt', 0, { means: 'kind', value: 'shirt' }),
    chip('gold', 6, { means: 'colours', value: 'gold', others: ['metal:gold'] }),
    chip('popplin', 11, { readings: ['poplin', 'popover'] }),
  ],
  preview: piece('shirt', ['top']),
};

const line = () => screen.getByLabelText('New piece in plain words') as HTMLInputElement;
const type = (words: string) => fireEvent.change(line(), { target: { value: words } });
const enterLine = (words: string) => {
  type(words);
  fireEvent.submit(line().form!);
};
const sent = () => server.bodies<Sent>(enter);
const lines = () => sent().map((one) => one.line);

beforeEach(() => {
  localStorage.clear();
  server.answers({
    'POST /api/v1/entry': reading,
    'GET /api/v1/vocabulary': {
      words: { whereabouts: ['wardrobe', 'cleaner'], source: ['gift'] },
      kinds: [],
    },
    [enter]: piece('new', ['top']),
  });
});
afterEach(() => {
  vi.useRealTimers();
  cleanup();
});

describe('the entry line', () => {
  it('saves with Enter whatever the line says, each line once and in the order typed', async () => {
    onDesk(<EntryLine clientId="c1" />, []);
    enterLine('  shirt white ');
    enterLine('blorp');
    expect(line().value).toBe('');
    enterLine('   ');
    await waitFor(() => expect(lines()).toEqual(['shirt white', 'blorp']));
    expect(sent().every((one) => one.keepUnknown)).toBe(true);
    expect(new Set(sent().map((one) => one.key)).size).toBe(2);
  });

  it('offers the readings of a word that is not understood, and other meanings of one that is', async () => {
    onDesk(<EntryLine clientId="c1" />, []);
    type('shirt gold popplin');
    fireEvent.click(await screen.findByRole('button', { name: 'perhaps poplin?' }));
    expect(line().value).toBe('shirt gold poplin');
    fireEvent.click(await screen.findByRole('button', { name: 'or its metal?' }));
    expect(line().value).toBe('shirt metal:gold poplin');
  });

  it('gives a refused line back with the reason', async () => {
    onDesk(<EntryLine clientId="c1" />, []);
    server.answer(enter, new Refusal(422, 'The date is in the future.'));
    enterLine('shirt bought 2999');
    expect((await screen.findByRole('alert')).textContent).toBe('The date is in the future.');
    expect(line().value).toBe('shirt bought 2999');
    type('shirt');
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('lists a line refused while the next is typed, to be edited afterwards', async () => {
    onDesk(<EntryLine clientId="c1" />, []);
    server.answer(enter, new Refusal(422, 'The date is in the future.'));
    enterLine('shirt bought 2999');
    type('jeans');
    expect((await screen.findByRole('alert')).textContent).toContain(
      '“shirt bought 2999” was not saved: The date is in the future.',
    );
    expect(line().value).toBe('jeans');
    const edit = screen.getByRole('button', { name: 'Edit' }) as HTMLButtonElement;
    expect(edit.disabled).toBe(true);
    type('');
    fireEvent.click(edit);
    expect(line().value).toBe('shirt bought 2999');
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('adds what is set for every new piece, until it is unset', async () => {
    onDesk(<EntryLine clientId="c1" />, []);
    await waitFor(() => expect(server.calls.some((call) => call.route.endsWith('vocabulary'))).toBe(true));
    const where = screen.getByLabelText('where');
    await waitFor(() => choose(where, 'cleaner'));
    enterLine('coat');
    choose(where, '');
    enterLine('scarf');
    await waitFor(() => expect(sent().map((one) => one.also)).toEqual([{ whereabouts: 'cleaner' }, {}]));
  });
});

describe('lines typed while the server is away', () => {
  const away = async (...typed: string[]) => {
    server.goAway();
    typed.forEach(enterLine);
    await screen.findByText(/wait for the server|waits for the server/);
  };

  it('wait, survive a reload, and are sent once the server answers, with the keys they had', async () => {
    const first = onDesk(<EntryLine clientId="c1" />, []);
    await away('shirt', 'jeans');
    const keys = (JSON.parse(localStorage.getItem('lines c1')!) as { waiting: Sent[] }).waiting.map(
      (one) => one.key,
    );
    first.unmount();
    server.comeBack();
    onDesk(<EntryLine clientId="c1" />, []);
    await waitFor(() => expect(lines()).toEqual(['shirt', 'jeans']));
    expect(sent().map((one) => one.key)).toEqual(keys);
    await waitFor(() => expect(localStorage.getItem('lines c1')).toContain('"waiting":[]'));
  });

  it('can be taken back one by one, and are then never sent', async () => {
    onDesk(<EntryLine clientId="c1" />, []);
    await away('shirt', 'jeans');
    fireEvent.click(screen.getByRole('button', { name: 'Do not save “shirt”' }));
    server.comeBack();
    fireEvent.click(screen.getByRole('button', { name: 'Try now' }));
    await waitFor(() => expect(lines()).toEqual(['jeans']));
  });

  it.each([503, 429, 401])('wait as well when it answers %i', async (status) => {
    onDesk(<EntryLine clientId="c1" />, []);
    server.answer(enter, new Refusal(status, 'Not now.'));
    enterLine('shirt');
    expect(await screen.findByText(/This line waits for the server/)).toBeTruthy();
    server.answer(enter, piece('new', ['top']));
    await act(async () => fireEvent.click(screen.getByRole('button', { name: 'Try now' })));
    await waitFor(() => expect(screen.queryByText(/This line waits/)).toBeNull());
    expect(new Set(sent().map((one) => one.key)).size).toBe(1);
  });

  it('warn before the window is closed', async () => {
    onDesk(<EntryLine clientId="c1" />, []);
    const leaves = () => window.dispatchEvent(new Event('beforeunload', { cancelable: true }));
    expect(leaves()).toBe(true);
    await away('shirt');
    expect(leaves()).toBe(false);
  });
});
