// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { ErrorPage, MissingPage, reportOf } from './ErrorPage';

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

function Broken({ error }: { error: unknown }): never {
  throw error;
}

function open(address: string, error: unknown = new Error('no such swatch')) {
  vi.spyOn(console, 'error').mockImplementation(() => {});
  const router = createMemoryRouter(
    [
      { path: '/broken', element: <Broken error={error} />, errorElement: <ErrorPage /> },
      { path: '*', element: <MissingPage /> },
    ],
    { initialEntries: [address] },
  );
  render(<RouterProvider router={router} />);
}

describe('an address that leads nowhere', () => {
  it('has a page with a way back', async () => {
    open('/clients-of-yesterday');
    expect(await screen.findByRole('heading', { name: 'There is no page here' })).toBeTruthy();
    expect(screen.getByText(/clients-of-yesterday/)).toBeTruthy();
    expect(screen.getByRole('link', { name: 'All clients' }).getAttribute('href')).toBe('/clients');
  });
});

describe('a page that fails', () => {
  it('says what is safe and hands out a report', async () => {
    const written: string[] = [];
    Object.assign(navigator, {
      clipboard: { writeText: (text: string) => Promise.resolve(written.push(text)) },
    });
    open('/broken?season=winter');
    expect(await screen.findByText(/What was shown as saved is safe/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Copy the report' }));
    expect(await screen.findByText('Copied.')).toBeTruthy();
    expect(written[0]).toContain('/broken?season=winter');
    expect(written[0]).toContain('Error: no such swatch');
  });

  it('says when the report cannot be copied, and shows it', async () => {
    Object.assign(navigator, { clipboard: { writeText: () => Promise.reject(new Error('not allowed')) } });
    open('/broken');
    fireEvent.click(await screen.findByRole('button', { name: 'Copy the report' }));
    expect(await screen.findByText('The report could not be copied; select it below.')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: /Report/ }));
    expect(screen.getByText(/no such swatch/)).toBeTruthy();
  });

  it('asks to load again after an update', async () => {
    open('/broken', new TypeError('Failed to fetch dynamically imported module: /assets/Old-1.js'));
    expect(await screen.findByText(/Jomble was updated/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Copy the report' })).toBeNull();
  });
});

describe('a report', () => {
  it.each([
    [new Error('x'), 'Error: x'],
    ['thrown text', 'thrown text'],
    [{ status: 404 }, '[object Object]'],
  ])('names %s', (error, words) => expect(reportOf(error, '/a')).toContain(words));
});
