import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api } from '../../api/client';
import { sentence } from '../../api/problem';
import { usePageTitle } from '../../language/pageTitle';
import { Button } from '../../ui/Button';
import { useSession, useToday } from '../session';
import { LastAndNext, VisitsDialog } from '../visits';
import { say } from './messages';
import { NewClient } from './NewClient';
import { useClients } from './queries';

/** The studio's clients: whom to open, who was visited when. */
export function ClientsPage() {
  usePageTitle(say('title'));
  const queries = useQueryClient();
  const navigate = useNavigate();
  const session = useSession();
  const clients = useClients();
  const today = useToday();
  const [visited, setVisited] = useState<{ id: string; name: string } | null>(null);
  const problem = session.error ?? clients.error;

  async function signOut() {
    await api.DELETE('/api/v1/session');
    queries.clear();
    navigate('/sign-in');
  }

  return (
    <main className="mx-auto flex max-w-3xl flex-col gap-6 p-8 max-[480px]:p-4">
      <header className="flex flex-wrap items-baseline justify-between gap-x-5 gap-y-1">
        <h1 className="font-serif text-2xl font-semibold">
          {say('title')}
          <span className="ml-3 font-sans text-sm font-normal text-soft">{session.data?.studio}</span>
        </h1>
        <nav aria-label={say('studio')} className="flex items-baseline gap-5">
          <Link to="/kinds" className="font-medium text-chalk underline-offset-2 hover:underline">
            {say('kinds')}
          </Link>
          <Button look="link" onClick={() => void signOut()}>
            {say('signOut')}
          </Button>
        </nav>
      </header>
      {clients.data?.length === 0 && <p className="text-soft">{say('empty')}</p>}
      {problem && <p role="alert">{sentence(problem)}</p>}
      <ul className="border-t border-line">
        {clients.data?.map((client) => (
          <li
            key={client.id}
            className="grid grid-cols-[minmax(0,1fr)_13rem_auto] items-center gap-x-4 border-b border-line bg-sheet pr-4 max-[640px]:grid-cols-[minmax(0,1fr)_auto] max-[640px]:pb-2"
          >
            <Link
              to={`/clients/${client.id}/brief`}
              className="flex min-h-11 flex-wrap items-baseline gap-x-4 px-4 py-3 hover:text-chalk"
            >
              <span className="font-serif text-lg font-semibold">{client.name}</span>
              <span className="text-soft">{say('pieces', { n: client.pieces })}</span>
            </Link>
            <p className="flex flex-col text-right text-xs max-[640px]:order-last max-[640px]:col-span-2 max-[640px]:flex-row max-[640px]:flex-wrap max-[640px]:gap-x-4 max-[640px]:px-4 max-[640px]:text-left">
              <LastAndNext last={client.lastVisit ?? null} next={client.nextVisit ?? null} today={today()} />
            </p>
            <Button
              look="link"
              className="pointer-coarse:min-h-11"
              aria-label={say('visitsOf', { client: client.name })}
              onClick={() => setVisited(client)}
            >
              {say('visits')}
            </Button>
          </li>
        ))}
      </ul>
      <NewClient />
      {visited && (
        <VisitsDialog clientId={visited.id} client={visited.name} onOpenChange={() => setVisited(null)} />
      )}
    </main>
  );
}
