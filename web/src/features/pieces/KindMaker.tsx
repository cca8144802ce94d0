import { Dialog } from 'radix-ui';
import { useState, type FormEvent } from 'react';
import type { PieceView } from '../../api/client';
import { sentence } from '../../api/problem';
import { common } from '../../language/text';
import { Button } from '../../ui/Button';
import { useSay } from '../../ui/Notices';
import { useMakeKind } from './queries';

/** Makes a kind of the studio's own from a piece that is as the kind should be. */
export function KindMaker({ piece }: { piece: PieceView }) {
  const [open, setOpen] = useState(false);
  const make = useMakeKind();
  const say = useSay();

  function submit(event: FormEvent<HTMLFormElement>) {
    event.preventDefault();
    const name = String(new FormData(event.currentTarget).get('kind-name')).trim();
    if (name) {
      const set = Object.fromEntries(Object.entries(piece.set).filter(([key]) => key !== 'kind'));
      make.mutate(
        { name, like: piece.kind, set },
        {
          onSuccess: (kind) => {
            say(`${common.kinds.made}: ${kind.name}`);
            setOpen(false);
          },
        },
      );
    }
  }

  const show = (next: boolean) => {
    make.reset();
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
          <form onSubmit={submit} className="flex flex-col gap-3">
            <label className="flex flex-col gap-1">
              {common.kinds.name}
              <input name="kind-name" maxLength={60} className="border border-line bg-paper px-2 py-1.5" />
            </label>
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
