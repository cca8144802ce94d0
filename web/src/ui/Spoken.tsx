import type { Exact } from '../api/client';
import { figure, spoken } from '../language/format';

/** A figure as a person says it; above 9,999 the exact one is its tooltip and what a screen reader reads. */
export function Spoken({ of }: { of: Exact | bigint }) {
  const [exact, short] = [figure(of), spoken(of)];
  return short === exact ? (
    <>{exact}</>
  ) : (
    <span title={exact}>
      <span aria-hidden="true">{short}</span>
      <span className="sr-only">{exact}</span>
    </span>
  );
}
