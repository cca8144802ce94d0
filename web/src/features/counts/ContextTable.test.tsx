// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { onDesk } from '../../testing/desk';
import { FakeStream, fakeStreams } from '../../testing/streams';
import { ContextTable } from './ContextTable';

const shown = (search = '') => onDesk(<ContextTable />, [], search, ['Desk day']);
const send = (name: string, data: unknown) => act(() => FakeStream.latest.send(name, data));

beforeEach(fakeStreams);
afterEach(cleanup);

describe('outfits by season and occasion', () => {
  it('fills cell by cell, says how far it is, and opens each list in its own context', () => {
    shown('?season=summer&table=clothes&daring=yes');
    expect(FakeStream.latest.url).toBe('/api/v1/clients/c1/counts/contexts?counting=clothes&daring=true');
    send('cell', { season: 'winter', occasion: 'Desk day', total: 1234, daring: 3 });
    expect(screen.getByRole('status').textContent).toContain('1 of 12 counted');
    const address = new URL(screen.getByRole('link', { name: '1,234' }).getAttribute('href')!, 'http://here');
    expect(Object.fromEntries(address.searchParams)).toEqual({
      season: 'winter',
      occasion: 'Desk day',
      counting: 'clothes',
      daring: 'yes',
    });
  });

  it('leaves out seasons without a climate only once all is counted', () => {
    shown();
    const seasons = () => screen.getAllByRole('rowheader').length;
    send('cell', { season: '', occasion: '', total: 5, daring: 0 });
    send('cell', { season: 'winter', occasion: '', total: 2, daring: 0 });
    expect(seasons()).toBe(6);
    send('complete', {});
    expect(seasons()).toBe(2);
    expect(screen.getByText(/no climate for some seasons/)).toBeTruthy();
  });

  it('can be stopped and begun again', () => {
    shown();
    send('cell', { season: '', occasion: '', total: 5, daring: 0 });
    fireEvent.click(screen.getByRole('button', { name: 'Stop counting' }));
    expect(FakeStream.latest.isClosed).toBe(true);
    expect(screen.getByRole('status').textContent).toContain('Counting was stopped.');
    expect(screen.getByRole('link', { name: '5' })).toBeTruthy();
    fireEvent.click(screen.getByRole('button'));
    expect(FakeStream.opened.filter((stream) => !stream.isClosed)).toHaveLength(1);
    expect(screen.queryByRole('link')).toBeNull();
  });

  it('says why when it is refused', () => {
    shown();
    send('refused', { why: 'These pieces can be worn in too many ways.' });
    expect(screen.getByRole('alert').textContent).toContain('too many ways');
  });
});
