// @vitest-environment jsdom
import { server } from '../../testing/server';
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { choose } from '../../testing/choose';
import { onDesk, piece } from '../../testing/desk';
import type { SavedCapsule, Wishes } from './queries';
import { WishesForm } from './WishesForm';

const plain: Wishes = {
  size: 16,
  seasons: ['winter'],
  occasions: [],
  must: [],
  never: [],
  breakSets: false,
  varietyCostFraction: 0.15,
};
const tagged = piece('shirt', ['top'], { resolved: { tags: ['travel'] } } as never);
const boots = piece('boots', ['shoes'], { resolved: {} } as never);
const work = { id: 'c7', name: 'Work' } as SavedCapsule;

/** The wishes as they stand after each press. */
let wishes: Wishes;
const onPlan = vi.fn();

function Form({ from }: { from: Wishes }) {
  const [now, setNow] = useState(from);
  wishes = now;
  return (
    <WishesForm
      wishes={now}
      saved={[work]}
      action="Plan"
      busy={false}
      onWish={(change) => setNow({ ...now, ...change })}
      onPlan={onPlan}
    />
  );
}

function open(from: Partial<Wishes> = {}, more = true) {
  onDesk(<Form from={{ ...plain, ...from }} />, [tagged, boots], '', ['desk day', 'garden']);
  if (more) {
    fireEvent.click(screen.getByRole('button', { name: 'More wishes' }));
  }
}
const write = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

beforeEach(() => {
  onPlan.mockReset();
  server.answers({});
});
afterEach(cleanup);

describe('the wishes for a capsule', () => {
  it.each<[string, string, string, Wishes['size']]>([
    ['a size', '20', '', 20],
    ['a range', '12', '18', { min: 12, max: 18 }],
    ['a range that ends where it begins', '12', '12', 12],
    ['more than there may be', '900', '', 60],
    ['less than one', '-3', '', 1],
  ])('ask for %s', (_, min, max, size) => {
    open({}, false);
    write('pieces', min);
    write('up to', max);
    expect(wishes.size).toEqual(size);
  });

  it('name the occasions only while some are left out', () => {
    open({}, false);
    fireEvent.click(screen.getByRole('button', { name: 'garden' }));
    expect(wishes.occasions).toEqual(['desk day']);
    fireEvent.click(screen.getByRole('button', { name: 'garden' }));
    expect(wishes.occasions).toEqual([]);
  });

  it('cannot be planned for no season', () => {
    open({}, false);
    const plan = screen.getByRole('button', { name: 'Plan' }) as HTMLButtonElement;
    fireEvent.click(screen.getByRole('button', { name: 'winter' }));
    expect(plan.disabled).toBe(true);
    fireEvent.click(screen.getByRole('button', { name: 'summer' }));
    fireEvent.submit(plan.form!);
    expect(wishes.seasons).toEqual(['summer']);
    expect(onPlan).toHaveBeenCalledOnce();
  });

  it('choose from pieces with a tag, or of a saved capsule', () => {
    open();
    const from = screen.getByRole('combobox', { name: 'chosen from' });
    choose(from, 'tag travel');
    expect(wishes.from).toEqual({ tag: 'travel' });
    choose(from, 'capsule c7');
    expect(wishes.from).toEqual({ capsule: 'c7' });
  });

  it.each([
    ['what counts', 'everything', { 'capsule-size': 'everything' }],
    ['tops to bottoms', 'even', { 'tops-share': 'even' }],
    ['one-pieces', 'one-piece-friendly', { 'one-pieces': 'one-piece-friendly' }],
  ])('decide for this capsule alone: %s', (question, school, schools) => {
    open();
    choose(screen.getByRole('combobox', { name: question }), school);
    expect(wishes.schools).toEqual(schools);
    choose(screen.getByRole('combobox', { name: question }), '');
    expect(wishes.schools).toEqual({});
  });

  it('bound a family from below and above, and forget a bound that is cleared', () => {
    open();
    write('tops, at least', '3');
    write('tops, at most', '7');
    expect(wishes.families).toEqual({ top: { min: 3, max: 7 } });
    write('tops, at least', '');
    write('tops, at most', '');
    expect(wishes.families).toEqual({});
  });

  it('never want a piece both in and out', () => {
    open({ never: ['shirt'] });
    fireEvent.click(screen.getByRole('button', { name: 'Pieces that must be in it: Choose …' }));
    fireEvent.click(screen.getByLabelText('the shirt'));
    expect(wishes).toMatchObject({ must: ['shirt'], never: [] });
  });

  it('switch what a capsule has to do off and on again', () => {
    open();
    const coat = screen.getByLabelText('A coat warm enough for each occasion in its coldest month');
    fireEvent.click(coat);
    expect(wishes.without).toEqual(['warm-coat']);
    fireEvent.click(coat);
    expect(wishes.without).toEqual([]);
  });
});
