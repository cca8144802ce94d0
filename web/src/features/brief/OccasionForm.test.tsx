// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { choose } from '../../testing/choose';
import { onDesk } from '../../testing/desk';
import { OccasionForm } from './OccasionForm';
import type { Felt, OccasionDocument } from './queries';

const deskDay = { name: 'desk day', formalityLow: 3, formalityHigh: 5, timesPerWeek: 3 } as OccasionDocument;
const onSave = vi.fn<(occasion: OccasionDocument) => void>();
const saved = () => onSave.mock.calls.map(([occasion]) => occasion);
const open = (occasion = deskDay) =>
  onDesk(<OccasionForm occasion={occasion} pointer="/occasions/0" onSave={onSave} />, []);
const labels: Record<string, string> = {
  name: 'name',
  often: 'how often',
  outdoorMinutes: 'minutes outdoors',
  indoorC: 'indoors, °C',
  maxHeelCm: 'highest heel, cm',
  audience: 'who sees it',
};
const write = async (field: string, value: string) => {
  const input = screen.getByLabelText(labels[field]!, { selector: 'input' });
  await act(async () => {
    fireEvent.change(input, { target: { value } });
    fireEvent.blur(input);
  });
};

beforeEach(() => onSave.mockReset());
afterEach(cleanup);

describe('an occasion', () => {
  it.each<[string, string, Partial<OccasionDocument>]>([
    ['name', '  council evening ', { name: 'council evening' }],
    ['often', '2.5', { timesPerWeek: 2.5, timesPerMonth: null }],
    ['often', '', { timesPerWeek: null, timesPerMonth: null }],
    ['outdoorMinutes', '1440', { outdoorMinutes: 1440 }],
    ['indoorC', '-30', { indoorC: -30 }],
    ['maxHeelCm', '0', { maxHeelCm: 0 }],
    ['audience', '  ', { audience: null }],
  ])('keeps %s “%s” when its field is left', async (field, value, part) => {
    open();
    await write(field, value);
    await waitFor(() => expect(saved()).toHaveLength(1));
    expect(saved()[0]).toMatchObject({ ...deskDay, ...part });
  });

  it.each([
    ['name', '   ', 'An occasion needs a name.'],
    ['often', '22', 'At most 21 times a week, or 31 a month.'],
    ['often', '-1', 'At most 21 times a week, or 31 a month.'],
    ['often', 'daily', 'At most 21 times a week, or 31 a month.'],
    ['outdoorMinutes', '1441', '0 to 1,440 minutes'],
    ['indoorC', '46', '−30 to 45 °C'],
    ['maxHeelCm', 'flat', '0 to 25 cm'],
  ])('says at its field why %s “%s” cannot be, and saves nothing', async (field, value, why) => {
    open();
    await write(field, value);
    const input = screen.getByLabelText(labels[field]!, { selector: 'input' });
    await waitFor(() => expect(input.getAttribute('aria-invalid')).toBe('true'));
    expect(document.getElementById(input.getAttribute('aria-describedby')!)!.textContent).toBe(why);
    expect(saved()).toEqual([]);
  });

  it('does not lose what waits for a correction when another field is saved', async () => {
    open();
    await write('indoorC', '99');
    await write('audience', 'the board');
    expect(saved()).toEqual([]);
    await write('indoorC', '19');
    await waitFor(() => expect(saved()[0]).toMatchObject({ indoorC: 19, audience: 'the board' }));
  });

  it('may come by the month, with a limit of its own', async () => {
    open();
    choose(screen.getByRole('combobox', { name: 'how often' }), 'month');
    await waitFor(() => expect(saved()[0]).toMatchObject({ timesPerWeek: null, timesPerMonth: 3 }));
    await write('often', '31');
    await waitFor(() => expect(saved()[1]).toMatchObject({ timesPerMonth: 31 }));
  });

  it('cannot end before it begins', async () => {
    open();
    choose(screen.getByLabelText('formality'), '6');
    expect((await screen.findByRole('alert')).textContent).toBe(
      'The window is empty: it ends before it begins.',
    );
    expect(saved()).toEqual([]);
    choose(screen.getByLabelText('formality, to'), '7');
    await waitFor(() => expect(saved()).toHaveLength(1));
    expect(saved()[0]).toMatchObject({ formalityLow: 6, formalityHigh: 7 });
  });

  it('keeps required colours when a dress code is ticked or unticked', () => {
    const colours = { code: 'colours', colours: ['#112233'] };
    const occasion = { ...deskDay, requires: ['tie', colours] } as unknown as OccasionDocument;
    open(occasion);
    fireEvent.click(screen.getByLabelText('flat'));
    fireEvent.click(screen.getByLabelText('tie'));
    expect(saved().map((one) => one.requires)).toEqual([['tie', 'flat', colours], [colours]]);
  });

  const time = (label: string, value: string) =>
    act(async () => {
      const input = screen.getByLabelText(label, { selector: 'input' });
      fireEvent.change(input, { target: { value } });
      fireEvent.blur(input);
    });

  it('keeps its hours once both are typed', async () => {
    open();
    await time('from', '12:30');
    expect(onSave).not.toHaveBeenCalled();
    expect(screen.queryByText(/A beginning and an end/)).toBeNull();
    await time('to', '15:00');
    expect(saved().at(-1)).toMatchObject({ from: '12:30', to: '15:00' });
  });

  it('keeps no beginning without an end', async () => {
    open({ ...deskDay, from: '12:30', to: '15:00' });
    await time('to', '');
    expect(onSave).not.toHaveBeenCalled();
    expect(screen.getByText(/A beginning and an end/)).toBeTruthy();
  });

  it.each<[string, Felt['months'], string | null]>([
    ['nothing where the climate is unknown', [], null],
    ['one month', [{ month: 7, lowC: 19.2, highC: 23.9 }], 'Felt: 19 to 24 °C in July.'],
    [
      'the coldest and the warmest of several',
      [
        { month: 4, lowC: 9, highC: 14 },
        { month: 7, lowC: 19, highC: 24 },
        { month: 1, lowC: 2, highC: 5 },
      ],
      'Felt: 2 to 5 °C in January, 19 to 24 °C in July.',
    ],
  ])('says what is felt in its hours: %s', (_, months, text) => {
    onDesk(
      <OccasionForm
        occasion={deskDay}
        pointer="/occasions/0"
        felt={{ occasion: 'desk day', months }}
        onSave={onSave}
      />,
      [],
    );
    expect(screen.queryByTestId('felt')?.textContent ?? null).toBe(text);
  });
});
