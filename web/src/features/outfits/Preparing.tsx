import { type Chosen, contextQuery, StreamState } from '../desk';
import { streamAddress } from '../../api/streams';
import { useStream, type Listening } from '../../api/useStream';
import { say } from './messages';

/** Prepares a context for questions about outfits, which are then answered at once. */
export function usePrepared(
  clientId: string,
  chosen: Chosen,
  stamp: string,
  { counting, containing = [] }: { counting: string; containing?: string[] },
  enabled = true,
): Listening<unknown> {
  const address = streamAddress('/api/v1/clients/{clientId}/prepared', {
    path: { clientId },
    query: { ...contextQuery(chosen), counting, containing },
  });
  return useStream(enabled && stamp !== '' ? address : null, null, stamp);
}

/** How far a context is prepared, with a way to stop it; nothing while that is quick. */
export function Preparing({ of }: { of: Listening<unknown> }) {
  return (
    <StreamState
      of={of}
      quiet
      words={say('preparing')}
      failed={say('preparingFailed')}
      stopped={say('preparingStopped')}
      again={say('tryAgain')}
    />
  );
}
