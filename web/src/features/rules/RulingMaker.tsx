import { Dialog } from 'radix-ui';
import { useState, type FormEvent } from 'react';
import { useParams } from 'react-router';
import { sentence } from '../../api/problem';
import { common } from '../../language/text';
import { Button } from '../../ui/Button';
import { useSay } from '../../ui/Notices';
import { PieceChoice } from '../desk';
import { useRuling } from './queries';

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

  function submit(event: FormEvent<HTMLFormElement>) {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    rule.mutate(
      {
        pieces,
        anyOf: withAnyOf ? others : undefined,
        decision,
        reason: String(form.get('reason')),
        by: String(form.get('by')),
      },
      {
        onSuccess: () => {
          say(words.done);
          setOpen(false);
          setOthers([]);
        },
      },
    );
  }

  const show = (next: boolean) => {
    rule.reset();
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
          <form onSubmit={submit} className="flex flex-col gap-3">
            {withAnyOf && (
              <PieceChoice
                legend={common.rulings.others}
                besides={pieces}
                chosen={others}
                onChoose={setOthers}
              />
            )}
            <label className="flex flex-col gap-1">
              {common.rulings.reason}
              <input name="reason" maxLength={400} className="border border-line bg-paper px-2 py-1.5" />
            </label>
            <label className="flex flex-col gap-1">
              {common.rulings.by}
              <input name="by" maxLength={80} className="border border-line bg-paper px-2 py-1.5" />
            </label>
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
