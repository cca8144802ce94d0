import { zodResolver } from '@hookform/resolvers/zod';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import * as z from 'zod/mini';
import type { PieceView } from '../../api/client';
import { limits } from '../../api/limits';
import { sentence } from '../../api/problem';
import { common } from '../../language/text';
import { Button } from '../../ui/Button';
import { Field, TextInput } from '../../ui/Field';
import { useSay } from '../../ui/Notices';
import { textOf } from '../../ui/shapes';
import { useMakeKind } from './queries';
import { say } from './messages';

const shape = z.object({ name: textOf(limits.NewKind.name, common.kinds.nameMissing) });

/** Makes a kind of the studio's own from a piece that is as the kind should be. */
export function KindMaker({ piece }: { piece: PieceView }) {
  const [open, setOpen] = useState(false);
  const make = useMakeKind();
  const tell = useSay();

  const { register, handleSubmit, formState, reset } = useForm<z.infer<typeof shape>>({
    resolver: zodResolver(shape),
    defaultValues: { name: '' },
  });
  const submit = handleSubmit(({ name }) => {
    const set = Object.fromEntries(Object.entries(piece.set).filter(([key]) => key !== 'kind'));
    make.mutate(
      { name: name.trim(), like: piece.kind, set },
      {
        onSuccess: (kind) => {
          tell(say('kindMade', { kind: kind.name }));
          setOpen(false);
        },
      },
    );
  });

  const show = (next: boolean) => {
    make.reset();
    reset();
    setOpen(next);
  };

  return (
    <Dialog.Root open={open} onOpenChange={show}>
      <Dialog.Trigger asChild>
        <Button look="link" className="mt-6">
          {common.kinds.make}
        </Button>
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-ink/30" />
        <Dialog.Content className="fixed z-40 top-1/4 left-1/2 w-96 -translate-x-1/2 border border-line bg-sheet p-6">
          <Dialog.Title className="font-serif text-lg font-semibold">{common.kinds.make}</Dialog.Title>
          <Dialog.Description className="my-3">{common.kinds.makeWhat}</Dialog.Description>
          <form onSubmit={(event) => void submit(event)} className="flex flex-col gap-3">
            <Field label={common.kinds.name} error={formState.errors.name?.message}>
              {(id) => <TextInput id={id} autoComplete="off" {...register('name')} />}
            </Field>
            {make.error && (
              <p role="alert" className="text-no">
                {sentence(make.error)}
              </p>
            )}
            <div className="flex gap-3">
              <Button type="submit" look="ink">
                {common.kinds.save}
              </Button>
              <Dialog.Close asChild>
                <Button>{common.kinds.cancel}</Button>
              </Dialog.Close>
            </div>
          </form>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
