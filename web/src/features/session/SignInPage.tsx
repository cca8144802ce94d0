import { useState, type FormEvent } from 'react';
import { useNavigate } from 'react-router';
import { api, need } from '../../api/client';
import { sentence } from '../../api/problem';
import { usePageTitle } from '../../language/pageTitle';
import { common } from '../../language/text';
import { text } from './text';
import { Button } from '../../ui/Button';

export function SignInPage() {
  usePageTitle(text.signIn.title);
  const navigate = useNavigate();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');

  async function submit(event: FormEvent<HTMLFormElement>) {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    setBusy(true);
    setProblem('');
    try {
      await need(
        api.POST('/api/v1/session', {
          body: { email: String(form.get('email')), password: String(form.get('password')) },
        }),
      );
      navigate('/clients');
    } catch (error) {
      setProblem(sentence(error));
    } finally {
      setBusy(false);
    }
  }

  return (
    <main className="grid h-full grid-rows-[1fr_auto] bg-paper">
      <form onSubmit={submit} className="m-auto flex w-80 flex-col gap-4 border border-line bg-sheet p-8">
        <h1 className="font-serif text-3xl font-semibold">{common.product}</h1>
        <p className="text-soft">{text.tagline}</p>
        <label className="flex flex-col gap-1">
          {text.signIn.email}
          <input
            name="email"
            type="email"
            autoComplete="username"
            required
            autoFocus
            className="border border-line bg-paper px-2 py-1.5"
          />
        </label>
        <label className="flex flex-col gap-1">
          {text.signIn.password}
          <input
            name="password"
            type="password"
            autoComplete="current-password"
            required
            className="border border-line bg-paper px-2 py-1.5"
          />
        </label>
        {problem && (
          <p role="alert" className="text-no">
            {problem}
          </p>
        )}
        <Button look="ink" type="submit" disabled={busy}>
          {busy ? text.signIn.busy : text.signIn.submit}
        </Button>
      </form>
      <div aria-hidden="true" className="h-24 border-t-4 border-soft bg-rail" />
    </main>
  );
}
