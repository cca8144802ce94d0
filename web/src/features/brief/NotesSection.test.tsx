// @vitest-environment jsdom
import { Refusal, server } from '../../testing/server';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { onDesk } from '../../testing/desk';
import { NotesSection } from './PersonSections';
import { useBrief, useBriefSaver } from './queries';

const put = 'PUT /api/v1/clients/c1/brief';
const agreed = { brief: { photoConsent: '2027-01-05' }, seasons: [], usualSeasons: true, version: 7 };
const undecided = new Refusal(409, 'There are 12 photos. Say whether …', [], 'photos-undecided');

function Notes() {
  const brief = useBrief('c1').data;
  const saver = useBriefSaver('c1');
  return brief ? <NotesSection brief={brief} saver={saver} /> : null;
}

beforeEach(() => {
  server.answers({
    'GET /api/v1/clients/c1/brief': agreed,
    [put]: ({ body }: { body: { photos?: string } }) => {
      return body.photos ? { ...agreed, brief: {} } : undecided;
    },
  });
  onDesk(<Notes />, []);
});
afterEach(cleanup);

const withdraw = async () => {
  fireEvent.click(await screen.findByRole('checkbox', { name: /^Agreed to photos/ }));
  return screen.findByRole('dialog', { name: 'What becomes of the photos?' });
};

describe('a client who takes back the consent to photos', () => {
  it.each([
    ['Keep them, unseen', 'keep'],
    ['Delete them for good', 'delete'],
  ])('decides what becomes of them: %s', async (button, photos) => {
    expect((await withdraw()).textContent).toContain('There are 12 photos.');
    fireEvent.click(screen.getByRole('button', { name: button }));
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    expect(server.bodies<object>(put).at(-1)).toEqual({
      set: { photoConsent: null },
      seen: { photoConsent: '2027-01-05' },
      photos,
    });
  });

  it('may leave it as it is', async () => {
    await withdraw();
    fireEvent.click(screen.getByRole('button', { name: 'Close' }));
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    expect(server.bodies(put)).toHaveLength(1);
    expect(screen.getByRole('checkbox', { name: /^Agreed/ }).getAttribute('aria-checked')).toBe('true');
  });
});
