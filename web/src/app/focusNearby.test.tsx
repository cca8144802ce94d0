// @vitest-environment jsdom
import { act, cleanup, render, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { useFocusNearby } from './focusNearby';

interface Shown {
  id?: string;
  rows: string[];
  more?: boolean;
  dialog?: boolean;
}

function Page({ id, rows, more = true, dialog = false }: Shown) {
  useFocusNearby();
  return (
    <>
      <main key={id}>
        <ul>
          {rows.map((row) => (
            <li key={row}>
              <button>{row}</button>
            </li>
          ))}
        </ul>
        <button disabled={!more}>more</button>
      </main>
      {dialog && (
        <div role="dialog">
          <button>close</button>
        </div>
      )}
    </>
  );
}

const names = (words: string) => words.split(' ');
const button = (name: string) =>
  [...document.querySelectorAll('button')].find((b) => b.textContent === name)!;

afterEach(cleanup);

describe('where the focus goes when what had it goes away', () => {
  it.each([
    ['the next of the list', 'a b c', 'b', { rows: names('a c') }, 'c'],
    ['the one before when it was the last', 'a b c', 'c', { rows: names('a b') }, 'b'],
    ['nowhere while it stays', 'a b c', 'b', { rows: names('b c') }, 'b'],
    ['beside a button that is switched off', 'a b', 'more', { rows: names('a b'), more: false }, 'a'],
    ['what was there before a dialog', 'a b', 'close', { rows: names('a b') }, 'b'],
    ['beside what was there before a dialog', 'a b', 'close', { rows: names('a') }, 'a'],
  ])('%s', async (_, rows, focused, after, expected) => {
    const { rerender } = render(<Page rows={names(rows)} dialog={focused === 'close'} />);
    act(() => button('b').focus());
    act(() => button(focused).focus());
    rerender(<Page {...after} />);
    await waitFor(() => expect(document.activeElement?.textContent).toBe(expected));
  });

  it('the top of a page that takes the place of another', async () => {
    const { rerender } = render(<Page id="one" rows={['a']} />);
    act(() => button('a').focus());
    rerender(<Page id="two" rows={['b']} />);
    await waitFor(() => expect(document.activeElement?.tagName).toBe('MAIN'));
  });
});
