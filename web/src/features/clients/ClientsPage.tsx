import { keys } from '../../api/keys';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { FormEvent } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, need } from '../../api/client';
import { sentence } from '../../api/problem';
import { usePageTitle } from '../../app/pageTitle';
import { text } from '../../app/messages';
import { speaker } from '../../app/intl';
import { Button } from '../../ui/Button';

const say = speaker({ pieces: '{n, plural, =0 {no pieces yet} one {# piece} other {# pieces}}' });

export function ClientsPage() {
  usePageTitle(text.clients.title);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const session = useQuery({ queryKey: keys.session(), queryFn: () => need(api.GET('/api/v1/session')) });
  const clients = useQuery({ queryKey: keys.clients(), queryFn: () => need(api.GET('/api/v1/clients')) });
  const add = useMutation({
    mutationFn: (name: string) => need(api.POST('/api/v1/clients', { body: { name } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.clients() }),
  });

  function submit(event: FormEvent<HTMLFormElement>) {
    event.preventDefault();
    const name = String(new FormData(event.currentTarget).get('name')).trim();
    if (name) {
      add.mutate(name);
      event.currentTarget.reset();
    }
  }

  async function signOut() {
    await api.DELETE('/api/v1/session');
    queries.clear();
    navigate('/sign-in');
  }

  return (
    <main className="mx-auto flex max-w-3xl flex-col gap-6 p-8">
      <header className="flex items-baseline justify-between">
        <h1 className="font-serif text-2xl font-semibold">
          {text.clients.title}
          <span className="ml-3 font-sans text-sm font-normal text-soft">{session.data?.studio}</span>
        </h1>
        <nav aria-label="Studio" className="flex items-baseline gap-5">
          <Link to="/kinds" className="font-medium text-chalk underline-offset-2 hover:underline">
            {text.clients.kinds}
          </Link>
          <Button look="link" onClick={signOut}>
            {text.clients.signOut}
          </Button>
        </nav>
      </header>
      {clients.data?.length === 0 && <p className="text-soft">{text.clients.empty}</p>}
      {clients.error && <p role="alert">{sentence(clients.error)}</p>}
      <ul className="border-t border-line">
        {clients.data?.map((client) => (
          <li key={client.id} className="border-b border-line">
            <Link
              to={`/clients/${client.id}/brief`}
              className="flex items-baseline justify-between bg-sheet px-4 py-3 hover:text-chalk"
            >
              <span className="font-serif text-lg font-semibold">{client.name}</span>
              <span className="text-soft">{say('pieces', { n: client.pieces ?? 0 })}</span>
            </Link>
          </li>
        ))}
      </ul>
      <form onSubmit={submit} className="flex items-end gap-3">
        <label className="flex grow flex-col gap-1">
          {text.clients.name}
          <input name="name" maxLength={120} className="border border-line bg-sheet px-2 py-1.5" />
        </label>
        <Button type="submit">{text.clients.add}</Button>
      </form>
    </main>
  );
}
