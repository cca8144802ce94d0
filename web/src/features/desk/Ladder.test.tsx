// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { onDesk } from '../../testing/desk';
import { FakeStream, fakeStreams } from '../../testing/streams';
import { useChosen } from './context';
import { Ladder } from './Ladder';

const onChoose = vi.fn();
const send = (data: unknown) => act(() => FakeStream.latest.send('step', data));

function Shown() {
  const [chosen] = useChosen();
  return <Ladder chosen={chosen} stamp="1" onChoose={onChoose} />;
}

beforeEach(fakeStreams);
afterEach(cleanup);

describe('the ladder', () => {
  it('tells the steps as they are counted, rounded with the exact figure behind', () => {
    onDesk(<Shown />, [], '?season=winter&occasion=Desk+day');
    expect(FakeStream.latest.asked).toEqual({ daring: 'false', occasion: 'Desk day', season: 'winter' });
    expect(screen.getAllByText('…')).toHaveLength(4);
    send({ step: 'bases', total: 231 });
    send({ step: 'outfits', total: 59866 });
    send({ step: 'looks', total: '1236556998' });
    expect(screen.getByRole('radio', { name: '231 bases' }).textContent).toContain('231');
    expect(screen.getByRole('radio', { name: '59,866 with shoes' }).textContent).toContain('59.9 thousand');
    expect(screen.getByText('1.2 thousand million')).toBeTruthy();
    expect(screen.getAllByText('…')).toHaveLength(1);
    send({ step: 'weakest', month: 2, total: 219 });
    expect(screen.getByText(/bases in February, the weakest month/).textContent).toContain('219');
  });

  it('chooses what is counted, and never nothing', () => {
    onDesk(<Shown />, [], '?counting=bases');
    send({ step: 'bases', total: 231 });
    const bases = screen.getByRole('radio', { name: '231 bases' });
    expect(bases.getAttribute('aria-checked')).toBe('true');
    fireEvent.click(bases);
    expect(onChoose).not.toHaveBeenCalled();
    fireEvent.click(screen.getByRole('radio', { name: /with shoes/ }));
    expect(onChoose).toHaveBeenCalledWith('outfits');
  });

  it('says after how many days a base comes again, where it is told', () => {
    onDesk(<Shown />, []);
    expect(screen.queryByText(/comes again/)).toBeNull();
    send({ step: 'days', total: 34 });
    expect(screen.getByText('34')).toBeTruthy();
  });
});
