import { zodResolver } from '@hookform/resolvers/zod';
import { Controller, useForm, type Control } from 'react-hook-form';
import * as z from 'zod/mini';
import { Field, TextArea, TextInput } from '../../../ui/Field';
import { Modal } from '../../../ui/Modal';
import { DialogActions, nameShape, notesShape } from '../../../ui/NameDialog';
import { textUpTo } from '../../../ui/shapes';
import { Tick } from '../../../ui/Tick';
import { seasonWords, useDesk } from '../../desk';
import { say } from '../messages';
import type { About } from './saved';

const shape = z.object({
  name: nameShape,
  notes: notesShape,
  occasions: z.array(z.string()),
  seasons: z.array(z.string()),
  tags: textUpTo({ maxLength: 400 }),
  favourite: z.boolean(),
});

type Form = z.infer<typeof shape>;

interface Props {
  title: string;
  open: boolean;
  /** The initial values. */
  about: About;
  onOpenChange: (open: boolean) => void;
  onSave: (about: About) => void;
}

/** Asks what an outfit is called and what it is for. */
export function SaveOutfitDialog({ title, open, about, onOpenChange, onSave }: Props) {
  return (
    <Modal wide title={title} open={open} onOpenChange={onOpenChange}>
      <AboutForm about={about} onSave={onSave} onCancel={() => onOpenChange(false)} />
    </Modal>
  );
}

function AboutForm({ about, onSave, onCancel }: Pick<Props, 'about' | 'onSave'> & { onCancel: () => void }) {
  const { client } = useDesk();
  const { register, handleSubmit, control, formState } = useForm<Form>({
    resolver: zodResolver(shape),
    defaultValues: { ...about, tags: about.tags.join(', ') },
  });
  const save = handleSubmit(({ tags, ...rest }) =>
    onSave({
      ...rest,
      tags: [
        ...new Set(
          tags
            .split(',')
            .map((tag) => tag.trim())
            .filter(Boolean),
        ),
      ],
    }),
  );
  return (
    <form className="flex flex-col gap-3" onSubmit={(event) => void save(event)}>
      <Field label={say('name')} error={formState.errors.name?.message}>
        {(id) => <TextInput id={id} autoComplete="off" {...register('name')} />}
      </Field>
      <Several
        label={say('forOccasions')}
        name="occasions"
        control={control}
        options={client.occasions.map(({ name }) => [name, name])}
      />
      <Several
        label={say('forSeasons')}
        name="seasons"
        control={control}
        options={client.seasons.filter(({ id }) => id !== 'year').map(({ id }) => [id, seasonWords(id)])}
      />
      <Field label={say('tags')} hint={say('tagsHint')} error={formState.errors.tags?.message}>
        {(id) => <TextInput id={id} autoComplete="off" {...register('tags')} />}
      </Field>
      <Field label={say('notes')} error={formState.errors.notes?.message}>
        {(id) => <TextArea id={id} rows={3} {...register('notes')} />}
      </Field>
      <Controller
        name="favourite"
        control={control}
        render={({ field }) => (
          <Tick label={say('favourite')} checked={field.value} onChange={field.onChange} />
        )}
      />
      <DialogActions onCancel={onCancel} />
    </form>
  );
}

interface SeveralProps {
  label: string;
  name: 'occasions' | 'seasons';
  control: Control<Form>;
  options: [string, string][];
}

function Several({ label, name, control, options }: SeveralProps) {
  if (options.length === 0) {
    return null;
  }
  return (
    <fieldset>
      <legend className="text-xs text-soft">{label}</legend>
      <Controller
        name={name}
        control={control}
        render={({ field }) => (
          <div className="flex flex-wrap gap-x-4">
            {options.map(([id, words]) => (
              <Tick
                key={id}
                label={words}
                checked={field.value.includes(id)}
                onChange={(on) =>
                  field.onChange(on ? [...field.value, id] : field.value.filter((one) => one !== id))
                }
              />
            ))}
          </div>
        )}
      />
    </fieldset>
  );
}
