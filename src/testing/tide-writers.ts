import fc from 'fast-check';
import { DateTime } from 'luxon';

/** Tide tables as people and printers write them, made from turns that are known: none of it is shared with what reads them. */

export interface TrueTurn {
  readonly at: DateTime;
  readonly isHigh: boolean;
  readonly metres: number;
}

export interface WrittenTide {
  readonly day: string;
  readonly zone: string;
  readonly turns: readonly TrueTurn[];
  readonly text: string;
}

const ZONES = [
  'Europe/London',
  'America/Halifax',
  'Australia/Lord_Howe',
  'Asia/Kolkata',
  'Pacific/Chatham',
  'utc',
];
/** Days on and about which clocks change in some of these zones, and days like others. */
const DAYS = [
  '2026-03-07',
  '2026-03-28',
  '2026-04-04',
  '2026-06-19',
  '2026-10-24',
  '2026-10-31',
  '2026-12-31',
  '2028-02-28',
];

const HOURS = [
  (t: DateTime) => t.toFormat('HH:mm'),
  (t: DateTime) => t.toFormat('H:mm'),
  (t: DateTime) => t.toFormat('HHmm'),
  (t: DateTime) => t.toFormat("HH'h'mm"),
  (t: DateTime) => t.toFormat('h:mm a', { locale: 'en-US' }),
  (t: DateTime) => t.toFormat('hh:mma', { locale: 'en-US' }).toLowerCase(),
];
const HEIGHTS = [
  (m: number) => `${m.toFixed(1)} m`,
  (m: number) => `${m.toFixed(1)}m`,
  (m: number) => m.toFixed(1),
  (m: number) => m.toFixed(1).replace('-', '−'),
  (m: number) => `${m.toFixed(1).replace('.', ',')} m`,
  (m: number) => `${(m / 0.3048).toFixed(2)} ft`,
];
const DATES = [
  (t: DateTime) => t.toFormat('d LLL', { locale: 'en-GB' }),
  (t: DateTime) => t.toFormat('ccc d LLL yyyy', { locale: 'en-US' }),
  (t: DateTime) => t.toFormat('LLLL d', { locale: 'en-US' }),
  (t: DateTime) => t.toFormat('yyyy-LL-dd'),
  (t: DateTime) => t.toFormat('dd.LL.yyyy'),
  (t: DateTime) => t.toFormat('ccc dd', { locale: 'en-US' }),
];
const KINDS = [
  () => '',
  (isHigh: boolean) => (isHigh ? 'HW' : 'LW'),
  (isHigh: boolean) => (isHigh ? 'High water' : 'Low water'),
  (isHigh: boolean) => (isHigh ? 'H' : 'L'),
];
const BETWEEN = [' ', '  ', '\t', ', ', ' | '];

/** A few days of turns, five to seven and a half hours apart. */
const turnsArb = fc.record({
  day: fc.constantFrom(...DAYS),
  zone: fc.constantFrom(...ZONES),
  first: fc.integer({ min: 10, max: 400 }),
  gaps: fc.array(fc.integer({ min: 300, max: 450 }), { minLength: 1, maxLength: 14 }),
  lows: fc.array(fc.integer({ min: -5, max: 15 }), { minLength: 15, maxLength: 15 }),
  rises: fc.array(fc.integer({ min: 20, max: 110 }), { minLength: 15, maxLength: 15 }),
  beginsHigh: fc.boolean(),
});

const mannerArb = fc.record({
  hour: fc.constantFrom(...HOURS),
  height: fc.constantFrom(...HEIGHTS),
  date: fc.constantFrom(...DATES),
  kind: fc.constantFrom(...KINDS),
  between: fc.constantFrom(...BETWEEN),
  /** Dates before every turn, before a day's turns on one line, above a day's lines, or none. */
  layout: fc.constantFrom('each', 'day', 'above', 'none'),
  isUniversal: fc.boolean(),
});

export const writtenTide: fc.Arbitrary<WrittenTide> = fc.tuple(turnsArb, mannerArb).map(([seed, manner]) => {
  const { day, zone } = seed;
  const clock = manner.isUniversal ? 'utc' : zone;
  let at = DateTime.fromISO(`${day}T00:00`, { zone: clock }).plus({ minutes: seed.first });
  const turns: TrueTurn[] = [];
  for (let i = 0; i <= seed.gaps.length; i++) {
    const isHigh = seed.beginsHigh === (i % 2 === 0);
    const [low, rise] = [seed.lows[i] ?? 0, isHigh ? (seed.rises[i] ?? 20) : 0];
    turns.push({ at, isHigh, metres: (low + rise) / 10 + (isHigh ? 2 : 0) });
    at = at.plus({ minutes: seed.gaps[i] ?? 300 });
  }
  return { day, zone, turns, text: written(turns, manner) };
});

type Manner = typeof mannerArb extends fc.Arbitrary<infer T> ? T : never;

function written(
  turns: readonly TrueTurn[],
  { hour, height, date, kind, between, layout, isUniversal }: Manner,
): string {
  // an hour that is written as a year of these days would be taken for one behind a date: who writes so sets a colon
  const hourOf = (at: DateTime) => (/^202\d$/.test(hour(at)) ? at.toFormat('HH:mm') : hour(at));
  const one = (t: TrueTurn) => [kind(t.isHigh), hourOf(t.at), height(t.metres)].filter(Boolean).join(between);
  const days = [...new Set(turns.map((t) => t.at.toISODate()))];
  const lines = days.flatMap((day) => {
    const ofDay = turns.filter((t) => t.at.toISODate() === day);
    const [first] = ofDay;
    const head = first ? date(first.at) : '';
    switch (layout) {
      case 'each':
        return ofDay.map((t) => `${head}${between}${one(t)}`);
      case 'day':
        return [[head, ...ofDay.map(one)].join(between)];
      case 'above':
        return [head, ...ofDay.map(one)];
      default:
        return ofDay.map(one);
    }
  });
  return [...(isUniversal ? ['All times UTC'] : []), ...lines].join('\n');
}
