import { useState } from 'react';
import { sentence } from '../../api/problem';
import { figure, words } from '../../language/format';
import { text } from './text';
import { Button } from '../../ui/Button';
import { Drawing } from '../../ui/Drawing';
import { PieceFigure, useDesk } from '../desk';
import { useKeys } from '../../ui/useKeys';
import { decisions } from './attributes';
import { useChange, usePiecesOf } from './queries';

/** One undecided piece after the other, one key a decision. */
export function DecidePass({ clientId, done }: { clientId: string; done: () => void }) {
  const { pieces } = useDesk();
  const change = useChange(clientId);
  const refresh = usePiecesOf(clientId);
  const [later, setLater] = useState<string[]>([]);
  const open = pieces.filter((piece) => piece.resolved.decision === 'undecided');
  // those left for later come last, the one left longest ago first
  const [piece] = [...open].sort((a, b) => later.indexOf(a.id) - later.indexOf(b.id));

  function decide(decision: string) {
    if (piece && !change.isPending) {
      change.mutate({ piece, set: { ...piece.set, decision } }, { onError: () => void refresh() });
    }
  }
  const skip = () => piece && setLater((before) => [...before.filter((id) => id !== piece.id), piece.id]);
  useKeys({
    ...Object.fromEntries(decisions.map(([key, decision]) => [key, () => decide(decision)])),
    ' ': skip,
  });

  if (!piece) {
    return (
      <div className="p-8">
        <p>{text.decide.done}</p>
        <Button look="link" onClick={done}>
          {text.decide.follows}
        </Button>
      </div>
    );
  }
  return (
    <div
      className="flex h-full flex-col items-center justify-center gap-3 overflow-auto p-4"
      data-testid="decide"
    >
      <p className="text-soft">
        {figure(open.length)} {text.decide.left}
      </p>
      <Drawing src={piece.flat} name={piece.label} className="h-48 w-40 bg-paper p-2" />
      <h2 className="font-serif text-xl font-semibold">{piece.label}</h2>
      <p className="text-soft">
        {piece.kindName} · {words(String(piece.resolved.condition))} · <PieceFigure piece={piece} />
      </p>
      {change.error && (
        <p role="alert" className="text-no">
          {sentence(change.error)}
        </p>
      )}
      <div className="flex flex-wrap justify-center gap-2">
        {decisions.map(([key, decision]) => (
          <Button key={key} aria-keyshortcuts={key} onClick={() => decide(decision)}>
            <kbd aria-hidden="true" className="mr-1.5 border border-line px-1 text-xs text-soft">
              {key}
            </kbd>
            {words(decision)}
          </Button>
        ))}
        <Button aria-keyshortcuts="Space" onClick={skip}>
          <kbd aria-hidden="true" className="mr-1.5 border border-line px-1 text-xs text-soft">
            space
          </kbd>
          {text.decide.skip}
        </Button>
      </div>
    </div>
  );
}
