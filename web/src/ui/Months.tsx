import { ToggleGroup } from 'radix-ui';
import { monthName } from '../language/format';

interface Props {
  label: string;
  value: number[];
  onChange: (months: number[]) => void;
}

const year = Array.from({ length: 12 }, (_, i) => i + 1);

/** Some months of the year; in the order they follow each other, also over the turn of the year. */
export function Months({ label, value, onChange }: Props) {
  return (
    <ToggleGroup.Root
      type="multiple"
      aria-label={label}
      value={value.map(String)}
      onValueChange={(months) => onChange(inARow(months.map(Number)))}
      className="flex flex-wrap"
    >
      {year.map((month) => (
        <ToggleGroup.Item
          key={month}
          value={String(month)}
          aria-label={monthName(month)}
          className="min-h-8 min-w-6 border border-line bg-paper px-1 text-xs data-[state=on]:bg-ink data-[state=on]:text-sheet"
        >
          {monthName(month).slice(0, 1)}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}

/** Begins after the longest gap, so that December comes before January in a winter. */
function inARow(months: number[]): number[] {
  const sorted = [...months].sort((a, b) => a - b);
  const gap = (i: number) => (sorted[i]! - sorted[(i + sorted.length - 1) % sorted.length]! + 12) % 12 || 12;
  let first = 0;
  for (let i = 1; i < sorted.length; i++) {
    if (gap(i) > gap(first)) {
      first = i;
    }
  }
  return [...sorted.slice(first), ...sorted.slice(0, first)];
}
