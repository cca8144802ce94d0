import { text } from '../../app/messages';
import { Button } from '../../ui/Button';
import { type Chosen, contextQuery } from '../desk';
import { useEventStream, type Listening } from '../../api/useStream';
import { say } from './messages';

/**
 * Makes a context ready to be asked of outfits. What is asked of it afterwards is answered at once.
 *
 * @param counting what the question that is to come counts
 * @param containing pieces every outfit of that question holds
 */
export function usePrepared(
  clientId: string,
  chosen: Chosen,
  stamp: string,
  { counting, containing = [] }: { counting: string; containing?: string[] },
  enabled = true,
): Listening<never> {
  const query = new URLSearchParams(containing.map((id) => ['containing', id]));
  Object.entries({ ...contextQuery(chosen), counting }).forEach(
    ([name, value]) => value !== undefined && query.set(name, String(value)),
  );
  return useEventStream<never>(
    enabled && stamp !== '' ? `/api/v1/clients/${clientId}/prepared?${query}` : null,
    'prepared',
    stamp,
  );
}

/** How far a context is prepared, with a way to stop it; nothing while that is quick. */
export function Preparing({ of }: { of: Listening<never> }) {
  if (of.state === 'running' && of.fraction > 0) {
    return (
      <p className="flex items-center gap-3 py-1 text-soft" aria-live="polite">
        {say('preparing')}
        <progress aria-label={say('preparing')} value={of.fraction} max={1} className="bar h-1.5 w-40" />
        <Button look="link" onClick={of.stop}>
          {text.reading.cancel}
        </Button>
      </p>
    );
  }
  if (of.state === 'failed' || of.state === 'stopped') {
    return (
      <p className="py-1 text-soft" role="alert">
        {of.refused ?? say(of.state === 'failed' ? 'preparingFailed' : 'preparingStopped')}{' '}
        <Button look="link" onClick={of.again}>
          {say('tryAgain')}
        </Button>
      </p>
    );
  }
  return null;
}
