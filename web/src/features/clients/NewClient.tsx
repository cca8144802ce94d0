import { zodResolver } from '@hookform/resolvers/zod';
import { useForm } from 'react-hook-form';
import * as z from 'zod/mini';
import { limits } from '../../api/limits';
import { sentence } from '../../api/problem';
import { Button } from '../../ui/Button';
import { Field, TextInput } from '../../ui/Field';
import { textOf } from '../../ui/shapes';
import { say } from './messages';
import { useAddClient } from './queries';

const shape = z.object({ name: textOf(limits.NewClient.name, say('nameMissing')) });

/** Adds a client by name. */
export function NewClient() {
  const add = useAddClient();
  const { register, handleSubmit, formState, reset } = useForm<z.infer<typeof shape>>({
    resolver: zodResolver(shape),
    defaultValues: { name: '' },
  });
  const submit = handleSubmit(({ name }) => add.mutate(name.trim(), { onSuccess: () => reset() }));
  const problem = formState.errors.name?.message ?? (add.error ? sentence(add.error) : undefined);
  return (
    <form onSubmit={(event) => void submit(event)} className="flex items-start gap-3">
      <Field label={say('name')} error={problem} className="grow">
        {(id) => <TextInput id={id} autoComplete="off" className="bg-sheet" {...register('name')} />}
      </Field>
      <Button type="submit" className="mt-4">
        {say('add')}
      </Button>
    </form>
  );
}
