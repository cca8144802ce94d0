import { useParams } from 'react-router';
import type { PieceView } from '../../api/client';
import { figure, join, words } from '../../language/format';
import { common } from '../../language/text';
import { text } from './text';
import { Button } from '../../ui/Button';
import { Delta } from '../../ui/Delta';
import { useChosen, useDesk, useLiveCounts } from '../desk';

interface Props {
  piece: PieceView;
  roles: string[];
  onKeep: () => void;
  onLeave: () => void;
}

/** What other roles of a piece would change in the count, shown before they are saved. */
export function RoleTrial({ piece, roles, onKeep, onLeave }: Props) {
  const { clientId = '' } = useParams();
  const [chosen] = useChosen();
  const { live } = useDesk();
  const tried = useLiveCounts(clientId, chosen, `${piece.id}:${piece.version}`, {
    changed: [{ id: piece.id, roles }],
  });
  const before = live.counts;
  const after = tried.state === 'counting' ? undefined : tried.counts;
  return (
    <div
      role="status"
      data-testid="role-trial"
      className="col-span-2 border-l-2 border-chalk bg-paper px-3 py-2"
    >
      <p>
        {text.roles.would}, {join(roles.map(words)) || '–'}:
      </p>
      {before && after ? (
        <>
          <p>
            <strong className="font-serif text-lg">{figure(after.total)}</strong> {common.pieces.outfits},{' '}
            {text.roles.was} {figure(before.total)}
            <Delta change={BigInt(after.total) - BigInt(before.total)} />
          </p>
          {before.perPiece[piece.id] !== undefined && after.perPiece[piece.id] !== undefined && (
            <p className="text-soft">
              {text.roles.thisPiece}: {figure(after.perPiece[piece.id]!)}, {text.roles.was}{' '}
              {figure(before.perPiece[piece.id]!)}
            </p>
          )}
        </>
      ) : (
        <p className="text-soft">{tried.refused ?? text.roles.trying}</p>
      )}
      <div className="mt-2 flex gap-3">
        <Button look="ink" onClick={onKeep}>
          {text.roles.keep}
        </Button>
        <Button onClick={onLeave}>{text.roles.leave}</Button>
      </div>
    </div>
  );
}
