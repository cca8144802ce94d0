// @vitest-environment jsdom
import { Refusal, server } from '../../testing/server';
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { choose } from '../../testing/choose';
import { onDesk } from '../../testing/desk';
import { PlaceSection } from './PlaceSection';
import type { Brief, BriefSaver } from './queries';

const january = { month: 1, lowC: 1, highC: 6, humidityPercent: 84, windMs: 5, rainDays: 18 };
const winter = { name: 'winter', months: [12, 1, 2], middle: 1, known: true };
const summer = { name: 'summer', months: [6, 7, 8], middle: 7, known: true };
const autumn = { name: 'season 3', months: [9, 10], middle: 9, known: true };
const save = vi.fn<(parts: Record<string, unknown>) => void>();

function open(part: Partial<Brief> = {}, brief: object = {}) {
  const shown = {
    brief: { place: 'Northport', climate: [], ...brief },
    seasons: [winter, summer],
    usualSeasons: false,
    ...part,
  } as unknown as Brief;
  onDesk(<PlaceSection clientId="c1" brief={shown} saver={{ save } as unknown as BriefSaver} />, []);
}
const saved = () => save.mock.calls.map(([parts]) => parts);
const months = (season: string) => within(screen.getByLabelText(`months, ${season}`));

beforeEach(() => {
  save.mockReset();
  server.answers({
    'GET /api/v1/places': [{ name: 'Saltmere', type: 'cool wet coast', months: [january] }],
    'GET /api/v1/clients/c1/forecast': [
      { date: '2026-12-01', lowC: -1, highC: 4, rainChance: 0.8 },
      { date: '2026-12-02', lowC: 0, highC: 5, rainChance: 0.1 },
    ],
  });
});
afterEach(cleanup);

describe('where a client lives', () => {
  it('counts with the coats recorded alone when asked to', () => {
    open();
    choose(screen.getByLabelText('coats'), 'recorded');
    expect(saved()).toEqual([{ coats: 'recorded' }]);
  });

  it('is typed freely, or chosen with the climate of the place', async () => {
    open();
    const name = screen.getByLabelText('lives in');
    fireEvent.blur(name);
    fireEvent.change(name, { target: { value: 'Eastquay' } });
    fireEvent.blur(name);
    await waitFor(() => expect(server.calls.length).toBeGreaterThan(1));
    await waitFor(() => choose(screen.getByRole('combobox', { name: 'similar place' }), 'Saltmere'));
    expect(saved()).toEqual([{ place: 'Eastquay' }, { place: 'Saltmere', climate: [january] }]);
  });

  it('shows the days to come, with rain where it is more likely than not', async () => {
    open();
    expect(await screen.findByText('rain')).toBeTruthy();
    expect(screen.getByText('dry')).toBeTruthy();
  });

  it('takes a climate that is pasted, and says at its field what cannot be read', async () => {
    open();
    fireEvent.click(screen.getByRole('button', { name: 'Type, paste or upload twelve months' }));
    const text = screen.getByLabelText(/^A line for each month/);
    fireEvent.change(text, { target: { value: 'January 1 6' } });
    const post = 'POST /api/v1/climate/read';
    server.answer(
      post,
      new Refusal(400, 'Invalid.', [{ pointer: '/text', code: 'x', message: 'line 1: low' }]),
    );
    fireEvent.click(screen.getByRole('button', { name: 'Use these months' }));
    expect((await screen.findByRole('alert')).textContent).toBe('line 1: low');
    expect(saved()).toEqual([]);
    server.answer(post, [january]);
    fireEvent.click(screen.getByRole('button', { name: 'Use these months' }));
    await waitFor(() => expect(saved()).toEqual([{ climate: [january] }]));
  });
});

describe('the seasons a client lives in', () => {
  it('share no month: one given to a season leaves the other', () => {
    open();
    fireEvent.click(months('winter').getByRole('button', { name: 'June' }));
    expect(saved()).toEqual([
      {
        seasons: [
          { name: 'winter', months: [12, 1, 2, 6] },
          { name: 'summer', months: [7, 8] },
        ],
      },
    ]);
  });

  it('go with their last month', () => {
    open({ seasons: [winter, { ...summer, months: [7] }] });
    fireEvent.click(months('summer').getByRole('button', { name: 'July' }));
    expect(saved()).toEqual([{ seasons: [{ name: 'winter', months: [12, 1, 2] }] }]);
  });

  it('are renamed, but not to nothing', () => {
    open();
    const [name] = screen.getAllByLabelText('season');
    fireEvent.change(name!, { target: { value: '   ' } });
    fireEvent.blur(name!);
    expect(saved()).toEqual([]);
    fireEvent.change(name!, { target: { value: ' term ' } });
    fireEvent.blur(name!);
    expect(saved()[0]).toMatchObject({ seasons: [{ name: 'term' }, { name: 'summer' }] });
  });

  it('are joined by another of the months left over, under a name of its own', () => {
    open({ seasons: [winter, autumn] });
    fireEvent.click(
      screen.getByRole('button', { name: /Add a season \(Mar, Apr, May, Jun, Jul, Aug, Nov\)/ }),
    );
    expect(saved()[0]).toMatchObject({
      seasons: [
        { name: 'winter' },
        { name: 'season 3' },
        { name: 'season 4', months: [3, 4, 5, 6, 7, 8, 11] },
      ],
    });
  });

  it('are taken away while more than two are left, or go back to the usual ones', () => {
    open({ seasons: [winter, summer, autumn] });
    fireEvent.click(screen.getByRole('button', { name: 'Remove summer' }));
    fireEvent.click(screen.getByRole('button', { name: 'Back to the usual ones' }));
    expect(saved()[0]).toMatchObject({ seasons: [{ name: 'winter' }, { name: 'season 3' }] });
    expect(saved()[1]).toEqual({ seasons: null });
    cleanup();
    open();
    expect(screen.queryByRole('button', { name: 'Remove summer' })).toBeNull();
  });
});
