import { meterFromTyping } from '@/core/exposure';
import { type Role } from '@/core/field';
import { plainTyped, SHUTTER_MARKS } from '@/core/units';

/** Columns of a table of readings. `shows` is what the meter showed on any of its scales; the rest may be absent. */
export const COLUMNS = [
  'role',
  'shows',
  'aperture',
  'shutter',
  'iso',
  'ev100',
  'across_percent',
  'down_percent',
  'taken_at',
  'hold',
  'wanted_stops',
  'meter_angle_deg',
  'through',
  'seat_mm',
  'seat_deg',
] as const;
export type Column = (typeof COLUMNS)[number];
export type Cells = Partial<Record<Column, string>>;

/** Words for what was read, as notebooks have them. */
const WORDS: Readonly<Record<Role, readonly string[]>> = {
  sky: ['sky', 's', 'cloud', 'clouds', 'glow', 'horizon'],
  land: [
    'land',
    'l',
    'ground',
    'foreground',
    'fg',
    'beach',
    'sand',
    'rock',
    'rocks',
    'grass',
    'field',
    'hill',
    'snow',
    'heath',
    'moor',
  ],
  water: ['water', 'w', 'sea', 'lake', 'pond', 'tarn', 'river', 'pool'],
  feature: ['feature', 'f', 'tree', 'trees', 'peak', 'tower', 'castle'],
};
const ROLE_WORDS: ReadonlyMap<string, Role> = new Map(
  (Object.entries(WORDS) as [Role, readonly string[]][]).flatMap(([role, words]) =>
    words.map((word) => [word, role] as const),
  ),
);

const HOLD = /^(?:to-?)?h(?:e?ld|old)$/;

/** What was read and whether it is to be held: "sky", "cloud hold"; null for anything else. */
export function spotNamed(text: string): { readonly role: Role; readonly limit: boolean } | null {
  const words = plainTyped(text).toLowerCase().split(' ');
  const role = ROLE_WORDS.get(words[0] ?? '');
  if (!role || words.length > 2) return null;
  const limit = words.length === 2;
  return limit && !HOLD.test(words[1] as string) ? null : { role, limit };
}

/** A number in front of a line, and a time of day. */
const NUMBERED = /^\d{1,3}[.)]\s/;
const CLOCK = /^(\d{1,2}[:h]\d{2}(?::\d{2})?)\s/;

/** A line with its cells run together, without the number in front of it and the colon behind what was read. */
function plainLine(row: readonly string[]): { readonly text: string; readonly at: string } {
  const cells = row.map((c) => c.trim()).filter(Boolean);
  const joined = plainTyped(cells.join(', ')).replace(NUMBERED, '');
  const at = CLOCK.exec(`${joined} `.replace(/^(\S+), /, '$1 '))?.[1] ?? '';
  const text = joined.slice(at.length).replace(/^[, ]+/, '');
  return { at, text: text.replace(/^(\p{L}+) ?: ?/u, '$1 ') };
}

/** Whether a line begins with what was read. */
export const isNotebookLine = (row: readonly string[]): boolean => {
  const { text } = plainLine(row);
  return ROLE_WORDS.has(text.toLowerCase().split(/[ ,:]/)[0] ?? '');
};

/** Two spots on one line are parted by a stroke: "sky 14.3 / land 10.7". */
const STROKE = / \/ (?=\p{L}{3})/u;

/** The readings of a line without headings: what was read, then what the meter showed, in any order. */
export function notebookLines(row: readonly string[]): Cells[] {
  const placed = placedCells(row);
  if (placed) return [placed];
  const { at, text } = plainLine(row);
  return text.split(STROKE).map((part) => {
    const spaced = part
      .replace(/^(\p{L}+) ?: ?/u, '$1 ')
      .replace(/, /g, ' ')
      .replace(/,$/, '');
    const words = spaced.split(' ');
    const length = words.length > 2 && spotNamed(words.slice(0, 2).join(' ')) ? 2 : 1;
    return {
      role: words.slice(0, length).join(' '),
      ...shownCells(words.slice(length).join(' ')),
      ...(at ? { taken_at: at } : {}),
    };
  });
}

/** Cells in the order of the headings that they might have: what was read, f-number, time, ISO; null for any other line. */
function placedCells(row: readonly string[]): Cells | null {
  const [role = '', aperture, shutter, iso = ''] = row.map((c) => c.trim()).filter((c, i) => c || i === 0);
  if (!spotNamed(role) || aperture === undefined || shutter === undefined) return null;
  if (aperture.includes('/') && !/^f/i.test(aperture)) return null;
  if (/^(?:f ?\/|iso)/i.test(shutter)) return null;
  return { role, aperture, shutter, iso: iso.replace(/^iso ?/i, '') };
}

const ISO = /(?:^| )iso ?(\d{1,8})(?= |$)/i;
const F_NUMBER = /(?:^| )f ?\/? ?(\d{1,3}(?:[.,]\d{1,6})?)(?= |$)/i;
/** f-number, time and ISO by their places. */
const IN_ORDER = /^(\d{1,3}(?:[.,]\d{1,6})?) (\S{1,20}(?: (?:s|sec|min|"))?)(?: (\d{1,8}))?$/i;

/** What the meter showed in one text: f-number, time and ISO, named or in this order, or a figure on any of its scales. */
function shownCells(text: string): Cells {
  if (/^ev/i.test(text)) return { shows: text };
  const iso = ISO.exec(text)?.[1] ?? '';
  const withoutIso = text.replace(ISO, '').trim();
  const aperture = F_NUMBER.exec(withoutIso)?.[1] ?? '';
  const rest = aperture ? withoutIso.replace(F_NUMBER, ' ').trim() : withoutIso;
  if (aperture) {
    const [shutter = '', more = ''] = /^(\S+(?: (?:s|sec|min|"))?)(?: (\d{1,8}))?$/.exec(rest)?.slice(1) ?? [
      rest,
    ];
    return { aperture, shutter, iso: iso || more };
  }
  const placed = IN_ORDER.exec(rest);
  // "4000 lux" and "2 min" are one figure with its unit, and no f-number with a time
  if (!placed || meterFromTyping(rest, 'shutter').ok) return { shows: rest, ...(iso ? { iso } : {}) };
  const [, first = '', shutter = '', last = ''] = placed;
  return { aperture: first, shutter, iso: iso || last };
}

/** A bare decimal that no shutter has may be an EV: asked about rather than taken for seconds; null for anything else. */
export function perhapsEv(text: string): string | null {
  const plain = plainTyped(text).replace(',', '.');
  if (!/^\d{1,2}\.\d{1,3}$/.test(plain) || SHUTTER_MARKS.some((m) => m.name === plain)) return null;
  return `${plain} can be an EV or seconds: write EV ${plain}, or ${plain} s`;
}
