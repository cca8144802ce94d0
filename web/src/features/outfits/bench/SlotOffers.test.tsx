// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { PieceView } from '../../../api/client';
import type { Offer } from './bench';
import { SlotOffers } from './SlotOffers';

const names = ['White shirt', 'Black roll-neck', 'Green knit', 'Blue shirt', 'Dotted blouse', 'Red tee'];
const byId = new Map(names.map((label, i) => [`p${i}`, { id: `p${i}`, label, flat: '' } as PieceView]));

function offer(i: number, more: Partial<Offer> = {}): Offer {
  return { slot: 'top', pieces: [`p${i}`], verdict: 'works', changes: 0, ...more };
}

const offers = [
  offer(0),
  offer(1),
  offer(2),
  offer(3, { verdict: 'daring', reason: 'Two blues that nearly match.' }),
  offer(4, { verdict: 'no', changes: 1 }),
  offer(5, { verdict: 'no', changes: undefined }),
];

function show(more: Partial<Parameters<typeof SlotOffers>[0]> = {}) {
  const onChoose = vi.fn();
  const onFinish = vi.fn();
  render(
    <QueryClientProvider client={new QueryClient()}>
      <SlotOffers
        of={{ slot: 'top', fit: 3, offers }}
        byId={byId}
        worn={[]}
        replaces={false}
        ways={[]}
        finish={[]}
        onChoose={onChoose}
        onFinish={onFinish}
        {...more}
      />
    </QueryClientProvider>,
  );
  return { onChoose, onFinish };
}

const rows = () => screen.getAllByRole('radio').map((row) => row.textContent);

afterEach(cleanup);

describe('a slot of the bench', () => {
  it('shows the best, says why the rest does not fit, and unfolds under the arrow key', () => {
    show();
    screen.getByText('3 fit');
    expect(rows()).toHaveLength(4);
    expect(rows()[3]).toContain('Two blues that nearly match.');
    screen.getAllByRole('radio')[3]!.focus();
    fireEvent.keyDown(screen.getAllByRole('radio')[3]!, { key: 'ArrowDown' });
    expect(rows()).toHaveLength(6);
    expect(document.activeElement?.textContent).toContain('Dotted blouse');
    expect(rows()[4]).toContain('Only if another piece makes way.');
    expect(rows()[5]).toContain('In no outfit of this context.');
  });

  it('puts a piece on', () => {
    const { onChoose } = show();
    fireEvent.click(screen.getAllByRole('radio')[1]!);
    expect(onChoose).toHaveBeenLastCalledWith(offers[1]);
  });

  it('takes off what is worn, which is in sight wherever it stands in the order', () => {
    const { onChoose } = show({ worn: ['p5'] });
    const worn = screen.getByRole('radio', { checked: true });
    expect(worn.textContent).toContain('Red tee');
    fireEvent.click(worn);
    expect(onChoose).toHaveBeenLastCalledWith(null);
  });

  it('says that what does not go with the rest takes its place', () => {
    show({ replaces: true, worn: ['p4'] });
    expect(screen.getByRole('radio', { checked: true }).textContent).toContain('Instead of what is there.');
  });
});
