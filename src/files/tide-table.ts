import { addDays } from '@/model/outing/calendar-day';
import { type ReadTurn, type TideHeading } from '@/model/outing/tides';
import { hourDoubt, momentAt } from '@/model/outing/zone';
import { type FileError, type FileResult, quoted, refused } from './errors';
import { type Above, mannerOf, readTideLine, type TideLine, type TidePlace } from './tide-line';
import { tideTokens } from './tide-tokens';

/** A line of a pasted tide table, as it was understood. */
export interface TideRow {
  /** As it was pasted. */
  readonly line: string;
  readonly turns: readonly ReadTurn[];
  /** Words that were passed over. */
  readonly leftOver: string;
  /** What a line without a turn says of those below it. */
  readonly says: TideHeading | null;
  /** Why nothing of the line was taken. */
  readonly error: FileError | null;
}

/** A table beyond these is not taken at all. */
const MAX_LINES = 400;
const MAX_CHARACTERS = 40_000;
const MAX_LINE = 400;
/** Two turns that are no further apart by the clock may follow one another; where no date says so, a gap beyond is a turn that lacks. */
const LONGEST_GAP_MINUTES = 16 * 60;
const DAY_MINUTES = 24 * 60;
/**
 * Understands high and low water as pasted from a local table: times and heights, several turns a line, with dates, zones,
 * halves of the day, metres or feet, in any words. A line is understood whole or not at all: what it says that is not
 * understood is named, and nothing of it is taken. Without a date the first turn is of the outing's day, and an hour earlier
 * than the one before is of the next day.
 */
export function readTideTable(text: string, place: TidePlace): readonly TideRow[] {
  const lines = text
    .split(/\r?\n/)
    .map((line) => line.trim())
    .filter(Boolean);
  if (lines.length > MAX_LINES || text.length > MAX_CHARACTERS)
    return [
      failed('', {
        code: 'too-large',
        path: '',
        message: `a tide table has at most ${MAX_LINES} lines here: paste the days around the outing`,
      }),
    ];
  const tokens = lines.map((line) => (line.length > MAX_LINE ? null : tideTokens(line)));
  const manner = mannerOf(tokens.flatMap((t) => t ?? []));
  let above: Above = { day: place.day, lastMinutes: null, within: {}, offsetMinutes: null, unit: null };
  const rows = lines.map((line, i): TideRow => {
    const pieces = tokens[i];
    if (!pieces)
      return failed(line, {
        code: 'too-large',
        path: '',
        message: `a line has at most ${MAX_LINE} characters`,
      });
    const read = readTideLine(pieces, place, above, manner);
    if (!read.ok) return failed(line, read.error);
    const timed = turnsOf(read.value, place, above);
    if (!timed.ok) return failed(line, timed.error);
    above = timed.value.above;
    const { heading, words, pairs } = read.value;
    const { within, ...says } = heading;
    const month = within?.month;
    return {
      line,
      turns: timed.value.turns,
      leftOver: words.join(' '),
      says: pairs.length ? null : { ...says, ...(month === undefined ? {} : { month }) },
      error: null,
    };
  });
  return withoutContradictions(rows);
}

const failed = (line: string, error: FileError): TideRow => ({
  line,
  turns: [],
  leftOver: '',
  says: null,
  error,
});

/** The moments of a line's turns, and where the next line goes on. */
function turnsOf(
  { pairs, heading, isGrouped }: TideLine,
  { zone }: TidePlace,
  above: Above,
): FileResult<{ readonly turns: readonly ReadTurn[]; readonly above: Above }> {
  const offsetMinutes = heading.offsetMinutes === undefined ? above.offsetMinutes : heading.offsetMinutes;
  let { day, lastMinutes } = above;
  const turns: ReadTurn[] = [];
  let dated: string | null = null;
  for (const { hour, hourText, date, turn, heightM } of pairs) {
    const { minutes } = hour;
    if (date !== null && date !== dated) {
      [day, lastMinutes, dated] = [date, null, date];
    } else if (lastMinutes !== null && minutes <= lastMinutes && !isGrouped) {
      if (date !== null)
        return refused(
          'not-allowed',
          '',
          `${quoted(hourText.trim())} comes before the hour beside it: of which day is it?`,
        );
      if (minutes + DAY_MINUTES - lastMinutes > LONGEST_GAP_MINUTES)
        return refused(
          'not-allowed',
          '',
          `${quoted(hourText.trim())} comes too long after the turn before it: is one missing, or am and pm?`,
        );
      day = addDays(day, 1);
    }
    lastMinutes = isGrouped ? Math.max(lastMinutes ?? 0, minutes) : minutes;
    const clock = `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
    turns.push({
      atMs:
        offsetMinutes === null
          ? momentAt(day, clock, zone)
          : momentAt(day, clock, 'utc') - 60_000 * offsetMinutes,
      heightM,
      turn,
      doubt: offsetMinutes === null ? hourDoubt(day, clock, zone) : null,
    });
  }
  if (pairs.length) return { ok: true, value: { turns, above: { ...above, day, lastMinutes } } };
  const headed: Above = {
    day: heading.day ?? day,
    lastMinutes: heading.day === undefined ? lastMinutes : null,
    within: heading.within ?? above.within,
    offsetMinutes,
    unit: heading.unit ?? above.unit,
  };
  return { ok: true, value: { turns, above: headed } };
}

/** Of lines that contradict each other none is taken. */
function withoutContradictions(rows: readonly TideRow[]): readonly TideRow[] {
  const turns = rows
    .flatMap((row) => row.turns.map((turn) => ({ row, turn })))
    .toSorted((a, b) => a.turn.atMs - b.turn.atMs);
  const wrong = new Map<TideRow, string>();
  turns.forEach(({ row, turn }, i) => {
    const next = turns[i + 1];
    if (!next) return;
    const isOther = next.turn.atMs === turn.atMs && next.turn.heightM !== turn.heightM;
    if (isOther) [row, next.row].forEach((r) => wrong.set(r, 'two heights are told of one hour'));
    if (!turn.turn || !next.turn.turn || turn.turn === next.turn.turn) return;
    const [high, low] = turn.turn === 'high' ? [turn, next.turn] : [next.turn, turn];
    if (high.heightM <= low.heightM)
      [row, next.row].forEach((r) =>
        wrong.set(r, 'high water stands lower here than the low water beside it'),
      );
  });
  return rows.map((row) => {
    const why = wrong.get(row);
    return why === undefined ? row : failed(row.line, { code: 'not-allowed', path: '', message: why });
  });
}
