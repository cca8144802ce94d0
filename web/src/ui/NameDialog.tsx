import { zodResolver } from '@hookform/resolvers/zod';
import { useForm } from 'react-hook-form';
import * as z from 'zod/mini';
import { limits } from '../api/limits';
import { Button } from './Button';
import { Field, TextArea, TextInput } from './Field';
import { say } from './messages';
import { Modal } from './Modal';
import { textOf, textUpTo } from './shapes';

/** A name of something saved, and notes beside it. */
export const nameShape = textOf(limits.savedOutfit.name, say('nameMissing'));
export const notesShape = textUpTo(limits.savedOutfit.notes);

const shape = z.object({ name: nameShape, notes: notesShape });

export type Named = z.infer<typeof shape>;

interface Props {
  title: string;
  open: boolean;
  name: string;
  /** The initial notes; undefined when there are none. */
  notes?: string;
  onOpenChange: (open: boolean) => void;
  onSave: (named: Named) => void;
}

/** Asks for a name, and for notes where there may be some. */
export function NameDialog({ title, open, name, notes, onOpenChange, onSave }: Props) {
  return (
    <Modal title={title} open={open} onOpenChange={onOpenChange}>
      <NameForm name={name} notes={notes} onSave={onSave} onCancel={() => onOpenChange(false)} />
    </Modal>
  );
}

interface FormProps extends Pick<Props, 'name' | 'notes' | 'onSave'> {
  onCancel: () => void;
}

function NameForm({ name, notes, onSave, onCancel }: FormProps) {
  const { register, handleSubmit, formState } = useForm<Named>({
    resolver: zodResolver(shape),
    defaultValues: { name, notes: notes ?? '' },
  });
  const save = handleSubmit((named) => onSave({ ...named, name: named.name.trim() }));
  return (
    <form className="flex flex-col gap-3" onSubmit={(event) => void save(event)}>
      <Field label={say('name')} error={formState.errors.name?.message}>
        {(id) => <TextInput id={id} autoComplete="off" {...register('name')} />}
      </Field>
      {notes !== undefined && (
        <Field label={say('notes')} error={formState.errors.notes?.message}>
          {(id) => <TextArea id={id} rows={3} {...register('notes')} />}
        </Field>
      )}
      <DialogActions onCancel={onCancel} />
    </form>
  );
}

/** The last line of a form in a dialog. */
export function DialogActions({ onCancel }: { onCancel: () => void }) {
  return (
    <p className="flex justify-end gap-3">
      <Button onClick={onCancel}>{say('cancel')}</Button>
      <Button look="ink" type="submit">
        {say('save')}
      </Button>
    </p>
  );
}
