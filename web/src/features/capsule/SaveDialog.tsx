import { zodResolver } from '@hookform/resolvers/zod';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { Button } from '../../ui/Button';
import { Field, TextArea, TextInput } from '../../ui/Field';
import { Modal } from '../../ui/Modal';
import { say } from './messages';

const shape = z.object({
  name: z
    .string()
    .max(80)
    .refine((name) => name.trim() !== '', { message: say('nameMissing') }),
  notes: z.string().max(2000),
});

export type Named = z.infer<typeof shape>;

interface Props {
  title: string;
  open: boolean;
  /** What stands in it at first. */
  named: Named;
  onOpenChange: (open: boolean) => void;
  onSave: (named: Named) => void;
}

/** Asks for a name and notes. */
export function SaveDialog({ title, open, named, onOpenChange, onSave }: Props) {
  return (
    <Modal title={title} open={open} onOpenChange={onOpenChange}>
      <NameForm named={named} onSave={onSave} onCancel={() => onOpenChange(false)} />
    </Modal>
  );
}

function NameForm({ named, onSave, onCancel }: Pick<Props, 'named' | 'onSave'> & { onCancel: () => void }) {
  const { register, handleSubmit, formState } = useForm<Named>({
    resolver: zodResolver(shape),
    defaultValues: named,
  });
  return (
    <form className="flex flex-col gap-3" onSubmit={(event) => void handleSubmit(onSave)(event)}>
      <Field label={say('name')} error={formState.errors.name?.message}>
        {(id) => <TextInput id={id} autoComplete="off" {...register('name')} />}
      </Field>
      <Field label={say('notes')} error={formState.errors.notes?.message}>
        {(id) => <TextArea id={id} rows={3} {...register('notes')} />}
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
