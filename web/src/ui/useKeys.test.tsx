// @vitest-environment jsdom
import { fireEvent, render } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { useKeys } from './useKeys';

function Stage({ actions }: { actions: Record<string, () => void> }) {
  useKeys(actions);
  return (
    <>
      <input aria-label="line" defaultValue="shirt" />
      <input aria-label="empty line" className="empty" />
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
    ['z', { ctrlKey: true }, '.empty', true],
    ['n', {}, '.empty', false],
    ['Z', { ctrlKey: true, shiftKey: true }, 'button', true],
    ['z', { ctrlKey: true, shiftKey: true }, 'button', true],
    ['Z', { ctrlKey: true }, 'button', true],
  ])('%s with %j on a %s: %s', (key, held, where, acts) => {
    const actions = { n: vi.fn(), 'Ctrl+z': vi.fn(), 'Ctrl+Shift+z': vi.fn() };
    const { container, unmount } = render(<Stage actions={actions} />);
    const kept = fireEvent.keyDown(container.querySelector(where)!, { key, ...held });
    expect(Object.values(actions).reduce((sum, action) => sum + action.mock.calls.length, 0)).toBe(
      acts ? 1 : 0,
    );
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
