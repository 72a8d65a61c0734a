import { type FileResult, quoted, refused } from './errors';

/** A line of a pasted tide table, as it was understood. */
export interface TideRow {
  /** As it was pasted. */
  readonly line: string;
  readonly read: FileResult<{ readonly hour: string; readonly heightM: number; readonly dayAfter: number }>;
}

const FEET = 0.3048;
/** Lines beyond these are not looked at. */
const MAX_LINES = 60;

const TIME = /(?:^|[^\d.,:])([01]?\d|2[0-3])[:.h]?([0-5]\d)(?![\d:.,])/;
const HEIGHT = /(-?\d{1,2}(?:[.,]\d{1,3})?)\s*(m|ft|feet|metres?)?(?:$|[^\w.,:])/i;

/**
 * Understands high and low water as pasted from a local table: a time and a height a line, "HW 10:20 4.9 m", in any words;
 * feet where they are said. An hour that is earlier than the one before is of the next day.
 */
export function readTideTable(text: string): readonly TideRow[] {
  let before = -1;
  let dayAfter = 0;
  return text
    .split(/\r?\n/)
    .map((line) => line.trim())
    .filter(Boolean)
    .slice(0, MAX_LINES)
    .map((line): TideRow => {
      const read = readLine(line);
      if (!read.ok) return { line, read };
      const { hour, heightM } = read.value;
      const minutes = 60 * Number(hour.slice(0, 2)) + Number(hour.slice(3));
      if (minutes <= before) dayAfter++;
      before = minutes;
      return { line, read: { ok: true, value: { hour, heightM, dayAfter } } };
    });
}

function readLine(line: string): FileResult<{ readonly hour: string; readonly heightM: number }> {
  const time = TIME.exec(line);
  if (!time) return refused('missing', '', `no hour such as 10:20 in ${quoted(line)}`);
  const hour = `${time[1]!.padStart(2, '0')}:${time[2]}`;
  const rest = `${line.slice(0, time.index)} ${line.slice(time.index + time[0].length)}`;
  const height = HEIGHT.exec(rest);
  if (!height) return refused('missing', '', `no height such as 4.9 m in ${quoted(line)}`);
  const figure = Number(height[1]!.replace(',', '.'));
  const isFeet = /^f/i.test(height[2] ?? '');
  const heightM = Math.round((isFeet ? figure * FEET : figure) * 100) / 100;
  if (Math.abs(heightM) > 20) return refused('out-of-range', '', 'the height of water is at most 20 m');
  return { ok: true, value: { hour, heightM } };
}
