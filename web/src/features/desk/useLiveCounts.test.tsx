// @vitest-environment jsdom
import { act, renderHook } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { counts, usual } from '../../testing/desk';
import { FakeStream, fakeStreams } from '../../testing/streams';
import type { Chosen } from './context';
import { useLiveCounts } from './useLiveCounts';

const live = (stamp = '1', chosen = usual) =>
  renderHook((props) => useLiveCounts('c1', props.chosen, props.stamp, props.whatIf), {
    initialProps: { chosen, stamp, whatIf: undefined as object | undefined },
  });
const send = (name: string, data: unknown) => act(() => FakeStream.latest.send(name, data));
const asked = () => FakeStream.latest.asked;

beforeEach(fakeStreams);

describe('the counts of a wardrobe', () => {
  it('wait until it is known what there is to count', () => {
    const { result, rerender } = live('');
    expect(result.current.state).toBe('waiting');
    expect(FakeStream.opened).toHaveLength(0);
    rerender({ chosen: usual, stamp: '1', whatIf: undefined });
    expect(result.current.state).toBe('counting');
  });

  it.each<[string, Partial<Chosen>, object]>([
    ['no weather', {}, { counting: 'clothes', daring: 'false', rows: 'top', columns: 'bottom' }],
    ['a season', { season: 'winter' }, { season: 'winter' }],
    ['an occasion', { occasion: 'Council evening' }, { occasion: 'Council evening' }],
    [
      'daring ones, other slots',
      { daring: true, counting: 'looks', rows: 'mid' },
      { daring: 'true', rows: 'mid' },
    ],
  ])('are asked for in the context: %s', (_, change, query) => {
    live('1', { ...usual, ...change });
    expect(asked()).toMatchObject(query);
    expect('season' in asked()).toBe(Boolean(change.season));
  });

  it('are there before the figures of pieces that are not counted', () => {
    const { result } = live();
    send('progress', { fraction: 0.5 });
    expect(result.current).toMatchObject({ state: 'counting', fraction: 0.5 });
    send('counts', counts({ total: 10 }));
    expect(result.current).toMatchObject({ state: 'partial', counts: { total: 10 } });
    send('complete', counts({ total: 10, perPiece: { coat: 7 } }));
    expect(result.current).toMatchObject({ state: 'done', counts: { perPiece: { coat: 7 } } });
    expect(FakeStream.latest.isClosed).toBe(true);
  });

  it.each<[number | string, number | string, bigint]>([
    [10, 12, 2n],
    [12, 10, -2n],
    ['9007199254740992', '9007199254740993', 1n],
  ])('from %s to %s tell the exact difference', (before, after, change) => {
    const { result, rerender } = live();
    send('complete', counts({ total: before }));
    expect(result.current.change).toBeUndefined();
    rerender({ chosen: usual, stamp: '2', whatIf: undefined });
    expect(result.current.counts?.total, 'the figure before stays in sight').toBe(before);
    send('complete', counts({ total: after }));
    expect(result.current.change).toBe(change);
  });

  it('are none once they were stopped or refused, and can be asked for again', () => {
    const { result } = live();
    send('counts', counts({ total: 10 }));
    act(() => result.current.stop());
    expect(result.current).toMatchObject({ state: 'stopped', counts: undefined });
    expect(FakeStream.latest.isClosed).toBe(true);
    act(() => result.current.again());
    expect(result.current.state).toBe('counting');
    send('refused', { why: 'too many ways' });
    expect(result.current).toMatchObject({ state: 'failed', refused: 'too many ways', counts: undefined });
  });

  it('of a thought send the thought along', () => {
    const { rerender } = live();
    rerender({ chosen: usual, stamp: '1', whatIf: { without: ['p1'] } });
    expect(JSON.parse((asked() as { whatIf: string }).whatIf)).toEqual({ without: ['p1'] });
    expect(FakeStream.opened[0]!.isClosed).toBe(true);
  });

  it('do not fail after they are there', () => {
    const { result } = live();
    send('complete', counts({ total: 1 }));
    act(() => FakeStream.latest.onerror!());
    expect(result.current.state).toBe('done');
  });
});
