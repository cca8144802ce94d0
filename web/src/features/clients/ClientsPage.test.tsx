// @vitest-environment jsdom
import { Refusal, server } from '../../testing/server';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Notices } from '../../ui/Notices';
import { ClientsPage } from './ClientsPage';

interface Line {
  id: string;
  name: string;
  pieces: number;
  lastVisit: string | null;
  nextVisit: string | null;
}

const now = '2027-01-12T09:00:00Z';
const never = { lastVisit: null, nextVisit: null };
let clients: Line[];
let visits: { id: string; version: number; date: string; note: string }[];

beforeEach(() => {
  clients = [{ id: 'c1', name: 'Ada', pieces: 1, lastVisit: '2027-01-05', nextVisit: '2027-02-04' }];
  visits = [
    { id: 'v2', version: 9, date: '2027-02-04', note: 'bring the pins' },
    { id: 'v1', version: 4, date: '2027-01-05', note: '' },
  ];
  server.answers({
    'GET /api/v1/session': { studio: 'Atelier', now },
    'DELETE /api/v1/session': {},
    'GET /api/v1/clients': () => clients,
    'POST /api/v1/clients': ({ body }: { body: unknown }) => {
      clients = [...clients, { id: 'c2', pieces: 0, ...never, ...(body as { name: string }) }];
      return clients.at(-1);
    },
    'GET /api/v1/clients/c1/visits': () => visits,
  });
});
afterEach(cleanup);

function open() {
  const router = createMemoryRouter(
    [
      { path: '/clients', element: <ClientsPage /> },
      { path: '/sign-in', element: <h1>Sign in</h1> },
    ],
    { initialEntries: ['/clients'] },
  );
  render(
    <QueryClientProvider client={new QueryClient()}>
      <Notices>
        <RouterProvider router={router} />
      </Notices>
    </QueryClientProvider>,
  );
}

describe('the clients', () => {
  it('are listed with how many pieces each has, and others are added by name', async () => {
    open();
    await screen.findByRole('link', { name: 'Ada1 piece' });
    const name = screen.getByLabelText('Name of the new client') as HTMLInputElement;
    fireEvent.submit(name.form!);
    expect((await screen.findByRole('alert')).textContent).toBe('Give the client a name.');
    fireEvent.change(name, { target: { value: '  Bea  ' } });
    fireEvent.submit(name.form!);
    expect(await screen.findByRole('link', { name: 'Beano pieces yet' })).toBeTruthy();
    expect(name.value).toBe('');
    expect(server.bodies('POST /api/v1/clients')).toEqual([{ name: 'Bea' }]);
  });

  it('keep a name that is refused, with the reason', async () => {
    server.answer('POST /api/v1/clients', new Refusal(400, 'No control characters, please.'));
    open();
    const name = (await screen.findByLabelText('Name of the new client')) as HTMLInputElement;
    fireEvent.change(name, { target: { value: 'Bea' } });
    fireEvent.submit(name.form!);
    expect((await screen.findByRole('alert')).textContent).toBe('No control characters, please.');
    expect(name.value).toBe('Bea');
  });

  it('teach the first step while there are none', async () => {
    clients = [];
    open();
    expect(await screen.findByText('No client yet. Add the first one by name.')).toBeTruthy();
  });

  it('are left by signing out, which forgets what was shown', async () => {
    open();
    fireEvent.click(await screen.findByRole('button', { name: 'Sign out' }));
    await waitFor(() => expect(screen.getByRole('heading', { name: 'Sign in' })).toBeTruthy());
    expect(server.calls.some((call) => call.route === 'DELETE /api/v1/session')).toBe(true);
  });

  it('ask for the visits as they are today, by the clock of the server', async () => {
    open();
    expect(await screen.findByText('last visit 5 Jan 2027')).toBeTruthy();
    expect(screen.getByText('next visit 4 Feb 2027')).toBeTruthy();
    const asked = server.calls.find((call) => call.route === 'GET /api/v1/clients');
    expect(asked?.query).toEqual({ today: '2027-01-12' });
  });

  it.each([
    [{ lastVisit: null, nextVisit: null }, 'no visit yet'],
    [{ lastVisit: null, nextVisit: '2027-01-12' }, 'visit today'],
  ])('say %j in words', async (line, words) => {
    clients = [{ ...clients[0]!, ...line }];
    open();
    expect(await screen.findByText(words)).toBeTruthy();
  });
});

describe('visits', () => {
  const opened = async () => {
    open();
    fireEvent.click(await screen.findByRole('button', { name: 'Visits to Ada' }));
    return within(await screen.findByRole('dialog', { name: 'Visits to Ada' }));
  };

  it('are written down, today unless another day is given', async () => {
    server.answer('POST /api/v1/clients/c1/visits', { id: 'v3' });
    const dialog = await opened();
    const date = dialog.getByLabelText('Day') as HTMLInputElement;
    expect(date.value).toBe('2027-01-12');
    fireEvent.change(dialog.getByLabelText('Note'), { target: { value: 'new measurements' } });
    fireEvent.click(dialog.getByRole('button', { name: 'Add visit' }));
    await waitFor(() =>
      expect(server.bodies('POST /api/v1/clients/c1/visits')).toEqual([
        { date: '2027-01-12', note: 'new measurements' },
      ]),
    );
    await waitFor(() => expect((dialog.getByLabelText('Note') as HTMLTextAreaElement).value).toBe(''));
  });

  it.each([
    ['', 'Say on which day.'],
    ['1066-10-14', 'A visit is between the years 1900 and 2200.'],
  ])('on "%s" are not sent', async (day, why) => {
    const dialog = await opened();
    fireEvent.change(dialog.getByLabelText('Day'), { target: { value: day } });
    fireEvent.click(dialog.getByRole('button', { name: 'Add visit' }));
    expect((await dialog.findByRole('alert')).textContent).toBe(why);
    expect(server.bodies('POST /api/v1/clients/c1/visits')).toEqual([]);
  });

  it('are changed at the version that was seen, and say when somebody was faster', async () => {
    server.answer('PATCH /api/v1/clients/c1/visits/v1', new Refusal(412, 'Somebody changed this since.'));
    const dialog = await opened();
    fireEvent.click(await dialog.findByRole('button', { name: 'Change the visit on 5 January 2027' }));
    const notes = dialog.getAllByLabelText('Note');
    fireEvent.change(notes.at(-1)!, { target: { value: 'measured' } });
    fireEvent.click(dialog.getByRole('button', { name: 'Save' }));
    expect((await dialog.findByRole('alert')).textContent).toBe('Somebody changed this since.');
    const sent = server.calls.find((call) => call.route === 'PATCH /api/v1/clients/c1/visits/v1');
    expect(sent?.headers.get('If-Match')).toBe('"4"');
    expect(sent?.body).toEqual({ date: '2027-01-05', note: 'measured' });
  });

  it('are deleted with a way back', async () => {
    server.answer('DELETE /api/v1/clients/c1/visits/v2', () => {
      visits = visits.filter((visit) => visit.id !== 'v2');
      return {};
    });
    const dialog = await opened();
    fireEvent.click(await dialog.findByRole('button', { name: 'Delete the visit on 4 February 2027' }));
    expect(await screen.findByText('Deleted the visit on 4 February 2027')).toBeTruthy();
    await waitFor(() => expect(dialog.queryByText('bring the pins')).toBeNull());
    server.answer('POST /api/v1/clients/c1/undo', {
      undone: true,
      part: 'visits',
      date: '2027-02-04',
      entries: 1,
      fields: [],
    });
    fireEvent.click(screen.getByRole('button', { name: 'Undo', hidden: true }));
    expect(await screen.findByText('Undone: the visit on 4 February')).toBeTruthy();
  });
});
