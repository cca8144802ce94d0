import { useParams } from 'react-router';
import type { PieceView } from '../../api/client';
import { day } from '../../language/format';
import { Button } from '../../ui/Button';
import { useWear, useWorn } from '../desk';
import { say } from './messages';

/** How often the piece was worn since the log began, and one more wear with one press. */
export function WornPanel({ piece }: { piece: PieceView }) {
  const { clientId = '' } = useParams();
  const worn = useWorn(clientId).data?.[piece.id];
  const wear = useWear(clientId);
  return (
    <section className="mt-6">
      <p className="text-soft" data-testid="worn">
        {worn ? say('worn', { n: worn.times, last: day(worn.last) }) : say('neverWorn')}
      </p>
      <Button look="link" disabled={wear.isPending} onClick={() => wear.mutate([piece.id])}>
        {say('wornToday')}
      </Button>
    </section>
  );
}
