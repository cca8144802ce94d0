import { monthName } from '../../language/format';
import { say } from './messages';
import type { Brief, MonthDocument } from './queries';

const height = 150;
const left = 34;
const column = 46;
const top = 10;
interface Props {
  climate: MonthDocument[];
  seasons: Brief['seasons'];
  /** Temperatures in °C from which on cloths are judged otherwise, the hottest first. */
  bands: number[];
}

/** Twelve bars from the mean low to the mean high, with rain below, on the bands that cloths are judged by. */
export function ClimateChart({ climate, seasons, bands }: Props) {
  const lowest = Math.min(-2, ...climate.map((month) => month.lowC)) - 2;
  const highest = Math.max(28, ...climate.map((month) => month.highC)) + 2;
  const y = (temperature: number) => top + ((highest - temperature) / (highest - lowest)) * height;
  const width = left + 12 * column;
  const seasonOf = (month: number) => seasons.find((season) => season.months.includes(month))?.name ?? '';
  return (
    <svg
      viewBox={`0 0 ${width} ${top + height + 52}`}
      className="w-full max-w-[620px] text-[10px]"
      role="img"
      aria-label={climate
        .map((month) =>
          say('lowHigh', {
            month: monthName(month.month),
            low: month.lowC,
            high: month.highC,
            rain: month.rainDays,
            wind: month.windMs,
          }),
        )
        .join('; ')}
    >
      {bands.map((from, i) => (
        <g key={from}>
          <rect
            x={left}
            width={12 * column}
            y={y(i === 0 ? highest : bands[i - 1]!)}
            height={y(from) - y(i === 0 ? highest : bands[i - 1]!)}
            className={i % 2 ? 'fill-paper' : 'fill-hair'}
          />
          <text x={left - 6} y={y(from) + 3} textAnchor="end" className="fill-soft">
            {from}°
          </text>
        </g>
      ))}
      {climate.map((month) => {
        const x = left + (month.month - 1) * column + column / 2;
        return (
          <g key={month.month}>
            <title>
              {say('lowHigh', {
                month: monthName(month.month),
                low: month.lowC,
                high: month.highC,
                rain: month.rainDays,
                wind: month.windMs,
              })}
            </title>
            <rect
              x={x - 7}
              width={14}
              y={y(month.highC)}
              height={y(month.lowC) - y(month.highC)}
              className="fill-ink"
            />
            <text x={x} y={y(month.highC) - 3} textAnchor="middle" className="fill-ink">
              {Math.round(month.highC)}
            </text>
            <text x={x} y={y(month.lowC) + 10} textAnchor="middle" className="fill-ink">
              {Math.round(month.lowC)}
            </text>
            <text x={x} y={top + height + 14} textAnchor="middle" className="fill-ink">
              {monthName(month.month).slice(0, 3)}
            </text>
            <text x={x} y={top + height + 27} textAnchor="middle" className="fill-soft">
              {seasonOf(month.month).slice(0, 8)}
            </text>
            <rect
              x={x - 15}
              width={Math.min(30, month.rainDays)}
              y={top + height + 33}
              height={3}
              className="fill-chalk"
            />
            <rect
              x={x - 15}
              width={Math.min(30, 3 * month.windMs)}
              y={top + height + 42}
              height={3}
              className="fill-soft"
            />
          </g>
        );
      })}
      <text x={left - 6} y={top + height + 37} textAnchor="end" className="fill-chalk">
        rain
      </text>
      <text x={left - 6} y={top + height + 47} textAnchor="end" className="fill-soft">
        wind
      </text>
    </svg>
  );
}
