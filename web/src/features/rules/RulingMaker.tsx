import { zodResolver } from '@hookform/resolvers/zod';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useParams } from 'react-router';
import * as z from 'zod/mini';
import { limits } from '../../api/limits';
import { sentence } from '../../api/problem';
import { common } from '../../language/text';
import { Button } from '../../ui/Button';
import { Field, TextInput } from '../../ui/Field';
import { useSay } from '../../ui/Notices';
import { textUpTo } from '../../ui/shapes';
import { PieceChoice } from '../desk';
import { useRuling } from './queries';

const shape = z.object({ reason: textUpTo(limits.override.reason), by: textUpTo(limits.override.by) });

interface Props {
  pieces: string[];
  decision: 'approved' | 'never';
  /** Whether the others are still to be chosen: the ruling then holds for the pieces with any of those. */
  withAnyOf?: boolean;
}

/** Approves pieces together, or rules them out, with a reason and who decided. */
export function RulingMaker({ pieces, decision, withAnyOf = false }: Props) {
  const { clientId = '' } = useParams();
  const [others, setOthers] = useState<string[]>([]);
  const [open, setOpen] = useState(false);
  const rule = useRuling(clientId);
  const say = useSay();
  const words = { ...common.rulings[decision], ...(withAnyOf && common.rulings.withAnyOf[decision]) };

  const { register, handleSubmit, formState, reset } = useForm<z.infer<typeof shape>>({
    resolver: zodResolver(shape),
    defaultValues: { reason: '', by: '' },
  });
  const { errors } = formState;
  const submit = handleSubmit((why) =>
    rule.mutate(
      { pieces, anyOf: withAnyOf ? others : undefined, decision, ...why },
      {
        onSuccess: () => {
          say(words.done);
          setOpen(false);
          setOthers([]);
        },
      },
    ),
  );

  const show = (next: boolean) => {
    rule.reset();
    reset();
    setOpen(next);
  };

  return (
    <Dialog.Root open={open} onOpenChange={show}>
      <Dialog.Trigger asChild>
        <Button look="link">{words.ask}</Button>
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-ink/30" />
        <Dialog.Content className="fixed z-40 top-1/8 left-1/2 w-96 -translate-x-1/2 border border-line bg-sheet p-6">
          <Dialog.Title className="font-serif text-lg font-semibold">{words.ask}</Dialog.Title>
          <Dialog.Description className="my-3">{words.what}</Dialog.Description>
          <form onSubmit={(event) => void submit(event)} className="flex flex-col gap-3">
            {withAnyOf && (
              <PieceChoice
                legend={common.rulings.others}
                besides={pieces}
                chosen={others}
                onChoose={setOthers}
              />
            )}
            <Field label={common.rulings.reason} error={errors.reason?.message}>
              {(id) => <TextInput id={id} autoComplete="off" {...register('reason')} />}
            </Field>
            <Field label={common.rulings.by} error={errors.by?.message}>
              {(id) => <TextInput id={id} {...register('by')} />}
            </Field>
            {rule.error && (
              <p role="alert" className="text-no">
                {sentence(rule.error)}
              </p>
            )}
            <div className="flex gap-3">
              <Button
                type="submit"
                look="ink"
                disabled={rule.isPending || (withAnyOf && others.length === 0)}
              >
                {words.save}
              </Button>
              <Dialog.Close asChild>
                <Button>{common.rulings.cancel}</Button>
              </Dialog.Close>
            </div>
          </form>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
