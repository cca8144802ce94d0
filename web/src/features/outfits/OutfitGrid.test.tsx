// @vitest-environment jsdom
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { OutfitView } from '../../api/client';
import { onDesk, piece } from '../../testing/desk';
import { OutfitGrid } from './OutfitGrid';

const pieces = ['shirt', 'blouse', 'jeans'].map((id) => piece(id, []));
const byId = new Map(pieces.map((one) => [one.id, one]));
const drawing =
  '<svg><pattern id="check-1"></pattern><path fill="url(#check-1)"/><use href="#check-1"/></svg>';

function outfit(top: string): OutfitView {
  return {
    slots: { top, bottom: 'jeans' },
    filled: {},
    verdict: 'works',
    parts: [],
    figure: drawing,
  } as unknown as OutfitView;
}

function shown() {
  onDesk(
    <OutfitGrid title="For her" context="winter" outfits={[outfit('shirt'), outfit('blouse')]} byId={byId} />,
    pieces,
  );
}
const printed = () => screen.getByTestId('printed-outfits');

afterEach(cleanup);

describe('outfits side by side', () => {
  it('are drawn for paper with patterns of their own, which what is hidden on screen does not take away', () => {
    shown();
    const paper = printed().innerHTML;
    expect(paper).toContain('id="printed-check-1"');
    expect(paper).toContain('url(#printed-check-1)');
    expect(paper).toContain('href="#printed-check-1"');
    expect(screen.getByTestId('outfit-list').innerHTML).toContain('id="check-1"');
  });

  it('are printed all of them, or those that are chosen', () => {
    shown();
    expect(printed().querySelectorAll('li')).toHaveLength(2);
    fireEvent.click(screen.getByRole('checkbox', { name: 'Choose this outfit: the blouse and the jeans' }));
    expect(printed().textContent).toContain('the blouse');
    expect(printed().textContent).not.toContain('the shirt');
    fireEvent.click(screen.getByRole('button', { name: 'Choose none' }));
    expect(printed().querySelectorAll('li')).toHaveLength(2);
  });

  it('are named by what is seen of them', () => {
    shown();
    expect(screen.getAllByRole('link').map((link) => link.getAttribute('aria-label'))).toEqual([
      'works: the shirt, the jeans',
      'works: the blouse, the jeans',
    ]);
  });
});
