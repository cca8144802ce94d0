import { useParams } from 'react-router';
import type { PieceView } from '../../api/client';
import { day, figure } from '../../language/format';
import { common } from '../../language/text';
import { Button } from '../../ui/Button';
import { useWear, useWorn } from '../desk';

/** How often the piece was worn since the log began, and one more wear with one press. */
export function WornPanel({ piece }: { piece: PieceView }) {
  const { clientId = '' } = useParams();
  const worn = useWorn(clientId).data?.[piece.id];
  const wear = useWear(clientId);
  return (
    <section className="mt-6">
      <p className="text-soft" data-testid="worn">
        {worn
          ? `${common.worn.times} ${worn.times === 1 ? common.worn.once : `${figure(worn.times)} ${common.worn.often}`} ${common.worn.since} ${day(worn.last)}`
          : common.worn.never}
      </p>
      <Button look="link" disabled={wear.isPending} onClick={() => wear.mutate([piece.id])}>
        {common.worn.today}
      </Button>
    </section>
  );
}
