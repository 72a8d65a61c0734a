import { type Notation, stopsFromLabel } from '@/core/units';

/** The figures of a label, taken out of it one after another. */

const NUMBER = String.raw`\d{1,9}(?:[.,]\d{1,9})?|[.,]\d{1,9}`;
const FRACTION = String.raw`(?:\d{1,3}[ -])?\d{1,3}\/\d{1,3}`;

/** Fractions that are one letter. */
const GLYPHS: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
};

/** Figures that are written out. */
const WRITTEN: Readonly<Record<string, string>> = {
  half: '1/2',
  one: '1',
  two: '2',
  three: '3',
  four: '4',
  five: '5',
  six: '6',
  seven: '7',
  eight: '8',
  nine: '9',
  ten: '10',
  fifteen: '15',
  twenty: '20',
};
const WRITTEN_STOPS = new RegExp(
  String.raw`(?<!\p{L})(${Object.keys(WRITTEN).join('|')})[ -]?(?=(?:f )?stops?(?!\p{L}))`,
  'gu',
);

/**
 * A label spelled so that its words and figures stand apart: "S-GND0.9" is "s gnd 0.9", "1½" is "1 1/2", "10-stop" is
 * "10 stop"; a hyphen between two figures stays, since it may be a range.
 */
export function spelled(text: string): string {
  return text
    .toLowerCase()
    .replace(
      /(\d?)([½⅓⅔¼¾])/g,
      (_, whole: string, glyph: string) => `${whole ? `${whole} ` : ''}${GLYPHS[glyph]}`,
    )
    .replace(WRITTEN_STOPS, (_, word: string) => `${WRITTEN[word]} `)
    .replace(/[’']s\b/g, '’')
    .replace(/[()[\]]/g, ' ')
    .replace(/(\p{L})[-–](?=\p{L})/gu, '$1 ')
    .replace(/(\p{L})[-–]?(?=\d)/gu, (whole, letter: string) => (/[x]/.test(letter) ? whole : `${letter} `))
    .replace(/(\d)[-–]?(?=\p{L})/gu, (whole, digit: string, at: number, all: string) =>
      /x/.test(all[at + whole.length]) ? whole : `${digit} `,
    )
    .replace(/\s+/g, ' ')
    .trim();
}

const numeric = (text: string): number => {
  const [whole, fraction] = text.includes('/') ? text.replace(/^(\d+)[ -](?=\d)/, '$1|').split('|') : [text];
  const part = (t: string) => {
    const [over, under] = t.split('/');
    return under === undefined ? Number(t.replace(',', '.')) : Number(over) / Number(under);
  };
  return part(whole) + (fraction === undefined ? 0 : part(fraction));
};

const UNIT = String.raw`(?: ?(mm|cm|in|inch|"|″|”)(?!\p{L}))?`;
const SIZE = new RegExp(String.raw`(${NUMBER})${UNIT} ?[x×*] ?(${NUMBER})${UNIT}`, 'u');
const ROUND = /(?:^|\s)(?:[ø⌀] ?(\d{2,3})(?: mm)?|(\d{2,3}) mm)(?![\p{L}\d])/u;
const MM_PER_INCH = 25.4;
/** No sheet is so small in millimetres: such figures are inches. */
const SMALLEST_MM = 20;

export interface Sized {
  readonly sizeMm: { readonly width: number; readonly length: number } | null;
  readonly diameterMm: number | null;
  readonly rest: string;
}

/** Takes the size out of a label: "100 x 150", "4x6" and 4" x 6" in inches, "82 mm" of round glass. */
export function takeSize(text: string): Sized {
  const size = SIZE.exec(text);
  if (size) {
    const [all, a = '', unitA, b = '', unitB] = size;
    const unit = unitB ?? unitA;
    const figures = [numeric(a), numeric(b)];
    const inches = unit ? !/mm|cm/.test(unit) : Math.max(...figures) < SMALLEST_MM;
    const toMm = inches ? MM_PER_INCH : unit === 'cm' ? 10 : 1;
    const [width = 0, length = 0] = figures.map((f) => Math.round(f * toMm * 10) / 10).sort((x, y) => x - y);
    return { sizeMm: { width, length }, diameterMm: null, rest: text.replace(all, ' ') };
  }
  const round = ROUND.exec(text);
  if (!round) return { sizeMm: null, diameterMm: null, rest: text };
  return { sizeMm: null, diameterMm: Number(round[1] ?? round[2]), rest: text.replace(round[0], ' ') };
}

/** A strength as it is printed. */
export interface Strength {
  readonly text: string;
  readonly value: number;
  /** Null where it could be two. */
  readonly notation: Notation | null;
  readonly assumed: boolean;
  /** What it may be, as it can be typed in its place, where it could be two. */
  readonly readings: readonly string[];
}

/** Whether a number looks like an optical density: with a decimal, and a multiple of 0.15, as half stops are. */
export function looksLikeDensity(text: string, value: number): boolean {
  return /[.,]/.test(text) && value < 6.1 && Math.abs(value / 0.15 - Math.round(value / 0.15)) < 1e-6;
}

/** Factors that glass is sold by. */
export const isUsualFactor = (value: number): boolean =>
  Number.isInteger(value) && (Number.isInteger(Math.log2(value)) || value > STOPS_OR_FACTOR);

/** Whole numbers up to here may be stops as well. */
const STOPS_OR_FACTOR = 20;

/** The notation of a number behind ND: with a decimal a density; a whole one is a factor where glass is sold by it. */
function behindNd(text: string, value: number): Notation | null {
  if (/[.,]/.test(text)) return 'density';
  return isUsualFactor(value) && value > 1 ? 'factor' : null;
}

/** The likeliest notation of a number that stands alone; null where two are as likely. */
function bareNotation(text: string, value: number): Notation | null {
  if (looksLikeDensity(text, value)) return 'density';
  if (/[.,]/.test(text)) return null;
  if (!Number.isInteger(value)) return 'stops';
  if (value <= 7 || value === 10 || value === 9) return 'stops';
  return value >= 32 ? 'factor' : null;
}

const STRENGTHS: readonly (readonly [RegExp, Notation | 'nd' | 'bare'])[] = [
  [new RegExp(String.raw`(${FRACTION}|${NUMBER}) ?(?:f )?(?:stops?|ev)(?!\p{L})`, 'gu'), 'stops'],
  [new RegExp(String.raw`(?:density|od) ?(${NUMBER})|(${NUMBER}) ?density`, 'gu'), 'density'],
  [new RegExp(String.raw`(?<!\p{L})([a-z]*nd)[ -]?(${NUMBER})(?![\d.])`, 'gu'), 'nd'],
  [new RegExp(String.raw`(?:(${NUMBER}) ?[x×]|[x×] ?(${NUMBER}))(?![\w])`, 'gu'), 'factor'],
  [new RegExp(String.raw`(${FRACTION}|${NUMBER})(?![\w.])`, 'gu'), 'bare'],
];

/** Two figures and what parts them; further ones on either side make it a date or something else. */
const RANGE = new RegExp(
  String.raw`(?<![\p{L}\d:-])((?:[a-z]*nd|vari\p{L}*)? ?)(${NUMBER})(?: ?(?:-|–|to) ?(?:nd ?)?| nd )(${NUMBER})( ?(?:stops?|ev))?(?![\w.:-])`,
  'u',
);
/** No variable glass goes further than this in stops: larger figures are factors. */
const MOST_RANGE_STOPS = 12;

function takeRange(text: string): { range: readonly [number, number] | null; rest: string } {
  const found = RANGE.exec(text);
  if (!found) return { range: null, rest: text };
  const [all, , from = '', to = '', stops] = found;
  const figures = [numeric(from), numeric(to)];
  const isStops = !!stops || Math.max(...figures) <= MOST_RANGE_STOPS;
  const [least = 0, most = 0] = figures
    .map((f) => (isStops ? f : Math.round(stopsFromLabel(f, 'factor') * 10) / 10))
    .sort((a, b) => a - b);
  return { range: [least, most], rest: text.replace(all, ' nd ') };
}

/** Takes all strengths out of a label and gives what is left of it. */
export function takeStrengths(text: string): {
  readonly strengths: readonly Strength[];
  readonly range: readonly [number, number] | null;
  readonly rest: string;
} {
  const ranged = takeRange(text);
  if (ranged.range) return { ...ranged, strengths: [] };
  const strengths: Strength[] = [];
  let rest = text;
  for (const [pattern, how] of STRENGTHS)
    rest = rest.replace(pattern, (whole: string, ...groups: unknown[]) => {
      const word = how === 'nd' ? (groups.shift() as string) : '';
      const digits = groups.slice(0, 2).find((g) => typeof g === 'string') as string;
      const value = numeric(digits);
      const notation =
        how === 'nd' ? behindNd(digits, value) : how === 'bare' ? bareNotation(digits, value) : how;
      strengths.push({
        text: how === 'nd' ? digits : whole.trim(),
        value,
        notation,
        assumed: how === 'bare',
        readings: notation ? [] : readingsOf(digits),
      });
      return ` ${word} `;
    });
  return { strengths, range: null, rest };
}

/** What a figure may be: stops, and density where it has a decimal, else a factor. */
const readingsOf = (digits: string): string[] => [
  `${digits} ${Number(digits.replace(',', '.')) === 1 ? 'stop' : 'stops'}`,
  /[.,]/.test(digits) ? `density ${digits}` : isUsualFactor(Number(digits)) ? `ND${digits}` : `${digits}x`,
];
