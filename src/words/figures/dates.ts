/** Moments as clocks and calendars here show them: what is kept as ISO 8601 text, or as milliseconds since 1970. */
export type Moment = string | number;

const CLOCK = new Intl.DateTimeFormat('en-GB', { timeStyle: 'short' });
const CLOCK_SECONDS = new Intl.DateTimeFormat('en-GB', { timeStyle: 'medium' });
const DAY_AND_CLOCK = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });
const DAY = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium' });
const AGO = new Intl.RelativeTimeFormat('en-GB', { numeric: 'auto' });

const date = (moment: Moment): Date => new Date(moment);

/** The time of day: "05:41". */
export const clockText = (moment: Moment): string => CLOCK.format(date(moment));

/** The time of day to the second: "05:41:08". */
export const clockSecondsText = (moment: Moment): string => CLOCK_SECONDS.format(date(moment));

/** The day: "14 Oct 2026". */
export const dayText = (moment: Moment): string => DAY.format(date(moment));

/** Day and time: "14 Oct 2026, 05:41". */
export const momentText = (moment: Moment): string => DAY_AND_CLOCK.format(date(moment));

/** Units with their seconds, the longest first. */
const UNITS = [
  ['year', 31_557_600],
  ['month', 2_629_800],
  ['day', 86_400],
  ['hour', 3600],
  ['minute', 60],
] as const;

/** How long ago something was: "3 days ago", "yesterday", "just now". */
export function agoText(moment: Moment, now: Moment): string {
  const seconds = (date(now).getTime() - date(moment).getTime()) / 1000;
  const [unit, length] = UNITS.find(([, length]) => seconds >= length) ?? [null, 1];
  return unit ? AGO.format(-Math.floor(seconds / length), unit) : 'just now';
}
