// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { onDesk, piece } from '../../testing/desk';
import { FakeStream, fakeStreams } from '../../testing/streams';
import { BriefPage } from './BriefPage';
import type { Brief, BriefDocument } from './queries';

const empty: BriefDocument = {
  boundaries: { coverage: [], avoid: [], sensitivities: [], tucks: true },
  palette: { base: [], accents: [], avoid: [] },
  pmvOffset: 0,
  heights: {},
  lengthenLeg: false,
  laundry: { intervalDays: 7, dryingDays: 1, dryCleanVisitsPerMonth: 1 },
  occasions: [],
  climate: [],
};
const deskDay = { name: 'desk day', formalityLow: 3, formalityHigh: 5, timesPerWeek: 3, maxHeelCm: 5 };
const lived: BriefDocument = {
  ...empty,
  occasions: [deskDay],
  boundaries: { ...empty.boundaries, sensitivities: ['wool', 'lanolin'] },
};
const winter = { name: 'winter', months: [12, 1, 2], middle: 1, known: true };

/** What was sent, how the next change is refused, and what is answered. */
let sent: { set: Record<string, unknown>; seen?: Record<string, unknown> }[];
let refusal: object | null;
let served: BriefDocument;

vi.mock('../../api/client', async (original) => {
  const brief = (document: BriefDocument): Brief => ({
    brief: document,
    seasons: [winter],
    felt: [],
    usualSeasons: true,
  });
  const answers: Record<string, () => unknown> = {
    '/api/v1/clients/{clientId}/brief': () => brief(served),
    '/api/v1/occasion-templates': () => [{ name: 'desk day', own: false, occasion: deskDay }],
    '/api/v1/vocabulary': () => ({ kinds: [], words: {}, colours: {} }),
    '/api/v1/session': () => ({ currency: 'EUR' }),
  };
  return {
    ...(await original<object>()),
    api: {
      GET: async (path: string) => ({ data: answers[path]?.() ?? [] }),
      PUT: async (_: string, { body }: { body: (typeof sent)[number] }) => {
        sent.push(body);
        return refusal ? { error: refusal } : { data: brief({ ...served, ...body.set }) };
      },
    },
    need: async (call: Promise<{ data?: unknown; error?: unknown }>) => {
      const { data, error } = await call;
      if (error) {
        throw error;
      }
      return data;
    },
  };
});

const serve = (document: BriefDocument) => {
  served = document;
};
const stream = (part: string) => FakeStream.opened.filter((one) => one.url.includes(part)).at(-1)!;
const shown = () => onDesk(<BriefPage />, [piece('boots', ['shoes'])], '', ['desk day']);

beforeEach(() => {
  fakeStreams();
  sent = [];
  refusal = null;
});
afterEach(cleanup);

describe('the brief', () => {
  it('leads a new client by three questions, and keeps the answers in one step', async () => {
    serve(empty);
    shown();
    fireEvent.click(await screen.findByRole('button', { name: 'desk day' }));
    fireEvent.click(screen.getByRole('button', { name: 'high heels' }));
    fireEvent.click(screen.getByRole('button', { name: 'Start with this' }));
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]!.set).toEqual({
      occasions: [deskDay],
      boundaries: { ...empty.boundaries, maxHeelCm: 5 },
    });
    expect(await screen.findByTestId('needs')).toBeTruthy();
  });

  it('tells what is needed beside what there is, and keeps what is set by hand', async () => {
    serve(lived);
    shown();
    await screen.findByTestId('needs');
    const need = { occasion: 'desk day', season: 'winter', need: 6, set: false, bases: 5, have: 3, month: 1 };
    act(() => stream('/counts/needs').send('need', need));
    const cell = screen.getByRole('button', {
      name: 'desk day, winter: 5 bases, 3 in the weakest month, 6 wanted, 3 short',
    });
    expect(cell.textContent).toContain('3 in January of 6 wanted');
    fireEvent.click(cell);
    fireEvent.change(await screen.findByLabelText('wanted for desk day in winter'), {
      target: { value: '8' },
    });
    fireEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() =>
      expect(sent[0]!.set).toEqual({ needs: [{ occasion: 'desk day', season: 'winter', outfits: 8 }] }),
    );
  });

  it('says at each limit what it takes away, and keeps words no rule knows', async () => {
    serve(lived);
    shown();
    await screen.findByTestId('needs');
    const effect = {
      occasion: null,
      before: 231,
      after: 219,
      out: ['boots'],
      fewer: [],
      more: [],
      lowestHeelCm: null,
      month: null,
      missing: [],
    };
    act(() => stream('/counts/limits').send('limit', { ...effect, pointer: '/boundaries/sensitivities/0' }));
    expect(screen.getByTestId('effect').textContent).toContain('1 piece out · 231 → 219 bases');
    const others = screen.getByLabelText('anything else') as HTMLInputElement;
    expect(others.value).toBe('lanolin');
    fireEvent.change(others, { target: { value: 'lanolin, chrome' } });
    fireEvent.blur(others);
    await waitFor(() =>
      expect(sent[0]!.set.boundaries).toMatchObject({ sensitivities: ['wool', 'lanolin', 'chrome'] }),
    );
    expect(sent[0]!.seen!.boundaries).toEqual(lived.boundaries);
  });

  it.each([
    [{ before: 12, after: 0, missing: ['shoes'] }, 'no outfit is left; it needs shoes'],
    [{ before: 12, after: 0, lowestHeelCm: 2.5 }, 'the lowest heel that would do is 2.5 cm'],
    [
      { before: 4, after: 0, out: ['a', 'b', 'c', 'd'] },
      'without it, a, b, c and 1 other would make 4 bases',
    ],
    [{ before: 0, after: 0 }, 'no outfit passes, with or without this'],
    [{ before: 12, after: 12, fewer: [] }, 'takes nothing away'],
    [{ before: 12, after: 9, fewer: ['boots'] }, '1 in fewer outfits · 12 → 9 bases show on the rail'],
    [
      { before: 9, after: 12, month: 1, more: ['boots'] },
      '1 in more outfits · 9 → 12 with layers in January',
    ],
  ])('says what a limit with %o comes to', async (some, words) => {
    serve(lived);
    shown();
    await screen.findByTestId('needs');
    const effect = {
      occasion: null,
      out: [],
      fewer: [],
      more: [],
      lowestHeelCm: null,
      month: null,
      missing: [],
      ...some,
    };
    act(() => stream('/counts/limits').send('limit', { ...effect, pointer: '/boundaries/sensitivities/0' }));
    expect(screen.getByText('wool').closest('div')!.textContent).toContain(words);
  });

  it('leaves the choice to who was slower when two change the same', async () => {
    serve(lived);
    refusal = { type: 'urn:x', status: 412, code: 'stale', detail: 'changed', errors: [] };
    shown();
    fireEvent.click(await screen.findByRole('checkbox', { name: 'Tucks tops in' }));
    const mine = await screen.findByRole('button', { name: 'Overwrite with mine' });
    refusal = null;
    const [part] = Object.keys(sent[0]!.set);
    served = { ...served, [part!]: 'theirs' };
    fireEvent.click(mine);
    await waitFor(() => expect(sent).toHaveLength(2));
    expect(sent[1]!.set).toEqual(sent[0]!.set);
    expect(sent[1]!.seen, 'what is overwritten is what is there now').toEqual({ [part!]: 'theirs' });
    await waitFor(() => expect(screen.queryByRole('button', { name: 'Take theirs' })).toBeNull());
  });
});
