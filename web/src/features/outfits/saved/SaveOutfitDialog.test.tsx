// @vitest-environment jsdom
import { server } from '../../../testing/server';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { choose } from '../../../testing/choose';
import { onDesk } from '../../../testing/desk';
import { FormulaEditor } from '../formulas/FormulaEditor';
import type { FormulaSlots } from '../formulas/formulas';
import { SaveOutfitDialog } from './SaveOutfitDialog';
import type { About } from './saved';

beforeEach(() =>
  server.answers({
    'GET /api/v1/vocabulary': {
      words: { fit: ['wide', 'slim'], pattern: ['stripe'] },
      kinds: [{ id: 'shirt', name: 'Shirt' }],
    },
  }),
);
afterEach(cleanup);

describe('what an outfit is called and for', () => {
  const nothing: About = { name: '', notes: '', occasions: [], seasons: [], tags: [], favourite: false };
  const onSave = vi.fn<(about: About) => void>();
  const onOpenChange = vi.fn();
  const write = (label: string, value: string) =>
    fireEvent.change(screen.getByLabelText(label), { target: { value } });
  const open = (about = nothing) =>
    onDesk(
      <SaveOutfitDialog title="Save outfit" open about={about} onOpenChange={onOpenChange} onSave={onSave} />,
      [],
      '',
      ['desk day', 'garden'],
    );
  const save = () => fireEvent.click(screen.getByRole('button', { name: 'Save' }));

  beforeEach(() => {
    onSave.mockReset();
    onOpenChange.mockReset();
  });

  it('is handed on with each tag once', async () => {
    open();
    write('Name', 'Monday');
    write('Tags', ' safe, travel ,, safe');
    fireEvent.click(screen.getByLabelText('garden'));
    fireEvent.click(screen.getByLabelText('winter'));
    fireEvent.click(screen.getByLabelText('Favourite'));
    save();
    await waitFor(() =>
      expect(onSave.mock.calls).toEqual([
        [
          {
            name: 'Monday',
            notes: '',
            occasions: ['garden'],
            seasons: ['winter'],
            tags: ['safe', 'travel'],
            favourite: true,
          },
        ],
      ]),
    );
  });

  it('begins with what it was, and what is unticked goes', async () => {
    open({ ...nothing, name: 'Monday', tags: ['safe', 'travel'], occasions: ['desk day', 'garden'] });
    expect((screen.getByLabelText('Tags') as HTMLInputElement).value).toBe('safe, travel');
    fireEvent.click(screen.getByLabelText('desk day'));
    save();
    await waitFor(() =>
      expect(onSave.mock.calls[0]![0]).toMatchObject({ name: 'Monday', occasions: ['garden'] }),
    );
  });

  it('needs a name, said at its field', async () => {
    open();
    write('Name', '   ');
    save();
    expect((await screen.findByRole('alert')).textContent).toBe('Give it a name.');
    expect(screen.getByLabelText('Name').getAttribute('aria-invalid')).toBe('true');
    expect(onSave).not.toHaveBeenCalled();
  });

  it('is left without saving', () => {
    open();
    write('Name', 'Monday');
    fireEvent.click(screen.getByRole('button', { name: 'Cancel' }));
    expect(onOpenChange).toHaveBeenCalledWith(false);
    expect(onSave).not.toHaveBeenCalled();
  });
});

describe('a formula', () => {
  let formula: FormulaSlots;

  function Editor({ from }: { from: FormulaSlots }) {
    const [slots, setSlots] = useState(from);
    formula = slots;
    return <FormulaEditor slots={slots} onChange={setSlots} />;
  }
  const open = async (from: FormulaSlots) => {
    onDesk(<Editor from={from} />, []);
    await waitFor(() => expect(server.calls).toHaveLength(1));
  };
  const add = (slot: string, condition: string) =>
    choose(screen.getByRole('combobox', { name: `Add a condition to ${slot}` }), condition);
  const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

  it.each<[string, object]>([
    ['fits wide', { fits: ['wide'] }],
    ['patterns stripe', { patterns: ['stripe'] }],
    ['colourRoles accent', { colourRoles: ['accent'] }],
    ['colours navy', { colours: ['navy'] }],
    ['formalityLow 3', { formalityLow: 3 }],
    ['formalityHigh 5', { formalityHigh: 5 }],
  ])('takes the condition %s', async (condition, asked) => {
    await open({ top: {} });
    expect(screen.getByText('anything')).toBeTruthy();
    await waitFor(() => add('tops', condition));
    expect(formula).toEqual({ top: asked });
    expect(screen.queryByText('anything')).toBeNull();
  });

  it('asks for a value once however often it is added, and for another bound instead of the first', async () => {
    await open({ top: { colours: ['navy'], formalityLow: 2 } });
    add('tops', 'colours navy');
    add('tops', 'colours brown');
    add('tops', 'formalityLow 4');
    expect(formula).toEqual({ top: { colours: ['navy', 'brown'], formalityLow: 4 } });
  });

  it('loses a condition word by word, until anything will do', async () => {
    await open({ top: { colours: ['navy', 'brown'], formalityHigh: 5 } });
    press('Take out: navy');
    press('Take out: formality up to 5');
    expect(formula).toEqual({ top: { colours: ['brown'] } });
    press('Take out: brown');
    expect(formula).toEqual({ top: {} });
  });

  it('names kinds as people do', async () => {
    await open({ top: { kinds: ['shirt', 'own-kind'] } });
    expect(await screen.findByRole('button', { name: 'Take out: Shirt' })).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Take out: own kind' })).toBeTruthy();
  });

  it('gets and loses slots, and offers only those it does not speak of', async () => {
    await open({ top: {}, bottom: { fits: ['wide'] } });
    choose(screen.getByRole('combobox', { name: 'Add a slot' }), 'shoes');
    press('Leave tops open');
    expect(formula).toEqual({ bottom: { fits: ['wide'] }, shoes: {} });
    fireEvent.keyDown(screen.getByRole('combobox', { name: 'Add a slot' }), { key: 'ArrowDown' });
    const offered = [...document.querySelectorAll('[role=option]')].map((one) =>
      one.getAttribute('data-value'),
    );
    expect(offered).toContain('top');
    expect(offered).not.toContain('bottom');
  });
});
