import { type TideHeading } from '@/model/outing/tides';
import { type FileResult, quoted, refused } from './errors';
import { tideDay } from './tide-dates';
import { type TideDate, type TideHeight, type TideHour, type TideToken, type TideUnit } from './tide-tokens';

/** Whose tide it is: a day without a date is the outing's, its hours are those of the zone's clocks. */
export interface TidePlace {
  readonly day: string;
  readonly zone: string;
}

interface Pair {
  readonly hour: TideHour;
  readonly hourText: string;
  readonly heightM: number;
  readonly date: string | null;
  readonly turn: 'high' | 'low' | null;
}

/** A line in its parts; nothing is left over of it but words. */
export interface TideLine {
  readonly pairs: readonly Pair[];
  readonly heading: TideHeading & { readonly within?: Pick<TideDate, 'month' | 'year'> };
  readonly words: readonly string[];
  /** High and low water stand apart in it, each in its own order. */
  readonly isGrouped: boolean;
}

/** What the lines above have said. */
export interface Above {
  readonly day: string;
  /** The last hour that was read of that day; null: a date stands above. */
  readonly lastMinutes: number | null;
  readonly within: Pick<TideDate, 'month' | 'year'>;
  readonly offsetMinutes: number | null;
  readonly unit: TideUnit | null;
}

/** What the whole text tells of how it is written. */
export interface Manner {
  readonly hasHalves: boolean;
  readonly hasFeet: boolean;
}

const FEET = 0.3048;
const MOST_M = 20;
/** No water on earth stands so high above its table's zero that a figure beyond this needs no unit. */
const MOST_BARE = 17;
/** How far the same height in metres and in feet may be apart, by rounding. */
const SAME_M = 0.06;

export const mannerOf = (tokens: readonly TideToken[]): Manner => ({
  hasHalves: tokens.some((t) => t.kind === 'hour' && t.hour.hasHalf),
  hasFeet: tokens.some(
    (t) => (t.kind === 'height' && t.height.unit === 'ft') || (t.kind === 'unit' && t.unit === 'ft'),
  ),
});

const said = (tokens: readonly TideToken[]): string => tokens.map((t) => t.text.trim()).join(' ');

/** Understands a line of a tide table by its pieces, under what the lines above have said. */
export function readTideLine(
  tokens: readonly TideToken[],
  place: TidePlace,
  above: Above,
  manner: Manner,
): FileResult<TideLine> {
  const unknown = tokens.filter((t) => t.kind === 'unknown');
  const [first] = unknown;
  if (first) {
    const why = first.why ? ` (${first.why})` : '';
    return refused('not-allowed', '', `${quoted(said(unknown))} is not understood${why}`);
  }
  const resolved = resolveEither(tokens);
  if (!resolved.ok) return resolved;
  const pieces = resolved.value;
  const count = (kind: TideToken['kind']) => pieces.filter((t) => t.kind === kind).length;
  const words = pieces.flatMap((t) => (t.kind === 'word' ? [t.text] : []));
  const heading = headingOf(pieces, place, above);
  if (!heading.ok) return heading;
  if (count('hour') === 0 && count('height') === 0) {
    if (Object.keys(heading.value).length === 0) return refused('missing', '', 'no hour such as 10:20 in it');
    return { ok: true, value: { pairs: [], heading: heading.value, words, isGrouped: false } };
  }
  if (count('hour') === 0) return refused('missing', '', 'no hour such as 10:20 in it');
  if (count('height') === 0) return refused('missing', '', 'no height such as 4.9 m in it');
  const pairs = pairsOf(pieces, place, above, manner, heading.value.unit ?? above.unit);
  return pairs.ok ? { ok: true, value: { ...pairs.value, heading: heading.value, words } } : pairs;
}

/** 10.20 is an hour where hours and heights then stand by turns, and only so. */
function resolveEither(tokens: readonly TideToken[]): FileResult<readonly TideToken[]> {
  const open = tokens.filter((t) => t.kind === 'either').length;
  if (!open) return { ok: true, value: tokens };
  if (open > 8)
    return refused('not-allowed', '', 'too much in it can be an hour or a height: write hours as 10:20');
  const ways: TideToken[][] = [];
  for (let way = 0; way < 2 ** open; way++) {
    let k = 0;
    const chosen = tokens.map((t): TideToken => {
      if (t.kind !== 'either') return t;
      const isHour = (way >> k++) & 1;
      return isHour
        ? { kind: 'hour', hour: t.hour, text: t.text }
        : { kind: 'height', height: t.height, text: t.text };
    });
    if (goByTurns(chosen)) ways.push(chosen);
  }
  const [only] = ways;
  return only && ways.length === 1
    ? { ok: true, value: only }
    : refused('not-allowed', '', 'what is the hour, and what the height? Write hours as 10:20');
}

/** Whether each hour has its height beside it, all before or all behind. */
function goByTurns(tokens: readonly TideToken[]): boolean {
  const order = tokens.flatMap((t) => (t.kind === 'hour' || t.kind === 'height' ? [t.kind] : []));
  return (
    order.length > 0 &&
    order.length % 2 === 0 &&
    order.every((kind, i) => kind === order[i % 2]) &&
    order[0] !== order[1]
  );
}

/** What of a line holds for the turns in it and below. */
function headingOf(
  tokens: readonly TideToken[],
  place: TidePlace,
  above: Above,
): FileResult<TideLine['heading']> {
  const heading: { -readonly [K in keyof TideLine['heading']]: TideLine['heading'][K] } = {};
  for (const token of tokens) {
    if (token.kind === 'zone') heading.offsetMinutes = token.offsetMinutes;
    if (token.kind === 'unit') heading.unit = token.unit;
    if (token.kind !== 'date') continue;
    const { date } = token;
    if (date.month !== undefined && date.day === undefined)
      heading.within = { month: date.month, year: date.year ?? above.within.year };
    else {
      const day = tideDay(date, token.text, place.day, heading.within ?? above.within);
      if (!day.ok) return day;
      heading.day = day.value;
    }
  }
  return { ok: true, value: heading };
}

/** Hours and heights of a line by twos, each under the date and the word that it stands by. */
function pairsOf(
  tokens: readonly TideToken[],
  place: TidePlace,
  above: Above,
  manner: Manner,
  unit: TideUnit | null | undefined,
): FileResult<Pick<TideLine, 'pairs' | 'isGrouped'>> {
  const pieces = withoutSameHeights(tokens);
  if (!goByTurns(pieces))
    return refused(
      'not-allowed',
      '',
      'an hour and a height for each turn are expected, one beside the other',
    );
  const dates = pieces.filter(isDay);
  const dayOf = ({ date, text }: DateToken) => tideDay(date, text, place.day, above.within);
  const read = pairsIn(pieces, {
    dayOf,
    mayPart: dates.length <= 1,
    unit: unitOf(pieces) ?? unit,
    manner,
  });
  if (!read.ok) return read;
  // one date is that of the whole line, wherever it stands; of several each holds for what stands behind it
  const only = dates.length === 1 && dates[0] ? dayOf(dates[0]) : null;
  const dated = only?.ok ? read.value.map((p) => ({ ...p, date: only.value })) : read.value;
  if (dates.length > 1 && dated.some((p) => p.date === null))
    return refused('not-allowed', '', 'which day is the first turn of?');
  const words = pieces.flatMap((t) => (t.kind === 'turn' ? [t.turn] : []));
  const byWord = words.length === dated.length;
  return {
    ok: true,
    value: {
      pairs: byWord ? dated.map((p, i) => ({ ...p, turn: words[i] ?? null })) : dated,
      isGrouped: words.length === 2 && words[0] !== words[1] && dated.length > 2,
    },
  };
}

type DateToken = Extract<TideToken, { kind: 'date' }>;

/** Whether a piece is the date of a day, and not of a month alone. */
const isDay = (token: TideToken): token is DateToken =>
  token.kind === 'date' && (token.date.day !== undefined || token.date.weekday !== undefined);

interface Reading {
  readonly dayOf: (token: DateToken) => FileResult<string>;
  /** A date may stand between an hour and its height: it is the only one. */
  readonly mayPart: boolean;
  readonly unit: TideUnit | null | undefined;
  readonly manner: Manner;
}

/** The pairs of pieces in which hours and heights go by turns. */
function pairsIn(
  pieces: readonly TideToken[],
  { dayOf, mayPart, unit, manner }: Reading,
): FileResult<readonly Pair[]> {
  const pairs: Pair[] = [];
  let date: string | null = null;
  let turn: Pair['turn'] = null;
  let half: Extract<TideToken, { kind: 'hour' | 'height' }> | null = null;
  for (const token of pieces) {
    if (token.kind === 'turn') turn = token.turn;
    if (isDay(token)) {
      if (half && !mayPart)
        return refused(
          'not-allowed',
          '',
          `${quoted(token.text.trim())} stands between an hour and its height`,
        );
      const day = dayOf(token);
      if (!day.ok) return day;
      date = day.value;
    }
    if (token.kind !== 'hour' && token.kind !== 'height') continue;
    if (!half) {
      half = token;
      continue;
    }
    const [hour, height] = token.kind === 'hour' ? [token, half] : [half, token];
    half = null;
    if (hour.kind !== 'hour' || height.kind !== 'height') continue;
    const metres = inMetres(height, unit, manner);
    if (!metres.ok) return metres;
    if (manner.hasHalves && !hour.hour.hasHalf && mayBeEither(hour.hour))
      return refused('not-allowed', '', `${quoted(hour.text.trim())}: am or pm?`);
    pairs.push({ hour: hour.hour, hourText: hour.text, heightM: metres.value, date, turn });
  }
  return { ok: true, value: pairs };
}

/** Whether an hour can be one before noon and one after it. */
const mayBeEither = ({ minutes }: TideHour): boolean => minutes >= 60 && minutes < 13 * 60;

/** The one unit that a line speaks of; null for none, or for two. */
function unitOf(tokens: readonly TideToken[]): TideUnit | null {
  const units = new Set(tokens.flatMap((t) => (t.kind === 'height' && t.height.unit ? [t.height.unit] : [])));
  return units.size === 1 ? ([...units][0] ?? null) : null;
}

/** A height that is told twice, in metres and in feet, is told once. */
function withoutSameHeights(tokens: readonly TideToken[]): readonly TideToken[] {
  const kept: TideToken[] = [];
  for (const token of tokens) {
    const before = kept.at(-1);
    const isTwice =
      token.kind === 'height' &&
      before?.kind === 'height' &&
      token.height.unit !== null &&
      before.height.unit !== null &&
      token.height.unit !== before.height.unit &&
      Math.abs(metresOf(token.height) - metresOf(before.height)) <= SAME_M;
    if (!isTwice) kept.push(token);
  }
  return kept;
}

const metresOf = ({ figure, unit }: TideHeight): number => (unit === 'ft' ? figure * FEET : figure);

function inMetres(
  { height, text }: { readonly height: TideHeight; readonly text: string },
  unit: TideUnit | null | undefined,
  { hasFeet }: Manner,
): FileResult<number> {
  const known = height.unit ?? unit ?? null;
  if (known === null && (hasFeet || Math.abs(height.figure) > MOST_BARE))
    return refused('not-allowed', '', `${quoted(text.trim())}: metres or feet?`);
  const metres = metresOf({ figure: height.figure, unit: known });
  return Math.abs(metres) > MOST_M
    ? refused('out-of-range', '', `the height of water is at most ${MOST_M} m`)
    : { ok: true, value: Math.round(metres * 100) / 100 };
}
