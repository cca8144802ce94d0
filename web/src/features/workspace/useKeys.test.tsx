// @vitest-environment jsdom
import { fireEvent, render } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { useKeys } from './useKeys';

function Stage({ actions }: { actions: Record<string, () => void> }) {
  useKeys(actions);
  return (
    <>
      <input aria-label="line" />
      <textarea aria-label="notes" />
      <button type="button">button</button>
    </>
  );
}

describe('keys of the workspace', () => {
  it.each([
    ['n', {}, 'button', true],
    ['z', { ctrlKey: true }, 'button', true],
    ['z', { metaKey: true }, 'button', true],
    ['z', {}, 'button', false],
    ['n', { altKey: true }, 'button', false],
    ['n', {}, 'input', false],
    ['n', {}, 'textarea', false],
    ['z', { ctrlKey: true }, 'input', false],
  ])('%s with %j on a %s: %s', (key, held, where, acts) => {
    const actions = { n: vi.fn(), 'Ctrl+z': vi.fn() };
    const { container, unmount } = render(<Stage actions={actions} />);
    const kept = fireEvent.keyDown(container.querySelector(where)!, { key, ...held });
    expect(actions.n.mock.calls.length + actions['Ctrl+z'].mock.calls.length).toBe(acts ? 1 : 0);
    expect(kept, 'what the browser does with it is left alone').toBe(!acts);
    unmount();
  });

  it('are those of now, and none once the stage is gone', () => {
    const [before, now] = [vi.fn(), vi.fn()];
    const { rerender, unmount } = render(<Stage actions={{ n: before }} />);
    rerender(<Stage actions={{ n: now }} />);
    fireEvent.keyDown(window, { key: 'n' });
    unmount();
    fireEvent.keyDown(window, { key: 'n' });
    expect([before.mock.calls.length, now.mock.calls.length]).toEqual([0, 1]);
  });
});
