// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { PieceView } from '../../api/client';
import { DeskContext, type Desk } from '../workspace/context';
import { CapsuleStage } from './CapsuleStage';
import type { Plan } from './queries';

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

const piece = (id: string, label: string, family: string) => ({ id, label, family, flat: '' }) as PieceView;
const pieces = [
  piece('p1', 'White shirt', 'top'),
  piece('p2', 'Navy trousers', 'bottom'),
  piece('p3', 'Red shirt', 'top'),
];
const plan: Plan = {
  pieces: ['p1', 'p2'],
  figures: {
    needsMetFraction: 0.5,
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
    tops: 1,
    bottoms: 1,
    contexts: [
      { occasion: 'desk', season: 'winter', need: 2, weakestMonth: 1, weakestMonthOutfits: 12 },
      { occasion: 'ball', season: 'winter', need: 1, weakestMonth: 2, weakestMonthOutfits: 0 },
    ],
  },
  reasons: {
    p1: { in: 12, completes: 0, lost: 12, text: 'The only top that serves desk in winter.' },
    p2: { in: 12, completes: 0, lost: 12, text: 'Asked for.' },
  },
  swaps: [{ out: 'p1', in: 'p3', needsMetFraction: 0.5, outfits: 11 }],
  nearest: [{ piece: 'p3', adds: 9 }],
  curve: [
    { size: 1, needsMetFraction: 0, outfits: 1 },
    { size: 2, needsMetFraction: 0.5, outfits: 12 },
  ],
  elbow: 2,
  quality: 'unbounded',
  relaxations: [{ wish: 'coat', text: 'There is no coat in it.' }],
};

function shown() {
  const desk = {
    client: { seasons: [{ id: 'winter', asked: [1] }], occasions: [{ name: 'desk' }, { name: 'ball' }] },
    pieces,
    byId: new Map(pieces.map((one) => [one.id, one])),
    stamp: 'now',
    select: vi.fn(),
  } as unknown as Desk;
  render(
    <QueryClientProvider client={new QueryClient()}>
      <DeskContext value={desk}>
        <MemoryRouter initialEntries={['/clients/c/capsule']}>
          <Routes>
            <Route path="/clients/:clientId/capsule" element={<CapsuleStage />} />
          </Routes>
        </MemoryRouter>
      </DeskContext>
    </QueryClientProvider>,
  );
}

const last = () => Stream.opened[Stream.opened.length - 1]!;
const asked = () =>
  JSON.parse(new URL(last().url, 'http://x').searchParams.get('asked')!).wishes as Record<string, unknown>;

beforeEach(() => {
  Stream.opened = [];
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

describe('CapsuleStage', () => {
  it('plans nothing until it is asked to, then what was wished', () => {
    shown();
    expect(Stream.opened).toHaveLength(0);
    fireEvent.change(screen.getByLabelText('pieces'), { target: { value: '2' } });
    fireEvent.click(screen.getByLabelText('Suits may be broken'));
    fireEvent.click(screen.getByText('Plan'));
    expect(asked()).toMatchObject({ size: 2, seasons: ['winter'], breakSets: false });
    expect(asked()).not.toHaveProperty('occasions');
    act(() => last().send('progress', { fraction: 0.4 }));
    expect(screen.getByText('Planning … 40 %')).toBeTruthy();
  });

  it('shows what the capsule is worth, shortfalls first, and why each piece is in', () => {
    shown();
    fireEvent.click(screen.getByText('Plan'));
    act(() => last().send('plan', plan));
    expect(screen.getByText('outfits from 2 pieces')).toBeTruthy();
    expect(screen.getByTestId('capsule-needs').textContent).toMatch(/^0of 1ball, winter.*12of 2desk, winter/);
    expect(screen.getByText('The only top that serves desk in winter.')).toBeTruthy();
    expect(screen.getByText('There is no coat in it.')).toBeTruthy();
    expect(screen.getByText(/Hardest to spare: Navy trousers/)).toBeTruthy();
    expect(screen.getByText(/4 days without a wash, then tops run out/)).toBeTruthy();
  });

  it.each([
    ['p', { must: ['p1'], never: [] }],
    ['b', { must: [], never: ['p1'] }],
  ])('on a piece %s plans again with %o', (key, wishes) => {
    shown();
    fireEvent.click(screen.getByText('Plan'));
    act(() => last().send('plan', plan));
    fireEvent.keyDown(screen.getByText('White shirt'), { key });
    expect(asked()).toMatchObject(wishes);
    fireEvent.click(screen.getByText('Back to the one before'));
    expect(asked()).toMatchObject({ must: [], never: [] });
  });

  it('plans the swap and the size that are pressed', () => {
    shown();
    fireEvent.click(screen.getByText('Plan'));
    act(() => last().send('plan', plan));
    fireEvent.click(screen.getByText('Red shirt for White shirt'));
    expect(asked()).toMatchObject({ must: ['p3'], never: ['p1'] });
    act(() => last().send('plan', plan));
    fireEvent.click(screen.getByLabelText(/^1 piece: 1 outfit,/));
    expect(asked()).toMatchObject({ size: 1, must: ['p3'] });
  });
});
