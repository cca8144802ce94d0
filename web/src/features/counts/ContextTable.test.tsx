// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { onDesk, piece } from '../../testing/desk';
import { FakeStream, fakeStreams } from '../../testing/streams';
import { ContextTable } from './ContextTable';

const shown = (search = '') => onDesk(<ContextTable />, [piece('shorts', ['bottom'])], search, ['Desk day']);
const send = (name: string, data: unknown) => act(() => FakeStream.latest.send(name, data));

beforeEach(fakeStreams);
afterEach(cleanup);

describe('outfits by season and occasion', () => {
  it('fills cell by cell, says how far it is, and reads a cell with the way to its list', () => {
    shown('?season=summer&table=clothes&daring=yes');
    expect(FakeStream.latest.url).toBe('/api/v1/clients/c1/counts/contexts?counting=clothes&daring=true');
    send('cell', { season: '', occasion: 'Desk day', total: 11234, daring: 3, weakest: null });
    send('cell', { season: 'winter', occasion: 'Desk day', total: 1234, daring: 3, weakest: null });
    send('cell', {
      season: 'winter',
      occasion: 'Desk day',
      total: 1234,
      daring: 3,
      weakest: { month: 2, total: 1200 },
    });
    expect(screen.getByRole('status').textContent).toContain('2 of 6 counted');
    expect(screen.getByText('11.2 thousand')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Desk day, winter: 1,234' }));
    expect(FakeStream.latest.url).toContain('/counts/difference?');
    expect(FakeStream.latest.asked).toEqual({
      counting: 'clothes',
      daring: 'true',
      occasion: 'Desk day',
      thenSeason: 'winter',
      thenOccasion: 'Desk day',
      thenDaring: 'true',
    });
    send('difference', {
      perPiece: [
        { id: 'shorts', before: 9, after: 0 },
        { id: 'jeans', before: 9, after: 8 },
      ],
    });
    send('complete', {});
    const reading = screen.getByTestId('context-reading').textContent;
    expect(reading).toContain('10,000 fewer than without weather');
    expect(reading).toContain('Weakest month: February, 1,200');
    expect(reading).toContain('Drop out · 1the shorts');
    const address = new URL(
      screen.getByRole('link', { name: 'Open the list' }).getAttribute('href')!,
      'http://here',
    );
    expect(Object.fromEntries(address.searchParams)).toEqual({
      season: 'winter',
      occasion: 'Desk day',
      counting: 'clothes',
      daring: 'yes',
    });
  });

  it('asks for the climate of seasons that have none', () => {
    shown();
    send('complete', {});
    expect(screen.getAllByRole('rowheader').map((row) => row.textContent)).toEqual([
      'no weather',
      'winter',
      'summer',
    ]);
    expect(screen.getByRole('link', { name: 'Add the climate' }).getAttribute('href')).toContain('/brief');
  });

  it('can be stopped and begun again', () => {
    shown();
    send('cell', { season: '', occasion: '', total: 5, daring: 0 });
    fireEvent.click(screen.getByRole('button', { name: 'Stop counting' }));
    expect(FakeStream.latest.isClosed).toBe(true);
    expect(screen.getByRole('status').textContent).toContain('Counting was stopped.');
    const cell = { name: 'any occasion, no weather: 5' };
    expect(screen.getByRole('button', cell)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Count again' }));
    expect(FakeStream.opened.filter((stream) => !stream.isClosed)).toHaveLength(1);
    expect(screen.queryByRole('button', cell)).toBeNull();
  });

  it('says why when it is refused', () => {
    shown();
    send('refused', { why: 'These pieces can be worn in too many ways.' });
    expect(screen.getByRole('alert').textContent).toContain('too many ways');
  });
});
