import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { createMemoryRouter, RouterProvider } from 'react-router';
import type { Counts, PieceView } from '../api/client';
import { type Chosen, type Desk, DeskContext, everything } from '../features/desk';

/** Browser APIs that the test environment lacks. */
globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
};

/** A piece with no more than a table needs. */
export function piece(id: string, roles: string[], more: Partial<PieceView> = {}): PieceView {
  return {
    id,
    roles,
    label: `the ${id}`,
    kindName: id,
    flat: '',
    order: { colour: 0 },
    ...more,
  } as PieceView;
}

/** The context of an address that says nothing of it. */
export const usual: Chosen = {
  season: '',
  occasion: '',
  counting: 'clothes',
  daring: false,
  rows: 'top',
  capsule: '',
  columns: 'bottom',
};

/** Empty counts with some values. */
export function counts(some: Partial<Counts>): Counts {
  return {
    total: 0,
    daring: 0,
    paper: 0,
    perPiece: {},
    reach: {},
    keeps: {},
    perStructure: [],
    perPair: {},
    shareInTheDark: 0,
    randomPicks: { works: 0, all: 0 },
    missing: [],
    orphans: [],
    neverTogether: [],
    millis: 1,
    ...some,
  };
}

/** Shows something on the desk of a client with these pieces, at an address of the workspace. */
export function onDesk(
  children: ReactNode,
  pieces: PieceView[],
  search = '',
  occasions: string[] = [],
  at = { path: 'counts', address: 'counts' },
  own: Partial<Desk> = {},
) {
  const desk = {
    client: {
      name: 'Ada',
      sets: [],
      occasions: occasions.map((name) => ({ name })),
      seasons: ['winter', 'summer'].map((id) => ({ id, months: [id === 'winter' ? 1 : 7] })),
      climate: [],
    },
    pieces,
    days: [],
    within: pieces,
    shown: pieces,
    byId: new Map(pieces.map((one) => [one.id, one])),
    stamp: '1',
    filter: everything,
    selection: new Set<string>(),
    readingSlot: document.body,
    live: { state: 'counting' },
    ...own,
  } as unknown as Desk;
  const router = createMemoryRouter(
    [
      { path: `/clients/:clientId/${at.path}`, element: <DeskContext value={desk}>{children}</DeskContext> },
      { path: '*', element: null },
    ],
    { initialEntries: [`/clients/c1/${at.address}${search}`] },
  );
  const view = render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <RouterProvider router={router} />
    </QueryClientProvider>,
  );
  return { ...view, router };
}
