import { dateOf } from '../../language/format';
import { say } from './messages';

interface Props {
  last: string | null;
  next: string | null;
  /** The day here. */
  today: string;
}

/** When a client was visited last and will be next. */
export function LastAndNext({ last, next, today }: Props) {
  if (!last && !next) {
    return <span className="text-soft">{say('never')}</span>;
  }
  return (
    <>
      {next && (
        <span className={next === today ? 'font-semibold' : undefined}>
          {next === today ? say('today') : say('next', { date: dateOf(next) })}
        </span>
      )}
      {last && <span className="text-soft">{say('last', { date: dateOf(last) })}</span>}
    </>
  );
}
