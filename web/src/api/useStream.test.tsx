// @vitest-environment jsdom
import { act, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { FakeStream, fakeStreams } from '../testing/streams';
import { type StreamAddress } from './streams';
import { useStream } from './useStream';

type Address = StreamAddress<'/api/v1/clients/{clientId}/counts/contexts'>;

const listen = (url: Address | null = '/stream') =>
  renderHook(({ address, stamp }) => useStream(address, 'cell', stamp), {
    initialProps: { address: url, stamp: '1' },
  });
const send = (name: string, data: unknown) => act(() => FakeStream.latest.send(name, data));

beforeEach(fakeStreams);
afterEach(() => {
  vi.useRealTimers();
});

describe('a stream of events', () => {
  it('is idle without an address', () => {
    const { result } = listen(null);
    expect(result.current).toMatchObject({ state: 'idle', events: [] });
    expect(FakeStream.opened).toHaveLength(0);
  });

  it('gathers what comes, in its order, until it is complete', () => {
    const { result } = listen();
    expect(result.current.state).toBe('running');
    send('progress', { fraction: 0.25 });
    send('cell', { n: 1 });
    send('cell', { n: 2 });
    expect(result.current).toMatchObject({
      state: 'running',
      fraction: 0.25,
      events: [{ n: 1 }, { n: 2 }],
    });
    send('complete', {});
    expect(result.current).toMatchObject({ state: 'done', fraction: 1, events: [{ n: 1 }, { n: 2 }] });
    expect(FakeStream.latest.isClosed).toBe(true);
  });

  it('says why it is refused', () => {
    const { result } = listen();
    send('refused', { why: 'too many' });
    expect(result.current).toMatchObject({ state: 'failed', refused: 'too many' });
  });

  it.each(['done', 'stopped', 'refused'])('that is over by itself does not fail afterwards: %s', (end) => {
    const { result } = listen();
    if (end === 'stopped') {
      act(() => result.current.stop());
    } else {
      send(end === 'done' ? 'complete' : 'refused', { why: '' });
    }
    const { state } = result.current;
    act(() => FakeStream.latest.onerror!());
    expect(result.current.state).toBe(state);
  });

  it('asks again when the line breaks, whoever answers then, and fails when nobody does', () => {
    vi.useFakeTimers();
    const { result } = listen();
    send('cell', { n: 1 });
    const breaks = (waitMillis: number) => {
      act(() => FakeStream.latest.onerror!());
      expect(FakeStream.latest.isClosed).toBe(true);
      act(() => vi.advanceTimersByTime(waitMillis));
    };
    breaks(500);
    expect(FakeStream.opened).toHaveLength(2);
    expect(result.current).toMatchObject({ state: 'running', events: [] });
    send('cell', { n: 2 });
    for (const wait of [500, 1500, 4000]) {
      breaks(wait);
    }
    expect(FakeStream.opened).toHaveLength(5);
    expect(result.current.state).toBe('running');
    breaks(60_000);
    expect(FakeStream.opened).toHaveLength(5);
    expect(result.current.state).toBe('failed');
    act(() => result.current.again());
    expect(FakeStream.opened).toHaveLength(6);
    expect(result.current.state).toBe('running');
  });

  it.each([{ address: '/other' }, { stamp: '2' }, { address: null }])(
    'lets go of the one before: %j',
    (change) => {
      const { rerender, result, unmount } = listen();
      const first = FakeStream.latest;
      rerender({ address: '/stream', stamp: '1', ...change });
      expect(first.isClosed).toBe(true);
      expect(result.current.state).toBe(change.address === null ? 'idle' : 'running');
      unmount();
      expect(FakeStream.opened.every((stream) => stream.isClosed)).toBe(true);
    },
  );
});
