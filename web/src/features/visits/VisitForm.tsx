import { zodResolver } from '@hookform/resolvers/zod';
import { useForm } from 'react-hook-form';
import * as z from 'zod/mini';
import { limits } from '../../api/limits';
import { sentence } from '../../api/problem';
import { Button } from '../../ui/Button';
import { Field, TextArea, TextInput } from '../../ui/Field';
import { textUpTo } from '../../ui/shapes';
import { say } from './messages';
import type { VisitFields } from './queries';

const shape = z.object({
  date: z.string().check(
    z.minLength(1, say('dateMissing')),
    z.refine((date) => date >= '1900-01-01' && date < '2201-01-01' && date.length === 10, say('years')),
  ),
  note: textUpTo(limits.NewVisit.note),
});

interface Props {
  visit: VisitFields;
  /** The label of the button that saves. */
  save: string;
  /** Why the last attempt was refused. */
  problem: unknown;
  onSave: (fields: VisitFields) => void;
  onCancel?: () => void;
}

/** Day and note of a visit. */
export function VisitForm({ visit, save, problem, onSave, onCancel }: Props) {
  const { register, handleSubmit, formState } = useForm<VisitFields>({
    resolver: zodResolver(shape),
    defaultValues: { date: visit.date, note: visit.note },
  });
  const { errors } = formState;
  return (
    <form className="flex flex-col gap-3" onSubmit={(event) => void handleSubmit(onSave)(event)} noValidate>
      <Field label={say('date')} error={errors.date?.message} className="w-44">
        {(id) => <TextInput id={id} type="date" {...register('date')} />}
      </Field>
      <Field label={say('note')} error={errors.note?.message}>
        {(id) => <TextArea id={id} rows={2} {...register('note')} />}
      </Field>
      {Boolean(problem) && (
        <p role="alert" className="text-no">
          {sentence(problem)}
        </p>
      )}
      <p className="flex gap-3">
        <Button look="ink" type="submit">
          {save}
        </Button>
        {onCancel && <Button onClick={onCancel}>{say('cancel')}</Button>}
      </p>
    </form>
  );
}
