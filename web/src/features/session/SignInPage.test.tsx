// @vitest-environment jsdom
import { Refusal, server } from '../../testing/server';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { SignInPage } from './SignInPage';

function open(address: string) {
  const router = createMemoryRouter(
    [
      { path: '/sign-in', element: <SignInPage /> },
      { path: '/clients', element: <h1>Clients</h1> },
    ],
    { initialEntries: [address] },
  );
  render(
    <QueryClientProvider client={new QueryClient()}>
      <RouterProvider router={router} />
    </QueryClientProvider>,
  );
}

beforeEach(() => server.answers({ 'POST /api/v1/session': { studio: 'Atelier' } }));
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
    expect(await screen.findByRole('heading', { name: 'Clients' })).toBeTruthy();
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
