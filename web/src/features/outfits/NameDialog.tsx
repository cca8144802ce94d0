import { zodResolver } from '@hookform/resolvers/zod';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { Button } from '../../ui/Button';
import { Field, TextInput } from '../../ui/Field';
import { Modal } from '../../ui/Modal';
import { say } from './messages';

const shape = z.object({
  name: z
    .string()
    .max(80)
    .refine((name) => name.trim() !== '', { message: say('nameMissing') }),
});

interface Props {
  title: string;
  open: boolean;
  /** What stands in it at first. */
  name: string;
  onOpenChange: (open: boolean) => void;
  onSave: (name: string) => void;
}

/** Asks for a name. */
export function NameDialog({ title, open, name, onOpenChange, onSave }: Props) {
  return (
    <Modal title={title} open={open} onOpenChange={onOpenChange}>
      <NameForm name={name} onSave={onSave} onCancel={() => onOpenChange(false)} />
    </Modal>
  );
}

function NameForm({ name, onSave, onCancel }: Pick<Props, 'name' | 'onSave'> & { onCancel: () => void }) {
  const { register, handleSubmit, formState } = useForm({
    resolver: zodResolver(shape),
    defaultValues: { name },
  });
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => void handleSubmit((form) => onSave(form.name.trim()))(event)}
    >
      <Field label={say('name')} error={formState.errors.name?.message}>
        {(id) => <TextInput id={id} autoComplete="off" {...register('name')} />}
      </Field>
      <p className="flex justify-end gap-3">
        <Button onClick={onCancel}>{say('cancel')}</Button>
        <Button look="ink" type="submit">
          {say('saveNow')}
        </Button>
      </p>
    </form>
  );
}
