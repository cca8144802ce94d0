import { common } from '../../language/text';
import { Button } from '../../ui/Button';
import type { LiveCounts } from './context';

/** Why there is no figure, and the way to one; nothing while it is counted. */
export function NoCount({ live }: { live: LiveCounts }) {
  if (live.state !== 'stopped' && live.state !== 'failed') {
    return null;
  }
  return (
    <p className="mt-3">
      {live.refused ?? (live.state === 'stopped' ? common.reading.cancelled : common.reading.failed)}{' '}
      <Button look="link" onClick={live.again}>
        {common.reading.again}
      </Button>
    </p>
  );
}
