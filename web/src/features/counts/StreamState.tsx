import { text } from '../../app/messages';
import { Button } from '../../ui/Button';
import type { Listening } from '../../api/useStream';

interface Props {
  streamed: Listening<unknown>;
  words: string;
  fraction: number;
}

/** How far a long count has come, with a way to stop it, or why there is none. */
export function StreamState({ streamed, words, fraction }: Props) {
  if (streamed.state === 'running') {
    return (
      <div className="mb-3 flex items-center gap-3 text-xs text-soft" role="status">
        <progress aria-label={words} value={fraction || undefined} max={1} className="bar h-1.5 w-48" />
        {words}
        <Button look="link" onClick={streamed.stop}>
          {text.counts.stop}
        </Button>
      </div>
    );
  }
  if (streamed.state === 'failed' || streamed.state === 'stopped') {
    return (
      <p role={streamed.state === 'failed' ? 'alert' : 'status'} className="mb-3">
        {streamed.refused ?? (streamed.state === 'failed' ? text.counts.failed : text.counts.stopped)}{' '}
        <Button look="link" onClick={streamed.again}>
          {text.reading.again}
        </Button>
      </p>
    );
  }
  return null;
}
