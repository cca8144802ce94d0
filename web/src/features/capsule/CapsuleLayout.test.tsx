// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { PieceView } from '../../api/client';
import { type Desk, DeskContext } from '../desk';
import { CapsuleLayout } from './CapsuleLayout';
import { CapsulePlanPage } from './CapsulePlanPage';
import { SavedPage } from './SavedPage';
import type { Plan, SavedCapsule } from './queries';

class Stream {
  static opened: Stream[] = [];
  listeners = new Map<string, (event: { data: string }) => void>();
  onerror: (() => void) | null = null;
  constructor(readonly url: string) {
    Stream.opened.push(this);
  }
  addEventListener(name: string, listener: (event: { data: string }) => void) {
    this.listeners.set(name, listener);
  }
  send(name: string, data: unknown) {
    this.listeners.get(name)?.({ data: JSON.stringify(data) });
  }
  close() {}
}

const piece = (id: string, label: string, family: string) =>
  ({ id, label, family, flat: '', resolved: {}, colourNames: [] }) as unknown as PieceView;
const pieces = [
  piece('p1', 'White shirt', 'top'),
  piece('p2', 'Navy trousers', 'bottom'),
  piece('p3', 'Red shirt', 'top'),
];
const plan: Plan = {
  pieces: ['p1', 'p2'],
  figures: {
    needsMetFraction: 0.5,
    earning: 2,
    outfits: 12,
    ladder: { bases: 3, clothes: 6, outfits: 12, looks: 40 },
    paper: 20,
    shareInTheDark: 0.8,
    freshDays: 3,
    laundryDays: 4,
    laundryDaysAtMost: 4,
    runsOutFirst: 'top',
    hardestToSpare: { piece: 'p2', needsMetFraction: 0, outfits: 0 },
    givenUpForVariety: 0,
    variety: 0.4,
    preferred: { favourites: 1, costPerWear: { amount: 3.5, currency: 'EUR' }, wholeYear: 2 },
    needsMetByBasesFraction: 0.5,
    topsGuide: 'top-led',
    tops: 1,
    bottoms: 1,
    contexts: [
      { occasion: 'desk', season: 'winter', need: 2, outfits: 12, weakestMonth: 1, weakestMonthOutfits: 12 },
      { occasion: 'ball', season: 'winter', need: 1, outfits: 0, weakestMonth: 2, weakestMonthOutfits: 0 },
    ],
  },
  reasons: {
    p1: { in: 12, completes: 0, lost: 12, essential: true, text: 'The only top that serves desk in winter.' },
    p2: { in: 12, completes: 0, lost: 12, essential: false, text: 'Asked for.' },
  },
  seasonal: { p1: ['winter'] },
  swaps: [
    {
      out: 'p1',
      in: 'p3',
      missed: 0,
      needsMetFraction: 0.5,
      earning: 2,
      outfits: 11,
      variety: 0.45,
      preferred: { favourites: 2, costPerWear: { amount: 2, currency: 'EUR' }, wholeYear: 2 },
    },
  ],
  nearest: [{ piece: 'p3', adds: 9, instead: 'p1', outfits: 11, needsMetFraction: 0.5 }],
  curve: [
    { size: 1, needsMetFraction: 0, needsMetByBasesFraction: 0, outfits: 1 },
    { size: 2, needsMetFraction: 0.5, needsMetByBasesFraction: 0.5, outfits: 12 },
  ],
  elbow: 2,
  quality: 'bounded',
  provedFor: ['function'],
  free: ['p9'],
  upperBoundOutfits: 12,
  millis: 1,
  relaxations: [{ wish: 'coat', text: 'There is no coat in it.' }],
};

const saved: SavedCapsule = {
  id: 'k1',
  name: 'Winter, 2 pieces',
  notes: '',
  pieces: ['p1', 'p2', 'gone'],
  worn: ['p1', 'p2'],
  wishes: { size: 2, seasons: ['winter'] },
  saved: '2027-01-08T09:30:00Z',
  version: 2,
  gone: ['gone'],
  locked: null,
  earlier: [{ version: 1, pieces: ['p1'], wishes: { size: 1 }, saved: '2027-01-07T09:30:00Z' }],
};

/** What was sent to the server. */
let sent: { method: string; path: string; body: Record<string, unknown> }[] = [];
let kept: SavedCapsule[] = [];

/** A server that knows the pieces it is asked about, and the capsules that are kept. */
vi.mock('../../api/client', async (original) => {
  const call = (method: string) => (path: string, options: { body?: Record<string, unknown> }) => {
    const body = options.body ?? {};
    sent.push({ method, path, body });
    const data = path.endsWith('/capsule-figures')
      ? { ...plan, pieces: body.pieces, curve: [], quality: 'unbounded' }
      : path.endsWith('/capsules')
        ? method === 'GET'
          ? kept
          : { ...saved, ...body, version: 1 }
        : { ...saved, ...body };
    return Promise.resolve({ data, response: new Response() });
  };
  return {
    ...(await original<object>()),
    api: { GET: call('GET'), POST: call('POST'), PATCH: call('PATCH'), DELETE: call('DELETE') },
  };
});

function shown(at = '', seasons = ['winter']) {
  const desk = {
    client: {
      seasons: seasons.map((id) => ({ id, months: [id === 'winter' ? 1 : 7] })),
      occasions: [{ name: 'desk' }, { name: 'ball' }],
    },
    pieces,
    byId: new Map(pieces.map((one) => [one.id, one])),
    stamp: 'now',
    select: vi.fn(),
  } as unknown as Desk;
  render(
    <QueryClientProvider client={new QueryClient()}>
      <DeskContext value={desk}>
        <MemoryRouter initialEntries={[`/clients/c/capsule${at}`]}>
          <Routes>
            <Route path="/clients/:clientId/capsule" element={<CapsuleLayout />}>
              <Route index element={<CapsulePlanPage />} />
              <Route path="saved" element={<SavedPage />} />
            </Route>
          </Routes>
        </MemoryRouter>
      </DeskContext>
    </QueryClientProvider>,
  );
}

function planned() {
  shown();
  fireEvent.click(screen.getByText('Plan', { selector: 'button' }));
  act(() => last().send('plan', plan));
}

const last = () => Stream.opened[Stream.opened.length - 1]!;
const asked = () =>
  JSON.parse(new URL(last().url, 'http://x').searchParams.get('asked')!) as {
    wishes: Record<string, unknown>;
    budgetMillis: number;
  };
const onBoard = () =>
  [...screen.getByTestId('capsule-pieces').querySelectorAll('[data-piece]')].map((one) => one.textContent);
const posted = (end: string) => sent.filter((one) => one.method !== 'GET' && one.path.endsWith(end));

beforeEach(() => {
  Stream.opened = [];
  sent = [];
  kept = [saved];
  sessionStorage.clear();
  vi.stubGlobal('EventSource', Stream);
  vi.stubGlobal(
    'ResizeObserver',
    class {
      observe() {}
      unobserve() {}
      disconnect() {}
    },
  );
});

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe('CapsuleLayout', () => {
  it.each([
    ['?season=summer', ['summer']],
    ['?season=winter', ['winter']],
    ['?season=year', ['winter', 'summer']],
  ])('plans for the season of the header: %s', (at, planned) => {
    shown(at, ['winter', 'summer']);
    fireEvent.click(screen.getByText('Plan', { selector: 'button' }));
    expect(asked().wishes.seasons).toEqual(planned);
  });

  it('plans nothing until it is asked to, then what was wished', () => {
    shown();
    expect(Stream.opened).toHaveLength(0);
    expect(document.activeElement?.textContent).toBe('Plan');
    fireEvent.change(screen.getByLabelText('pieces'), { target: { value: '2' } });
    fireEvent.change(screen.getByLabelText('up to'), { target: { value: '5' } });
    fireEvent.click(screen.getByText('More wishes'));
    fireEvent.click(screen.getByLabelText('Suits may be broken'));
    fireEvent.click(screen.getByLabelText('A second pair of shoes'));
    fireEvent.change(screen.getByLabelText('tops, at least'), { target: { value: '4' } });
    fireEvent.click(screen.getByText('Plan', { selector: 'button' }));
    expect(asked().wishes).toMatchObject({
      size: { min: 2, max: 5 },
      seasons: ['winter'],
      breakSets: false,
      without: ['second-shoes'],
      families: { top: { min: 4 } },
    });
    expect(asked().wishes).not.toHaveProperty('occasions');
    act(() => last().send('progress', { fraction: 0.4 }));
    expect(screen.getByText('Planning … 40 %')).toBeTruthy();
  });

  it('tells the best so far, takes it when it is stopped, and searches longer from there', async () => {
    shown();
    fireEvent.click(screen.getByText('Plan', { selector: 'button' }));
    act(() => last().send('better', { pieces: ['p2', 'p3'], needsMetFraction: 0.75, outfits: 7 }));
    expect(screen.getByText('Best so far: 7 outfits, 75 % of the needs met')).toBeTruthy();
    fireEvent.click(screen.getByText('Stop and take the best so far'));
    await screen.findByTestId('capsule');
    expect(onBoard()).toEqual(['Red shirt', 'Navy trousers']);
    fireEvent.click(screen.getByText('Search longer'));
    expect(asked().budgetMillis).toBe(10_000);
  });

  it('shows what the capsule is worth, shortfalls first, and why each piece is in', () => {
    planned();
    expect(screen.getByText('with layers from 2 pieces')).toBeTruthy();
    expect(screen.getByTestId('capsule-needs').textContent).toMatch(/^0of 1ball, winter.*12of 2desk, winter/);
    expect(screen.getByText('The only top that serves desk in winter.')).toBeTruthy();
    expect(screen.getByText('winter only')).toBeTruthy();
    const sentence =
      'The best found. No capsule of this size does better in granting the wishes. No capsule of 2 pieces has more than 12 outfits.';
    expect(screen.getByText(sentence)).toBeTruthy();
    expect(screen.getByTestId('capsule-swaps').textContent).toContain('11 outfits (-1) · 50 % of the needs');
    expect(screen.getAllByText(/essential/)).toHaveLength(1);
    expect(screen.getByText('There is no coat in it.')).toBeTruthy();
    expect(screen.getByText(/Hardest to spare: Navy trousers/)).toBeTruthy();
    expect(screen.getByText(/4 days without a wash, then tops run out/)).toBeTruthy();
  });

  it.each([
    ['p', ['White shirt', 'Navy trousers'], 'pinned'],
    ['b', ['Navy trousers'], 'White shirt ×'],
    ['.', ['Navy trousers'], 'with layers from 1 piece'],
    ['1', ['Red shirt', 'Navy trousers'], /Changed by hand/],
  ])('on a piece the key %s leaves %o, and u takes it back', async (key, left, words) => {
    planned();
    fireEvent.keyDown(screen.getByText('White shirt'), { key });
    expect(onBoard()).toEqual(left);
    expect(await screen.findByText(words)).toBeTruthy();
    fireEvent.keyDown(document.body, { key: 'u' });
    expect(onBoard()).toEqual(['White shirt', 'Navy trousers']);
  });

  it('brings in a candidate and asks for the figures of what lies there now', async () => {
    planned();
    fireEvent.click(screen.getByLabelText('Bring Red shirt in'));
    expect(await screen.findByText('with layers from 3 pieces')).toBeTruthy();
    expect(posted('/capsule-figures')[0]?.body).toMatchObject({ pieces: ['p1', 'p2', 'p3'] });
    expect(screen.getByText(/Changed by hand/)).toBeTruthy();
    fireEvent.click(screen.getByLabelText(/^1 piece: 1 outfit,/));
    expect(asked().wishes).toMatchObject({ size: 1 });
  });

  it('saves under a name, then as another version, and locks', async () => {
    kept = [];
    planned();
    fireEvent.keyDown(document.body, { key: 's' });
    const name = await screen.findByLabelText('Name');
    expect((name as HTMLInputElement).value).toBe('winter, 2 pieces');
    fireEvent.change(name, { target: { value: ' ' } });
    fireEvent.click(screen.getByText('Save', { selector: 'button' }));
    expect(await screen.findByText('Give it a name.')).toBeTruthy();
    expect(posted('/capsules')).toHaveLength(0);
    kept = [{ ...saved, version: 1 }];
    fireEvent.change(name, { target: { value: 'Winter' } });
    fireEvent.click(screen.getByText('Save', { selector: 'button' }));
    fireEvent.click(await screen.findByText('Save as version 2 of Winter, 2 pieces'));
    fireEvent.keyDown(document.body, { key: 'l' });
    await vi.waitFor(() => expect(posted('/{id}')).toHaveLength(2));
    expect(posted('/capsules')[0]?.body).toMatchObject({ name: 'Winter', pieces: ['p1', 'p2'] });
    expect(posted('/{id}')[0]?.body).toMatchObject({ version: 1, pieces: ['p1', 'p2'] });
    expect(posted('/{id}')[1]?.body).toEqual({ locked: { season: 'winter' } });
  });

  it('opens a saved capsule without the pieces that have left the wardrobe', async () => {
    shown('?open=k1');
    await screen.findByTestId('capsule-pieces');
    expect(onBoard()).toEqual(['White shirt', 'Navy trousers']);
    expect(posted('/capsule-figures')[0]?.body).toMatchObject({ pieces: ['p1', 'p2'] });
    expect(screen.getByText('Save as version 3 of Winter, 2 pieces')).toBeTruthy();
  });

  it('compares two saved capsules by the same wishes', async () => {
    kept = [saved, { ...saved, id: 'k2', name: 'Other', pieces: ['p2', 'p3'], gone: [] }];
    shown('/saved');
    for (const tick of await screen.findAllByLabelText('Compare')) {
      fireEvent.click(tick);
    }
    const comparison = await screen.findByTestId('capsule-comparison');
    await vi.waitFor(() => expect(comparison.textContent).toContain('only Other has'));
    expect(comparison.textContent).toMatch(/Only in Winter, 2 pieces.*White shirt.*Only in Other.*Red shirt/);
    expect(screen.getByText(/1 piece of it has left the wardrobe/)).toBeTruthy();
    expect(posted('/capsule-figures').map((one) => one.body.pieces)).toContainEqual(['p2']);
  });
});
