import { afterEach, describe, expect, it } from 'vitest';
import { calendarDay, dateOf, day } from './format';

const zones = [
  'America/Lima',
  'Pacific/Auckland',
  'Pacific/Kiritimati',
  'Pacific/Pago_Pago',
  'Europe/London',
];
declare const process: { env: Record<string, string | undefined> };
const usual = process.env.TZ;

afterEach(() => {
  process.env.TZ = usual;
});

describe('a date without a time', () => {
  it.each(zones)('is the same day in %s', (zone) => {
    process.env.TZ = zone;
    expect(day('2027-01-12')).toBe('12 January 2027');
    expect(calendarDay(dateOf('2027-01-12'))).toBe('2027-01-12');
    expect(calendarDay(dateOf('2027-03-28'))).toBe('2027-03-28');
  });

  it.each([
    ['America/Lima', '2027-01-13T01:30:00Z', '2027-01-12'],
    ['Pacific/Auckland', '2027-01-12T11:30:00Z', '2027-01-13'],
    ['Europe/London', '2027-06-30T23:30:00Z', '2027-07-01'],
    ['Pacific/Pago_Pago', '2027-01-12T10:59:59Z', '2027-01-11'],
  ])('is, in %s at %s, %s', (zone, instant, expected) => {
    process.env.TZ = zone;
    expect(calendarDay(new Date(instant))).toBe(expected);
  });
});
