/** What the pieces of a line of a tide table can be; a piece that is none of them is named. */

export type TideUnit = 'm' | 'ft';

export interface TideHour {
  readonly minutes: number;
  /** The half of the day was written beside it. */
  readonly hasHalf: boolean;
}

export interface TideHeight {
  readonly figure: number;
  readonly unit: TideUnit | null;
}

/** A day as it is written, some of its parts perhaps not. */
export interface TideDate {
  readonly year?: number | undefined;
  readonly month?: number | undefined;
  readonly day?: number | undefined;
  readonly weekday?: string | undefined;
  /** Day and month may stand the other way round: 3/4. */
  readonly mayTurn?: boolean;
}

export type TideToken = { readonly text: string } & (
  | { readonly kind: 'hour'; readonly hour: TideHour }
  | { readonly kind: 'height'; readonly height: TideHeight }
  /** 10.20: an hour or a height. */
  | { readonly kind: 'either'; readonly hour: TideHour; readonly height: TideHeight }
  | { readonly kind: 'date'; readonly date: TideDate }
  | { readonly kind: 'turn'; readonly turn: 'high' | 'low' }
  /** Minutes ahead of universal time; null: what the clocks of the place show. */
  | { readonly kind: 'zone'; readonly offsetMinutes: number | null }
  | { readonly kind: 'unit'; readonly unit: TideUnit }
  | { readonly kind: 'word' }
  /** Not understood, and not to be passed over. */
  | { readonly kind: 'unknown'; readonly why?: string }
);

type Unplaced = TideToken extends infer T ? (T extends TideToken ? Omit<T, 'text'> : never) : never;

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const WEEKDAYS = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'];
const MONTH =
  '(jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\\.?';
const WEEKDAY =
  '(sun(?:day)?|mon(?:day)?|tue(?:s(?:day)?)?|wed(?:nesday)?|thu(?:r(?:s(?:day)?)?)?|fri(?:day)?|sat(?:urday)?|su|mo|tu|we|th|fr|sa)\\.?';
/** Zones by the letters that one place alone means by them, minutes ahead of universal time. */
const ZONES: Readonly<Record<string, number>> = {
  WET: 0,
  WEST: 60,
  BST: 60,
  CET: 60,
  CEST: 120,
  EET: 120,
  EEST: 180,
};

const monthOf = (name: string): number => MONTHS.indexOf(name.slice(0, 3).toLowerCase()) + 1;
const weekdayNamed = (name: string): string =>
  WEEKDAYS.find((d) => d.startsWith(name.slice(0, 3).toLowerCase())) ?? '';
const yearOf = (text: string | undefined): number | undefined =>
  text === undefined ? undefined : text.length === 2 ? 2000 + Number(text) : Number(text);
const figureOf = (text: string): number => Number(text.replace(',', '.'));

/** Ends where the next piece may begin. */
const END = '(?=$|[\\s,;|)/]|[:.](?:\\s|$))';

interface Pattern {
  readonly at: RegExp;
  readonly make: (found: RegExpExecArray) => Unplaced | null;
}

const pattern = (source: string, make: Pattern['make']): Pattern => ({
  at: new RegExp(source + END, 'iuy'),
  make,
});

const hourAt = (h: string, m: string, half: string | undefined): Unplaced => {
  const [hours, minutes] = [Number(h), Number(m)];
  if (minutes > 59 || hours > 23) return { kind: 'unknown', why: 'no hour that a clock shows' };
  if (!half) return { kind: 'hour', hour: { minutes: 60 * hours + minutes, hasHalf: false } };
  if (hours < 1 || hours > 12) return { kind: 'unknown', why: 'an hour of 1 to 12 goes with am and pm' };
  const past = /p/i.test(half) ? 12 : 0;
  return { kind: 'hour', hour: { minutes: 60 * ((hours % 12) + past) + minutes, hasHalf: true } };
};

const HALF = '(?:\\s?([ap])\\.?\\s?m\\.?|([ap]))';
const UNIT = '(m|metres?|meters?|mtrs?|ft\\.?|feet|foot|cm)';

const heightAt = (figure: string, unit: string | undefined): Unplaced => {
  const said = figureOf(figure);
  if (/^c/i.test(unit ?? '')) return { kind: 'height', height: { figure: said / 100, unit: 'm' } };
  return { kind: 'height', height: { figure: said, unit: unit ? (/^f/i.test(unit) ? 'ft' : 'm') : null } };
};

const dateAt = (
  weekday: string | undefined,
  day: string | undefined,
  month: string | undefined,
  year: string | undefined,
): Unplaced => ({
  kind: 'date',
  date: {
    weekday: weekday && weekdayNamed(weekday),
    day: Number(day),
    month: monthOf(month ?? ''),
    year: yearOf(year),
  },
});

/** A year; a height behind one that is far off, and no other hour, makes it an hour: "28 Mar 2034 4.9". */
const YEAR =
  '(202\\d|20[3-5]\\d(?![\\s,]{1,3}[-−]?\\d{1,2}[.,]\\d{1,2}(?:\\s?(?:m|ft))?(?:[\\s,;|]{1,3}\\d{4}(?!\\d)|\\s{0,3}$)))';

/** Tried in their order; the first that fits a piece whole is what it is. */
const PATTERNS: readonly Pattern[] = [
  // 2026-03-29, also with an hour behind a T
  {
    at: /(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})(?=$|[\s,;|)T])/iuy,
    make: ([, y, m, d]) => ({
      kind: 'date',
      date: { year: Number(y), month: Number(m), day: Number(d) },
    }),
  },
  pattern('(\\d{4})(\\d{2})(\\d{2})', ([, y, m, d]) => ({
    kind: 'date',
    date: { year: Number(y), month: Number(m), day: Number(d) },
  })),
  // 29 March 2026, 29-Mar, Sun 29 Mar
  pattern(
    `(?:${WEEKDAY},?\\s{0,3})?(\\d{1,2})(?:st|nd|rd|th)?[\\s.-]{0,3}${MONTH}(?:[\\s,-]{1,3}${YEAR})?`,
    ([, weekday, d, month, y]) => dateAt(weekday, d, month, y),
  ),
  // March 29, 2026
  pattern(
    `(?:${WEEKDAY},?\\s{0,3})?${MONTH}\\s{0,3}(\\d{1,2})(?:st|nd|rd|th)?(?:,?\\s{1,3}${YEAR})?`,
    ([, weekday, month, d, y]) => dateAt(weekday, d, month, y),
  ),
  // March 2026, above the days of a month
  pattern(`${MONTH}(?:\\s{1,3}(20[2-5]\\d))?`, ([, month, y]) => ({
    kind: 'date',
    date: { month: monthOf(month ?? ''), year: yearOf(y) },
  })),
  // 29.03.2026, 3/29/26
  pattern('(\\d{1,2})([./-])(\\d{1,2})\\2((?:20)?\\d\\d)', ([, a, mark, b, y]) => ({
    kind: 'date',
    date: { day: Number(a), month: Number(b), year: yearOf(y), mayTurn: mark === '/' },
  })),
  pattern('(\\d{1,2})/(\\d{1,2})', ([, a, b]) => ({
    kind: 'date',
    date: { day: Number(a), month: Number(b), mayTurn: true },
  })),
  // 29.3. as it is written where days bear a dot
  pattern('(\\d{1,2})\\.(\\d{1,2})\\.', ([, a, b]) => ({
    kind: 'date',
    date: { day: Number(a), month: Number(b) },
  })),
  // Sun 29, 29 Sun, Sunday
  pattern(`${WEEKDAY},?\\s{0,3}(\\d{1,2})(?:st|nd|rd|th)?`, ([, weekday, d]) => ({
    kind: 'date',
    date: { weekday: weekdayNamed(weekday ?? ''), day: Number(d) },
  })),
  pattern(`(\\d{1,2})(?:st|nd|rd|th)?\\s{1,3}${WEEKDAY}`, ([, d, weekday]) => ({
    kind: 'date',
    date: { weekday: weekdayNamed(weekday ?? ''), day: Number(d) },
  })),
  pattern('(\\d{1,2})(?:st|nd|rd|th)', ([, d]) => ({ kind: 'date', date: { day: Number(d) } })),
  pattern(WEEKDAY, ([, weekday]) => ({ kind: 'date', date: { weekday: weekdayNamed(weekday ?? '') } })),
  // 10:20, 4:12 pm, 10h20, 10:20:00
  pattern(
    `(\\d{1,2})\\s?[:h]\\s?(\\d\\d)(?::[0-5]\\d)?(?:${HALF}|\\s?hrs?|h)?`,
    ([, h = '', m = '', half, letter]) => hourAt(h, m, half ?? letter),
  ),
  // an hour of universal time, as machines write it
  {
    at: /(\d{2}):?(\d\d)(?::[0-5]\d(?:\.0+)?)?(?=Z|[+-]\d\d:?\d\d)/uy,
    make: ([, h = '', m = '']) => hourAt(h, m, undefined),
  },
  {
    at: /(?:Z|([+-]\d\d):?(\d\d))(?=$|[\s,;|)])/uy,
    make: ([, h, m]) => ({
      kind: 'zone',
      offsetMinutes: h === undefined ? 0 : 60 * Number(h) + (h.startsWith('-') ? -1 : 1) * Number(m),
    }),
  },
  pattern(`(\\d{1,2})\\.(\\d\\d)${HALF}`, ([, h = '', m = '', half, letter]) => hourAt(h, m, half ?? letter)),
  pattern(`(\\d{1,2})${HALF}`, ([, h = '', half, letter]) => hourAt(h, '00', half ?? letter)),
  // 0412, 1020 hrs
  pattern(`(\\d\\d)(\\d\\d)(?:\\s?hrs?|h)?`, ([, h = '', m = '']) => hourAt(h, m, undefined)),
  pattern(`([+-]?(?:\\d{1,4}(?:[.,]\\d{1,3})?|[.]\\d{1,2}))\\s?${UNIT}`, ([, figure = '', unit]) =>
    heightAt(figure, unit),
  ),
  // 10.20: what stands beside it tells
  pattern('(\\d{1,2})\\.([0-5]\\d)', ([text = '', h = '', m = '']) => {
    const hour = hourAt(h, m, undefined);
    const height = { figure: Number(text), unit: null };
    if (hour.kind !== 'hour') return { kind: 'height', height };
    return h.length === 2 && h.startsWith('0') ? hour : { kind: 'either', hour: hour.hour, height };
  }),
  pattern('([+-]?(?:\\d{1,2}[.,]\\d{1,3}|[.]\\d{1,2}))', ([, figure = '']) => heightAt(figure, undefined)),
  pattern('(?:(h)(?:igh)?|l(?:ow)?)(?:[\\s-]?(?:waters?|tides?|w))?[12]?[.:]?', ([, high]) => ({
    kind: 'turn',
    turn: high ? 'high' : 'low',
  })),
  pattern('(?:GMT|UTC|UT)(?:([+-]\\d{1,2})(?::?(\\d\\d))?)?', ([, h, m]) => ({
    kind: 'zone',
    offsetMinutes: h === undefined ? 0 : 60 * Number(h) + (h.startsWith('-') ? -1 : 1) * Number(m ?? 0),
  })),
  {
    at: /([A-Z]{2,4}T)(?=$|[\s,;|)/])/uy,
    make: ([, name = '']) =>
      name in ZONES
        ? { kind: 'zone', offsetMinutes: ZONES[name] as number }
        : name === 'LT'
          ? { kind: 'zone', offsetMinutes: null }
          : { kind: 'unknown', why: 'a zone that is not known here: write it as UTC+1' },
  },
  pattern('local(?:\\s(?:clock\\s)?times?)?', () => ({ kind: 'zone', offsetMinutes: null })),
  pattern('(metres?|meters?|m|feet|ft\\.?)', ([, unit = '']) => ({
    kind: 'unit',
    unit: /^f/i.test(unit) ? 'ft' : 'm',
  })),
  // what tables say around their figures
  pattern(
    '(?:in|at|of|and|to|on|is|are|(?:all )?times?|heights?|hts?|waters?|tides?|tidal|table):?',
    () => null,
  ),
  pattern("[\\p{L}][\\p{L}'’.&-]*:?", () => ({ kind: 'word' })),
  // marks that only part
  pattern('[-–—•·*#=:.]+', () => null),
];

const PARTS = /[\s,;|()/]/u;

/**
 * The pieces of a line, each as what it is. Nothing is passed over but what only parts: a piece with a figure in it that is
 * nothing known is told as not understood.
 */
export function tideTokens(written: string): readonly TideToken[] {
  const line = written
    .replace(/[−‒]|(?<=^|\s)–(?=[\d.])/gu, '-')
    .replace(/[\u00a0\u2007\u2009\u202f]/gu, ' ');
  const tokens: TideToken[] = [];
  for (let at = 0; at < line.length;) {
    if (PARTS.test(line.charAt(at)) || (line.charAt(at) === 'T' && /^T\d/u.test(line.slice(at, at + 2)))) {
      at++;
      continue;
    }
    const { token, length } = tokenAt(line, at);
    if (token) tokens.push(token);
    at += length;
  }
  return tokens;
}

function tokenAt(line: string, at: number): { readonly token: TideToken | null; readonly length: number } {
  for (const { at: expression, make } of PATTERNS) {
    expression.lastIndex = at;
    const found = expression.exec(line);
    if (!found?.[0]) continue;
    const made = make(found);
    return { token: made && { ...made, text: found[0] }, length: found[0].length };
  }
  let end = at + 1;
  while (end < line.length && !PARTS.test(line.charAt(end))) end++;
  return { token: { kind: 'unknown', text: line.slice(at, end) }, length: end - at };
}
