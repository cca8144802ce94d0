import { zodResolver } from '@hookform/resolvers/zod';
import { useForm } from 'react-hook-form';
import * as z from 'zod/mini';
import { sentence } from '../../api/problem';
import { Button } from '../../ui/Button';
import { Field, TextInput } from '../../ui/Field';
import { say } from './messages';
import { useAddClient } from './queries';

const shape = z.object({
  name: z.string().check(z.trim(), z.minLength(1, say('nameMissing')), z.maxLength(120, say('nameLong'))),
});

/** Adds a client by name. */
export function NewClient() {
  const add = useAddClient();
  const { register, handleSubmit, formState, reset } = useForm<z.infer<typeof shape>>({
    resolver: zodResolver(shape),
    defaultValues: { name: '' },
  });
  const submit = handleSubmit(({ name }) => add.mutate(name, { onSuccess: () => reset() }));
  const problem = formState.errors.name?.message ?? (add.error ? sentence(add.error) : undefined);
  return (
    <form onSubmit={(event) => void submit(event)} className="flex items-start gap-3">
      <Field label={say('name')} error={problem} className="grow">
        {(id) => <TextInput id={id} autoComplete="off" {...register('name')} />}
      </Field>
      <Button type="submit" className="mt-4">
        {say('add')}
      </Button>
    </form>
  );
}
