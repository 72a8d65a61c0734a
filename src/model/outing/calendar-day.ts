/** Days of the calendar, YYYY-MM-DD, in no zone: nights on which clocks change are days like others. */

const DAY_MS = 86_400_000;
const WEEKDAYS = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'] as const;

const utcOf = (day: string): number => Date.parse(`${day}T00:00:00Z`);

/** The day so many days later. */
export const addDays = (day: string, days: number): string =>
  new Date(utcOf(day) + days * DAY_MS).toISOString().slice(0, 10);

/** How many days a day lies after another. */
export const daysFrom = (from: string, to: string): number => (utcOf(to) - utcOf(from)) / DAY_MS;

/** What day of the week it is, by its English name in small letters. */
export const weekdayOf = (day: string): string => WEEKDAYS[new Date(utcOf(day)).getUTCDay()] ?? '';

/** A day by its figures; null for one that no calendar has. */
export function dayFrom(year: number, month: number, day: number): string | null {
  const iso = `${String(year).padStart(4, '0')}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
  const ms = utcOf(iso);
  return Number.isFinite(ms) && new Date(ms).toISOString().startsWith(iso) ? iso : null;
}
