import { monthName } from '../../language/format';
import { say } from './messages';
import type { Felt as FeltDocument } from './queries';

/** The temperatures in the hours of an occasion, in its coldest and its warmest month. */
export function Felt({ felt: { months } }: { felt: FeltDocument }) {
  const byWarmth = [...months].sort((a, b) => a.lowC + a.highC - b.lowC - b.highC);
  const [coldest] = byWarmth;
  const warmest = byWarmth.at(-1);
  if (!coldest || !warmest) {
    return null;
  }
  const cold = {
    low: Math.round(coldest.lowC),
    high: Math.round(coldest.highC),
    month: monthName(coldest.month),
  };
  return (
    <p className="self-end pb-1.5 text-xs text-soft" data-testid="felt">
      {coldest.month === warmest.month
        ? say('feltOne', cold)
        : say('feltTwo', {
            ...cold,
            warmLow: Math.round(warmest.lowC),
            warmHigh: Math.round(warmest.highC),
            warmMonth: monthName(warmest.month),
          })}
    </p>
  );
}
