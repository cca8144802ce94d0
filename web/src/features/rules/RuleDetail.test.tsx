// @vitest-environment jsdom
import { Refusal, server } from '../../testing/server';
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { RuleView } from '../../api/client';
import { counts, onDesk, piece } from '../../testing/desk';
import { FakeStream, fakeStreams } from '../../testing/streams';
import { ofClient } from './queries';
import { RuleDetail } from './RuleDetail';
import { RulingMaker } from './RulingMaker';

const nearMiss = {
  id: 'colour.near-miss',
  title: 'Almost the same colour',
  rationale: 'It looks like a mistake.',
  scope: 'pair',
  source: 'our choice',
  group: 'colour',
  faults: 12,
  overruled: 4,
  softenable: true,
  softened: false,
  suggestsSoftening: false,
  schools: [
    {
      id: 'metals',
      question: 'May metals be mixed?',
      studio: 'matched',
      client: null,
      schools: [
        { id: 'matched', why: 'calm' },
        { id: 'mixed', why: 'alive' },
      ],
    },
  ],
  parameters: [{ name: 'clear-from', unit: 'ΔE00', usual: 6, studio: 7, client: null, least: 0, most: 60 }],
} as unknown as RuleView;
const other = {
  ...nearMiss,
  id: 'colour.echo',
  softened: true,
  schools: [],
  parameters: [{ ...nearMiss.parameters[0]!, name: 'near', client: 9 }],
} as unknown as RuleView;

const ofTheClient = 'PUT /api/v1/clients/c1/rules';
const ofTheStudio = 'PUT /api/v1/studio/rules';
const open = (rule = nearMiss) => {
  server.answer('GET /api/v1/clients/c1/rules', [rule, other]);
  onDesk(<RuleDetail rule={rule} all={[rule, other]} />, []);
};
const number = () => screen.getByLabelText('clear from (ΔE00)') as HTMLInputElement;
const write = (value: string) => fireEvent.change(number(), { target: { value } });
const trial = () => JSON.parse(FakeStream.latest.asked.whatIf!) as unknown;
const others = { 'colour.echo/softened': 1, 'colour.echo/near': 9 };

beforeEach(() => {
  fakeStreams();
  server.answers({
    'GET /api/v1/studio/rules': { schools: {}, parameters: { 'colour.near-miss/clear-from': 7 } },
    'GET /api/v1/rules/colour.near-miss/examples': [
      { name: 'navy and black', kind: 'minor', text: 'Nearly alike.', figure: '<svg/>' },
      { name: 'navy and white', kind: 'none', text: null, figure: '<svg/>' },
    ],
    [ofTheClient]: {},
    [ofTheStudio]: {},
  });
});
afterEach(cleanup);

describe('a rule', () => {
  it('tells how often it finds fault, and shows what it finds and what not', async () => {
    open();
    expect(screen.getByText(/pairs or pieces/).textContent).toContain('12');
    const examples = within(await screen.findByTestId('examples'));
    await examples.findByText('Nearly alike.');
    expect(examples.getByText('Nothing to say.')).toBeTruthy();
  });

  it('is changed in thought first: counted, and kept for the client with all that was set before', async () => {
    open();
    expect(number().value).toBe('7');
    write('8');
    const house = { schools: {}, parameters: { ...others, 'colour.near-miss/clear-from': 8 } };
    expect(trial()).toEqual({ house });
    act(() => FakeStream.latest.send('complete', counts({ total: 31 })));
    expect(server.bodies(ofTheClient)).toEqual([]);
    fireEvent.click(screen.getByRole('button', { name: 'Use for this client' }));
    await waitFor(() => expect(server.bodies(ofTheClient)).toEqual([house]));
    await waitFor(() => expect(screen.queryByTestId('rule-trial')).toBeNull());
  });

  it('can be left as it was', () => {
    open();
    write('8');
    fireEvent.click(screen.getByRole('button', { name: 'Leave it' }));
    expect(number().value).toBe('7');
    expect(screen.queryByTestId('rule-trial')).toBeNull();
  });

  it.each<[string, () => void]>([
    ['taken back', () => fireEvent.click(screen.getByRole('button', { name: 'back to 7' }))],
    ['emptied', () => write('')],
  ])('has the studio’s number again once the client’s is %s', (_, undo) => {
    open();
    write('8');
    undo();
    expect(number().value).toBe('7');
    expect(trial()).toEqual({ house: { schools: {}, parameters: others } });
  });

  it('follows a school only where it differs from the studio’s', () => {
    open();
    fireEvent.click(screen.getByRole('radio', { name: /mixed/ }));
    expect(trial()).toMatchObject({ house: { schools: { metals: 'mixed' } } });
    fireEvent.click(screen.getByRole('radio', { name: /matched/ }));
    expect(trial()).toMatchObject({ house: { schools: {} } });
  });

  it('is set for the whole studio apart from the client', async () => {
    open();
    fireEvent.click(screen.getByRole('radio', { name: 'for the whole studio' }));
    await screen.findByRole('button', { name: 'back to 6' });
    write('5');
    fireEvent.click(screen.getByRole('button', { name: 'Use for the whole studio' }));
    await waitFor(() =>
      expect(server.bodies(ofTheStudio)).toEqual([
        { schools: {}, parameters: { 'colour.near-miss/clear-from': 5 } },
      ]),
    );
    expect(server.bodies(ofTheClient)).toEqual([]);
  });

  it('that is refused says why, and keeps what was tried', async () => {
    open();
    server.answer(ofTheClient, new Refusal(400, 'At most 60.'));
    write('61');
    fireEvent.click(screen.getByRole('button', { name: 'Use for this client' }));
    expect((await screen.findByRole('alert')).textContent).toBe('At most 60.');
    expect(number().value).toBe('61');
  });

  it.each<[string, unknown]>([
    ['No, leave it', { schools: {}, parameters: { ...others, 'colour.near-miss/softened': 0 } }],
  ])('that keeps being overruled asks once whether to soften it: %s', async (answer, kept) => {
    open({ ...nearMiss, suggestsSoftening: true });
    fireEvent.click(screen.getByRole('button', { name: answer }));
    await waitFor(() => expect(server.bodies(ofTheClient)).toEqual([kept]));
  });

  it('is softened in thought first as well', () => {
    open({ ...nearMiss, suggestsSoftening: true });
    fireEvent.click(screen.getByRole('button', { name: 'Try it one step softer' }));
    expect(trial()).toMatchObject({ house: { parameters: { 'colour.near-miss/softened': 1 } } });
    expect(server.bodies(ofTheClient)).toEqual([]);
  });
});

it('gathers the client’s own settings from the rules, without the studio’s beneath', () => {
  expect(ofClient([nearMiss, other])).toEqual({ schools: {}, parameters: others });
});

describe('an exception to the rules', () => {
  const rule = 'POST /api/v1/clients/c1/overrides';
  const write = (label: string, value: string) =>
    fireEvent.change(screen.getByLabelText(label), { target: { value } });

  beforeEach(() => server.answer(rule, []));

  it('is made for each of the pieces ticked, with its reason', async () => {
    const pieces = ['coat', 'boots', 'scarf'].map((id) => piece(id, ['coat']));
    onDesk(<RulingMaker pieces={['coat']} decision="never" withAnyOf />, pieces);
    fireEvent.click(screen.getByRole('button', { name: 'Never with …' }));
    const save = screen.getByRole('button', { name: 'Rule it out' }) as HTMLButtonElement;
    expect(save.disabled).toBe(true);
    expect(screen.queryByLabelText('the coat')).toBeNull();
    write('Narrow by a word', 'SCA');
    expect(screen.queryByLabelText('the boots')).toBeNull();
    fireEvent.click(screen.getByLabelText('the scarf'));
    write('Why', 'sheds');
    write('Decided by', 'Ada');
    fireEvent.click(save);
    await waitFor(() =>
      expect(server.bodies(rule)).toEqual([
        { pieces: ['coat'], anyOf: ['scarf'], decision: 'never', reason: 'sheds', by: 'Ada' },
      ]),
    );
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  });

  it('that is refused stays open and says why', async () => {
    server.answer(rule, new Refusal(404, 'One of the pieces is gone.'));
    onDesk(<RulingMaker pieces={['coat', 'boots']} decision="approved" />, []);
    fireEvent.click(screen.getByRole('button', { name: 'Approve …' }));
    write('Why', 'her signature');
    fireEvent.click(screen.getByRole('button', { name: 'Approve' }));
    expect((await screen.findByRole('alert')).textContent).toBe('One of the pieces is gone.');
    expect((screen.getByLabelText('Why') as HTMLInputElement).value).toBe('her signature');
  });
});
