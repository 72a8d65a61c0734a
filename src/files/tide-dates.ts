import { addDays, dayFrom, daysFrom, weekdayOf } from '@/model/outing/calendar-day';
import { type FileResult, quoted, refused } from './errors';
import { type TideDate } from './tide-tokens';

/** A day that is written without its year, or by its weekday alone, is the one nearest to the outing, within so many days. */
const NEAR_DAYS = 45;
/** A weekday alone comes once in seven. */
const NEAR_WEEKDAY_DAYS = 3;

const bad = (text: string, why: string): FileResult<never> =>
  refused('out-of-range', '', `${quoted(text.trim())}: ${why}`);

/**
 * The day of the calendar that is meant.
 *
 * @param near the day of the outing
 * @param within what a line above said of month and year
 */
export function tideDay(
  date: TideDate,
  text: string,
  near: string,
  within: Pick<TideDate, 'month' | 'year'>,
): FileResult<string> {
  const { weekday, day } = date;
  const month = date.month ?? within.month;
  const year = date.year ?? within.year;
  if (day === undefined) return weekday ? weekdayNear(weekday, text, near) : bad(text, 'no day in it');
  if (month === undefined) return weekday ? dayNear(day, weekday, text, near) : bad(text, 'of which month?');
  const ways = [
    dayOfMonth(day, month, year, near),
    ...(date.mayTurn ? [dayOfMonth(month, day, year, near)] : []),
  ];
  const days = [...new Set(ways.filter((d) => d !== null))];
  const [first] = days;
  if (first === undefined) return bad(text, 'no day of the calendar');
  const close = days.filter((d) => Math.abs(daysFrom(near, d)) <= NEAR_DAYS);
  if (close.length > 1) return bad(text, 'day and month can stand either way: write 3 Apr');
  const found = close[0] ?? first;
  return weekday && weekdayOf(found) !== weekday
    ? bad(text, `that day is a ${capital(weekdayOf(found))}`)
    : { ok: true, value: found };
}

/** Of the years that may be meant the one that comes nearest. */
function dayOfMonth(day: number, month: number, year: number | undefined, near: string): string | null {
  if (year !== undefined) return dayFrom(year, month, day);
  const own = Number(near.slice(0, 4));
  const days = [own - 1, own, own + 1].map((y) => dayFrom(y, month, day)).filter((d) => d !== null);
  return days.toSorted((a, b) => Math.abs(daysFrom(near, a)) - Math.abs(daysFrom(near, b)))[0] ?? null;
}

function dayNear(day: number, weekday: string, text: string, near: string): FileResult<string> {
  for (let off = 0; off <= NEAR_DAYS; off++)
    for (const at of [addDays(near, off), addDays(near, -off)])
      if (Number(at.slice(8)) === day && weekdayOf(at) === weekday) return { ok: true, value: at };
  return bad(text, 'there is no such day near the outing');
}

function weekdayNear(weekday: string, text: string, near: string): FileResult<string> {
  for (let off = -NEAR_WEEKDAY_DAYS; off <= NEAR_WEEKDAY_DAYS; off++)
    if (weekdayOf(addDays(near, off)) === weekday) return { ok: true, value: addDays(near, off) };
  return bad(text, 'no day of the week');
}

const capital = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);
