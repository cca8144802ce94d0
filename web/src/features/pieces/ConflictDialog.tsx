import { AlertDialog } from 'radix-ui';
import type { PieceView } from '../../api/client';
import { words } from '../../language/format';
import { Button } from '../../ui/Button';
import { differing } from './merge';
import { say } from './messages';
import { valueWords } from './valueWords';

interface Props {
  /** The piece as the other has saved it. */
  theirs: PieceView;
  /** What it would be with one's own changes on top. */
  mine: Record<string, unknown>;
  onKeepTheirs: () => void;
  onOverwrite: () => void;
}

/** Two have changed one piece: what each of them wrote, side by side; nothing is lost by keeping what was saved first. */
export function ConflictDialog({ theirs, mine, onKeepTheirs, onOverwrite }: Props) {
  const saved = theirs.set as Record<string, unknown>;
  return (
    <AlertDialog.Root open>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-30 bg-ink/30" />
        <AlertDialog.Content className="fixed top-1/4 left-1/2 z-40 w-[480px] max-w-[92vw] -translate-x-1/2 border border-line bg-sheet p-6">
          <AlertDialog.Title className="font-serif text-lg font-semibold">
            {say('conflictTitle')}
          </AlertDialog.Title>
          <AlertDialog.Description className="my-3">{say('conflictWhat')}</AlertDialog.Description>
          <table className="mb-4 w-full text-[13px]">
            <thead>
              <tr className="border-b border-line text-left text-xs text-soft">
                <th className="font-normal">{say('attribute')}</th>
                <th className="font-normal">{say('theirs')}</th>
                <th className="font-normal">{say('yours')}</th>
              </tr>
            </thead>
            <tbody>
              {differing(saved, mine).map((name) => (
                <tr key={name} className="border-b border-hair align-baseline">
                  <th className="py-1 text-left font-normal text-soft">{words(name)}</th>
                  <td className="py-1">{name in saved ? valueWords(saved[name]) : say('derived')}</td>
                  <td className="py-1">{name in mine ? valueWords(mine[name]) : say('derived')}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <div className="flex gap-3">
            <AlertDialog.Cancel asChild>
              <Button look="ink" onClick={onKeepTheirs}>
                {say('keepTheirs')}
              </Button>
            </AlertDialog.Cancel>
            <AlertDialog.Action asChild>
              <Button onClick={onOverwrite}>{say('overwrite')}</Button>
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
