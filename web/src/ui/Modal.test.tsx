// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Modal } from './Modal';
import { NameDialog } from './NameDialog';

afterEach(cleanup);

describe('a dialog', () => {
  it('has the focus on what it asks, not on its way out', async () => {
    render(<NameDialog title="Save" open name="Monday" onOpenChange={vi.fn()} onSave={vi.fn()} />);
    await screen.findByRole('dialog', { name: 'Save' });
    expect(document.activeElement).toBe(screen.getByLabelText('Name'));
  });

  it('closes by its button, for whoever has no keyboard', async () => {
    const change = vi.fn();
    render(
      <Modal title="Keys" open onOpenChange={change}>
        <p>n: new piece</p>
      </Modal>,
    );
    fireEvent.click(await screen.findByRole('button', { name: 'Close' }));
    expect(change).toHaveBeenCalledWith(false);
  });
});
