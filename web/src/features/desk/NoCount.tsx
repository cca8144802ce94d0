import { text } from '../../app/messages';
import { Button } from '../../ui/Button';
import type { LiveCounts } from './context';

/** Why there is no figure, and the way to one; nothing while it is counted. */
export function NoCount({ live }: { live: LiveCounts }) {
  if (live.state !== 'stopped' && live.state !== 'failed') {
    return null;
  }
  return (
    <p className="mt-3">
      {live.refused ?? (live.state === 'stopped' ? text.reading.cancelled : text.reading.failed)}{' '}
      <Button look="link" onClick={live.again}>
        {text.reading.again}
      </Button>
    </p>
  );
}
