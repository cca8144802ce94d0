import type { Listening } from '../../api/useStream';
import { common } from '../../language/text';
import { Button } from '../../ui/Button';
import { Progress } from '../../ui/Progress';

interface Props {
  of: Listening<unknown>;
  /** What goes on. */
  words: string;
  /** How far it has come, 0..1, where that is not what the stream says. */
  fraction?: number;
  /** Whether it shows nothing until it has come some way: most of such work is over at once. */
  quiet?: boolean;
  failed?: string;
  stopped?: string;
  again?: string;
}

/** How far long work has come, with a way to stop it, or why it came to nothing, with a way to begin again. */
export function StreamState({ of, words, fraction = of.fraction, quiet = false, ...phrases }: Props) {
  const {
    failed = common.counts.failed,
    stopped = common.counts.stopped,
    again = common.reading.again,
  } = phrases;
  if (of.state === 'running' && !(quiet && fraction === 0)) {
    return (
      <div className="mb-3 flex items-center gap-3 text-xs text-soft" role="status">
        <Progress label={words} value={fraction} className="w-48" />
        {words}
        <Button look="link" onClick={of.stop}>
          {common.counts.stop}
        </Button>
      </div>
    );
  }
  if (of.state === 'failed' || of.state === 'stopped') {
    return (
      <p role={of.state === 'failed' ? 'alert' : 'status'} className="mb-3">
        {of.refused ?? (of.state === 'failed' ? failed : stopped)}{' '}
        <Button look="link" onClick={of.again}>
          {again}
        </Button>
      </p>
    );
  }
  return null;
}
