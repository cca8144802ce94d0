/** The words of a family on the rail. */
export const familyNames: Record<string, string> = {
  'base-layer': 'base',
  top: 'tops',
  'mid-layer': 'layers',
  bottom: 'bottoms',
  'one-piece': 'one-piece',
  drape: 'drapes',
  jacket: 'jackets',
  coat: 'coats',
  shoes: 'shoes',
  legwear: 'legwear',
  accessory: 'finishing',
};

/** An attribute's name in words: sleeveVolume reads "sleeve volume". */
export function words(name: string): string {
  return name
    .replace(/([A-Z])/g, ' $1')
    .replace(/-/g, ' ')
    .toLowerCase();
}

export function join(parts: readonly string[]): string {
  if (parts.length < 2) {
    return parts.join('');
  }
  return `${parts.slice(0, -1).join(', ')} and ${parts[parts.length - 1]}`;
}

export function figure(value: number | string | bigint): string {
  return BigInt(value).toLocaleString('en-GB');
}

const powers: [bigint, string][] = [
  [10n ** 12n, 'million million'],
  [10n ** 9n, 'thousand million'],
  [10n ** 6n, 'million'],
  [10n ** 3n, 'thousand'],
];

/** A figure as a person would say it: up to 9,999 exactly, above that to three digits, such as "59.9 thousand". */
export function spoken(value: number | string | bigint): string {
  const exact = BigInt(value);
  const power = powers.find(([size]) => exact >= 10n ** 4n && exact >= size);
  if (!power) {
    return figure(exact);
  }
  const size = Number(exact) / Number(power[0]);
  return `${size.toLocaleString('en-GB', { maximumFractionDigits: size < 100 ? 1 : 0 })} ${power[1]}`;
}

/**
 * A date without a time, such as 2027-01-12, as noon of that day where it is shown. Read as an instant it would be
 * midnight in UTC, which west of Greenwich is the day before.
 */
export function dateOf(date: string): Date {
  const [year = 0, month = 1, dayOfMonth = 1] = date.split('-').map(Number);
  return new Date(year, month - 1, dayOfMonth, 12);
}

/** The calendar day of an instant where it is shown, as 2027-01-12. */
export function calendarDay(instant: Date): string {
  const two = (n: number) => String(n).padStart(2, '0');
  return `${instant.getFullYear()}-${two(instant.getMonth() + 1)}-${two(instant.getDate())}`;
}

/** A day as the studio writes it. */
export function day(date: string): string {
  return dateOf(date).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });
}

/** The name of a month, 1 to 12. */
export function monthName(month: number): string {
  return new Date(2000, month - 1).toLocaleDateString('en-GB', { month: 'long' });
}
