import { zodResolver } from '@hookform/resolvers/zod';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import * as z from 'zod/mini';
import { api, need } from '../../api/client';
import { keys } from '../../api/keys';
import { limits } from '../../api/limits';
import { sentence } from '../../api/problem';
import { usePageTitle } from '../../language/pageTitle';
import { common } from '../../language/text';
import { Button } from '../../ui/Button';
import { Field, TextInput } from '../../ui/Field';
import { textOf } from '../../ui/shapes';
import { text } from './text';

const shape = z.object({
  email: textOf(limits.Credentials.email, text.signIn.emailMissing),
  password: textOf(limits.Credentials.password, text.signIn.passwordMissing),
});

type Credentials = z.infer<typeof shape>;

export function SignInPage() {
  usePageTitle(text.signIn.title);
  const navigate = useNavigate();
  const queries = useQueryClient();
  const signIn = useMutation({
    mutationFn: (body: Credentials) => need(api.POST('/api/v1/session', { body })),
    onSuccess: () => {
      queries.removeQueries({ queryKey: keys.session() });
      return navigate('/clients');
    },
  });
  const { register, handleSubmit, formState } = useForm<Credentials>({
    resolver: zodResolver(shape),
    defaultValues: { email: '', password: '' },
  });
  const { errors } = formState;
  return (
    <main className="grid h-full grid-rows-[1fr_auto] bg-paper">
      <form
        noValidate
        onSubmit={(event) => void handleSubmit((values) => signIn.mutate(values))(event)}
        className="m-auto flex w-80 max-w-[calc(100vw-2rem)] flex-col gap-4 border border-line bg-sheet p-8"
      >
        <h1 className="font-serif text-3xl font-semibold">{common.product}</h1>
        <p className="text-soft">{text.tagline}</p>
        <Field label={text.signIn.email} error={errors.email?.message}>
          {(id) => (
            <TextInput id={id} type="email" autoComplete="username" autoFocus {...register('email')} />
          )}
        </Field>
        <Field label={text.signIn.password} error={errors.password?.message}>
          {(id) => (
            <TextInput id={id} type="password" autoComplete="current-password" {...register('password')} />
          )}
        </Field>
        {signIn.error && (
          <p role="alert" className="text-no">
            {sentence(signIn.error)}
          </p>
        )}
        <Button look="ink" type="submit" disabled={signIn.isPending}>
          {signIn.isPending ? text.signIn.busy : text.signIn.submit}
        </Button>
      </form>
      <div aria-hidden="true" className="h-24 border-t-4 border-soft bg-rail" />
    </main>
  );
}
