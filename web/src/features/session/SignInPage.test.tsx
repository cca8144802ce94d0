// @vitest-environment jsdom
import { Refusal, server } from '../../testing/server';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { ClientsPage } from '../clients';
import { SignInPage } from './SignInPage';

const ada = { id: 'c1', name: 'Ada', pieces: 1 };

function open(address: string) {
  const router = createMemoryRouter(
    [
      { path: '/sign-in', element: <SignInPage /> },
      { path: '/clients', element: <ClientsPage /> },
    ],
    { initialEntries: [address] },
  );
  render(
    <QueryClientProvider client={new QueryClient()}>
      <RouterProvider router={router} />
    </QueryClientProvider>,
  );
}

/** The clients as the server has them. */
let clients: { id: string; name: string; pieces: number }[];

beforeEach(() => {
  clients = [ada];
  server.answers({
    'POST /api/v1/session': { studio: 'Atelier' },
    'GET /api/v1/session': { studio: 'Atelier' },
    'DELETE /api/v1/session': {},
    'GET /api/v1/clients': () => clients,
    'POST /api/v1/clients': ({ body }: { body: unknown }) => {
      clients = [...clients, { id: 'c2', pieces: 0, ...(body as { name: string }) }];
      return clients.at(-1);
    },
  });
});
afterEach(cleanup);

describe('signing in', () => {
  const signIn = () => {
    fireEvent.change(screen.getByLabelText('Email'), { target: { value: 'a@b.example' } });
    fireEvent.change(screen.getByLabelText('Password'), { target: { value: 'right horse' } });
    fireEvent.click(screen.getByRole('button', { name: 'Sign in' }));
  };

  it('leads to the clients', async () => {
    open('/sign-in');
    signIn();
    expect(await screen.findByRole('link', { name: 'Ada1 piece' })).toBeTruthy();
    expect(server.bodies('POST /api/v1/session')).toEqual([
      { email: 'a@b.example', password: 'right horse' },
    ]);
  });

  it.each([
    [new Refusal(401, 'The email or the password is wrong.'), 'The email or the password is wrong.'],
    [new Refusal(429, 'Too many tries; wait 60 seconds.'), 'Too many tries; wait 60 seconds.'],
  ])('that is refused says why, keeps the address and lets one try again', async (refusal, why) => {
    open('/sign-in');
    history.replaceState(null, '', '/sign-in');
    server.answer('POST /api/v1/session', refusal);
    signIn();
    expect((await screen.findByRole('alert')).textContent).toBe(why);
    expect((screen.getByLabelText('Email') as HTMLInputElement).value).toBe('a@b.example');
    server.answer('POST /api/v1/session', { studio: 'Atelier' });
    fireEvent.click(screen.getByRole('button', { name: 'Sign in' }));
    expect(await screen.findByText('Clients')).toBeTruthy();
  });

  it('says when the server does not answer', async () => {
    open('/sign-in');
    server.goAway();
    signIn();
    expect((await screen.findByRole('alert')).textContent).toContain('The server did not answer.');
  });
});

describe('the clients', () => {
  it('are listed with how many pieces each has, and others are added by name', async () => {
    open('/clients');
    await screen.findByRole('link', { name: 'Ada1 piece' });
    const name = screen.getByLabelText('Name of the new client') as HTMLInputElement;
    fireEvent.submit(name.form!);
    fireEvent.change(name, { target: { value: '  Bea  ' } });
    fireEvent.submit(name.form!);
    expect(await screen.findByRole('link', { name: 'Beano pieces yet' })).toBeTruthy();
    expect(name.value).toBe('');
    expect(server.bodies('POST /api/v1/clients')).toEqual([{ name: 'Bea' }]);
  });

  it('teach the first step while there are none', async () => {
    clients = [];
    open('/clients');
    expect(await screen.findByText('No client yet. Add the first one by name.')).toBeTruthy();
  });

  it('are left by signing out, which forgets what was shown', async () => {
    open('/clients');
    fireEvent.click(await screen.findByRole('button', { name: 'Sign out' }));
    await waitFor(() => expect(screen.getByLabelText('Password')).toBeTruthy());
    expect(server.calls.some((call) => call.route === 'DELETE /api/v1/session')).toBe(true);
  });
});
