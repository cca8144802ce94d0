import { say } from './messages';
import type { Plan } from './queries';

const height = 90;
const column = 26;

interface Props {
  curve: Plan['curve'];
  size: number;
  onSize: (size: number) => void;
}

/** What capsules of other sizes have: bars for outfits, a line for the needs met. A press plans that size. */
export function Curve({ curve, size, onSize }: Props) {
  const most = Math.max(1, ...curve.map((one) => one.outfits));
  const line = curve
    .map((one, i) => `${i * column + column / 2},${4 + height * (1 - one.needsMetFraction)}`)
    .join(' ');
  return (
    <div className="max-w-full overflow-x-auto">
      <div className="relative" style={{ width: curve.length * column }}>
        <ol className="flex items-end">
          {curve.map((one) => {
            const words = say('curveSize', { ...one, percent: Math.round(100 * one.needsMetFraction) });
            return (
              <li key={one.size} style={{ width: column }}>
                <button
                  type="button"
                  title={words}
                  aria-label={words}
                  aria-current={one.size === size || undefined}
                  onClick={() => onSize(one.size)}
                  className="flex w-full flex-col items-center justify-end gap-1 pt-1 hover:text-chalk"
                  style={{ height: height + 28 }}
                >
                  <span
                    className={one.size === size ? 'w-4 bg-ink' : 'w-4 bg-soft/60'}
                    style={{ height: Math.max(1, (height * one.outfits) / most) }}
                  />
                  <span className={`text-xs tabular-nums ${one.size === size ? 'font-bold' : ''}`}>
                    {one.size}
                  </span>
                </button>
              </li>
            );
          })}
        </ol>
        <svg aria-hidden="true" className="pointer-events-none absolute inset-0 h-full w-full">
          <polyline points={line} fill="none" className="stroke-chalk" strokeWidth={1.5} />
        </svg>
      </div>
    </div>
  );
}
