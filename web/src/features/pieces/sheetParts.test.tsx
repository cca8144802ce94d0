// @vitest-environment jsdom
import { Refusal, server } from '../../testing/server';
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Notices } from '../../ui/Notices';
import { choose } from '../../testing/choose';
import { onDesk, piece } from '../../testing/desk';
import { DecidePass } from './DecidePass';
import { FollowUps } from './FollowUps';
import { KindMaker } from './KindMaker';
import { Photos } from './Photos';
import { SetPanel } from './SetPanel';
import { UnclearWords } from './UnclearWords';

const of = (id: string, set: Record<string, unknown> = {}, more: object = {}) =>
  piece(id, ['coat'], {
    version: 2,
    kind: 'coat',
    set,
    resolved: { roles: ['coat'], condition: 'good', whereabouts: 'wardrobe', ...set },
    colourNames: ['navy'],
    unclear: [],
    ...more,
  } as never);
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

afterEach(cleanup);

describe('deciding about one piece after the other', () => {
  const coat = of('coat', { decision: 'undecided', size: 'M' });
  const hat = of('hat', { decision: 'undecided' });
  const done = vi.fn();
  const change = 'PUT /api/v1/clients/c1/pieces/coat';
  const open = (...pieces: (typeof coat)[]) => onDesk(<DecidePass clientId="c1" done={done} />, pieces);

  beforeEach(() => server.answers({ [change]: coat }));

  it('takes one key a decision, beside all else that is set', async () => {
    open(of('scarf', { decision: 'keep' }), coat, hat);
    expect(screen.getByRole('heading').textContent).toBe('the coat');
    fireEvent.keyDown(document.body, { key: 'k' });
    await waitFor(() => expect(server.bodies(change)).toEqual([{ decision: 'keep', size: 'M' }]));
  });

  it('leaves a piece for later, and comes back to it', () => {
    open(coat, hat);
    fireEvent.keyDown(document.body, { key: ' ' });
    expect(screen.getByRole('heading').textContent).toBe('the hat');
    press('later');
    expect(screen.getByRole('heading').textContent).toBe('the coat');
    press('later');
    expect(screen.getByRole('heading').textContent).toBe('the hat');
  });

  it('says why a decision is not saved, and loads the pieces anew', async () => {
    server.answer(change, new Refusal(412, 'Somebody else changed the coat.'));
    open(coat);
    fireEvent.keyDown(document.body, { key: 'k' });
    expect((await screen.findByRole('alert')).textContent).toBe('Somebody else changed the coat.');
    await waitFor(() =>
      expect(server.calls.map((call) => call.route)).toContain('GET /api/v1/clients/c1/pieces'),
    );
  });

  it('ends with what follows', () => {
    open(of('scarf', { decision: 'keep' }));
    expect(screen.getByText('Every piece is decided.')).toBeTruthy();
    press('See what follows');
    expect(done).toHaveBeenCalledOnce();
  });
});

describe('what follows from the decisions', () => {
  it('is listed by decision, with what it costs in each currency', () => {
    const euro = (amount: number) => ({ cost: { amount, currency: 'EUR' } });
    onDesk(<FollowUps clientId="c1" decide={() => undefined} />, [
      of('coat', { decision: 'repair', errand: euro(12.5) }),
      of('boots', { decision: 'repair', errand: euro(30) }),
      of('hat', { decision: 'undecided' }),
    ]);
    const [repair, undecided] = screen.getAllByRole('heading').map((heading) => heading.textContent);
    expect(repair).toMatch(/^repair2.*€42\.50/);
    expect(undecided).toMatch(/^undecided1/);
  });

  it('is nothing until something is decided', () => {
    onDesk(<FollowUps clientId="c1" decide={() => undefined} />, [of('hat', { decision: 'keep' })]);
    expect(screen.getByText(/Nothing follows yet/)).toBeTruthy();
  });
});

describe('words that are not clear yet', () => {
  const words = 'POST /api/v1/clients/c1/pieces/coat/words';
  const unclear = of(
    'coat',
    {},
    {
      unclear: [{ word: 'popplin', readings: ['poplin', 'popover'] }],
    },
  );

  it.each([
    ['On the coat, “popplin” means poplin', { word: 'popplin', as: 'poplin' }],
    ['Keep “popplin” as a note on the coat', { word: 'popplin' }],
  ])('are settled: %s', async (name, body) => {
    server.answers({ [words]: of('coat') });
    onDesk(<UnclearWords clientId="c1" piece={unclear} />, [unclear]);
    press(name);
    await waitFor(() => expect(server.bodies(words)).toEqual([body]));
  });

  it('that somebody else has settled are said to be', async () => {
    server.answers({ [words]: new Refusal(409, 'The word is settled already.') });
    onDesk(
      <Notices>
        <UnclearWords clientId="c1" piece={unclear} />
      </Notices>,
      [unclear],
    );
    press('Keep “popplin” as a note on the coat');
    expect(await screen.findByText('The word is settled already.')).toBeTruthy();
  });
});

describe('a kind of the studio’s own', () => {
  const kinds = 'POST /api/v1/kinds';

  it('is made from a piece, without what names its kind', async () => {
    server.answers({ [kinds]: { name: 'Boiled jacket' } });
    onDesk(<KindMaker piece={of('coat', { kind: 'coat', cloth: 'fleece' })} />, []);
    press('Make a kind of it …');
    const name = screen.getByLabelText('Name of the kind') as HTMLInputElement;
    fireEvent.submit(name.form!);
    fireEvent.change(name, { target: { value: ' Boiled jacket ' } });
    fireEvent.submit(name.form!);
    await waitFor(() =>
      expect(server.bodies(kinds)).toEqual([
        { name: 'Boiled jacket', like: 'coat', set: { cloth: 'fleece' } },
      ]),
    );
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  });

  it('that is refused says why, until the dialog is opened anew', async () => {
    server.answers({ [kinds]: new Refusal(409, 'There is such a kind already.') });
    onDesk(<KindMaker piece={of('coat')} />, []);
    press('Make a kind of it …');
    const name = screen.getByLabelText('Name of the kind') as HTMLInputElement;
    fireEvent.change(name, { target: { value: 'Coat' } });
    fireEvent.submit(name.form!);
    expect((await screen.findByRole('alert')).textContent).toBe('There is such a kind already.');
    press('Cancel');
    press('Make a kind of it …');
    expect(screen.queryByRole('alert')).toBeNull();
  });
});

describe('the set of a piece', () => {
  const suit = { id: 's1', kind: 'suit', label: 'navy suit' };
  const sets = 'PUT /api/v1/clients/c1/sets/s1';
  const client = { occasions: [], seasons: [], climate: [], sets: [suit] };
  const coat = of('coat');
  const jacket = of('jacket', { set: 's1' });
  const trousers = of('trousers', { set: 's1' });
  const open = (shown: typeof coat) =>
    onDesk(<SetPanel piece={shown} />, [coat, jacket, trousers], '', [], undefined, {
      client: client as never,
    });

  beforeEach(() =>
    server.answers({
      'GET /api/v1/vocabulary': { words: {}, kinds: [], setKinds: ['suit', 'co-ord'] },
      [sets]: {},
    }),
  );

  it('is joined beside those who are in it', async () => {
    open(coat);
    choose(screen.getByRole('combobox', { name: 'Join a set …' }), 's1');
    await waitFor(() =>
      expect(server.bodies(sets)).toEqual([
        { kind: 'suit', label: 'navy suit', pieces: ['jacket', 'trousers', 'coat'] },
      ]),
    );
  });

  it('is left by one, and stays that of the others', async () => {
    open(jacket);
    expect(screen.getByRole('link', { name: 'the trousers' })).toBeTruthy();
    press('Leave the set');
    await waitFor(() =>
      expect(server.bodies(sets)).toEqual([{ kind: 'suit', label: 'navy suit', pieces: ['trousers'] }]),
    );
  });

  it('says why it is refused', async () => {
    server.answer(sets, new Refusal(404, 'The trousers are gone.'));
    open(jacket);
    press('Leave the set');
    expect((await screen.findByRole('alert')).textContent).toBe('The trousers are gone.');
  });
});

describe('photos', () => {
  const photos = '/api/v1/clients/c1/pieces/coat/photos';
  const seen = (hex: string, share: number) => ({ hex, share, name: hex });
  const onColours = vi.fn();
  const agreed = { brief: { photoConsent: '2027-01-05' } };
  const open = (colours: object[]) => {
    server.answers({
      'GET /api/v1/clients/c1/brief': agreed,
      [`GET ${photos}`]: [{ id: 'f1', colours }],
      [`POST ${photos}`]: new Refusal(413, 'At most 15 MB.'),
      [`POST ${photos}/from-camera`]: { id: 'f2', colours: [] },
      'GET /api/v1/camera': ['navy-coat.jpg'],
      'DELETE /api/v1/clients/c1/photos/f1': {},
    });
    onDesk(<Photos piece={of('coat')} onColours={onColours} />, []);
    return screen.findByRole('img', { name: 'Photo of the coat, 1' });
  };
  beforeEach(() => onColours.mockReset());

  it.each<[object[], unknown]>([
    [[seen('#112233', 1)], ['#112233']],
    [
      [seen('#112233', 0.7), seen('#ffffff', 0.3)],
      ['#112233', { hex: '#ffffff', share: 0.3 }],
    ],
  ])('give their colours to the piece by one key', async (colours, taken) => {
    await open(colours);
    fireEvent.keyDown(document.body, { key: 'c' });
    expect(onColours.mock.calls).toEqual([[taken]]);
  });

  it('are neither shown nor taken without consent, and say why', async () => {
    server.answers({ 'GET /api/v1/clients/c1/brief': { brief: {} } });
    onDesk(<Photos piece={of('coat')} onColours={onColours} />, []);
    await screen.findByText(/has not agreed to photos/);
    expect(screen.queryByTestId('photo-file')).toBeNull();
    expect(screen.getByRole('link', { name: 'Record the consent in the brief' }).getAttribute('href')).toBe(
      '/clients/c1/brief',
    );
  });

  it('that are too large say so', async () => {
    await open([]);
    fireEvent.change(screen.getByTestId('photo-file'), { target: { files: [new File(['x'], 'a.jpg')] } });
    expect((await screen.findByRole('alert')).textContent).toBe('At most 15 MB.');
  });

  it('come from the camera too, and are removed', async () => {
    await open([]);
    press('From the camera …');
    fireEvent.click(
      await within(await screen.findByTestId('camera')).findByRole('img', { name: 'navy coat' }),
    );
    await waitFor(() =>
      expect(server.bodies(`POST ${photos}/from-camera`)).toEqual([{ picture: 'navy-coat.jpg' }]),
    );
    press('Remove photo 1');
    await waitFor(() =>
      expect(server.calls.map((call) => call.route)).toContain('DELETE /api/v1/clients/c1/photos/f1'),
    );
  });
});
