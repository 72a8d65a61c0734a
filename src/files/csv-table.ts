import Papa from 'papaparse';
import { isWithin, type Quantity } from '@/model';
import { quoted } from './errors';

/** What a table is made of, whatever it is a table of. */

/** A cell that cannot be understood. */
export class CellFault extends Error {
  constructor(
    readonly column: string,
    message: string,
  ) {
    super(message);
  }
}

/** What is read of a table: characters, lines, and characters of a cell. */
const MAX_TABLE = 1_000_000;
export const MAX_LINES = 5_000;
const MAX_CELL = 10_000;

/** A table's rows, or why none of it is read. */
export type Table =
  | { readonly ok: true; readonly rows: string[][] }
  | { readonly ok: false; readonly line: number; readonly column: string; readonly message: string };

/** The rows of a table whose cells are separated by commas, semicolons or tabs, as its first line has them. */
export function tableOf(text: string): Table {
  const refused = (line: number, message: string): Table => ({ ok: false, line, column: 'table', message });
  if (text.length > MAX_TABLE) return refused(1, `a table has at most ${MAX_TABLE / 1e6} MB`);
  const plain = text.replace('\uFEFF', '');
  const firstLine = plain.slice(0, (plain.indexOf('\n') + 1 || plain.length + 1) - 1);
  const delimiter = [';', '\t'].find((d) => firstLine.includes(d)) ?? ',';
  const rows = Papa.parse<string[]>(plain, { delimiter, preview: MAX_LINES + 1 }).data;
  if (rows.length > MAX_LINES) return refused(MAX_LINES + 1, `a table has at most ${MAX_LINES} lines`);
  const long = rows.findIndex((row) => row.some((cell) => cell.length > MAX_CELL));
  if (long >= 0) return refused(long + 1, `a cell has at most ${MAX_CELL} characters`);
  return { ok: true, rows: rows.map((row) => row.map(readCell)) };
}

/** What a table would reckon with as a formula is written as text, behind an apostrophe; one that is such a text already too. */
const FORMULA = /^'*[=+\-@\t\r]/;
const writtenCell = (text: string): string => (FORMULA.test(text) ? `'${text}` : text);
const readCell = (text: string): string =>
  text.startsWith("'") && FORMULA.test(text) ? text.slice(1) : text;

/** Headings as columns are named: "Width mm" is `width_mm`. */
export const headingsOf = (head: readonly string[]): string[] =>
  head.map((h) => h.trim().toLowerCase().replace(/[ -]+/g, '_'));

/** A number of some quantity in a cell; undefined where the cell is empty. */
export function numberCell<C extends string>(
  cells: Readonly<Partial<Record<C, string>>>,
  column: C,
  quantity: Quantity,
): number | undefined {
  const text = cells[column];
  if (!text) return undefined;
  const value = Number(
    THOUSANDS.test(text) && quantity === 'iso' ? text.replaceAll(',', '') : text.replace(',', '.'),
  );
  if (!Number.isFinite(value)) throw new CellFault(column, `${quoted(text)} is no number`);
  if (!isWithin(quantity, value)) throw new CellFault(column, `${value} is out of range`);
  return value;
}

/**
 * A moment with its date, or a time of day of a day, as clocks here show it.
 *
 * @param day absent: a time of day alone is refused
 * @returns ISO 8601
 */
export function momentCell(text: string, column: string, day?: string): string {
  const clock = day === undefined ? null : /^(\d{1,2})[:.h](\d{2})(?:[:.](\d{2}))?$/.exec(text);
  const date = new Date(clock ? (day ?? '') : text);
  if (clock) date.setHours(Number(clock[1]), Number(clock[2]), Number(clock[3] ?? 0), 0);
  const isReal =
    !Number.isNaN(date.getTime()) && (!clock || (Number(clock[1]) < 24 && Number(clock[2]) < 60));
  if (!isReal || (!clock && !/^\d{4}-\d{2}-\d{2}T/.test(text)))
    throw new CellFault(
      column,
      `${quoted(text)} is no time: write ${day === undefined ? '' : '05:41, or '}2026-03-14T05:41:00Z`,
    );
  const year = date.getUTCFullYear();
  if (year < YEARS[0] || year > YEARS[1])
    throw new CellFault(column, `${quoted(text)} is in no year between ${YEARS[0]} and ${YEARS[1]}`);
  return date.toISOString();
}

/** Years in which light was or will be metered. */
const YEARS = [1900, 2100] as const;

/** A whole number with its thousands marked off: an ISO has no decimals to be told from them. */
const THOUSANDS = /^\d{1,3}(?:,\d{3})+$/;

/** Writes a table that `tableOf` reads back the same. */
export function writeTable<C extends string>(
  columns: readonly C[],
  rows: readonly Partial<Record<C, string | number | undefined>>[],
): string {
  const cell = (value: string | number | undefined) =>
    typeof value === 'string' ? writtenCell(value) : (value ?? '');
  const data = rows.map((r) => columns.map((c) => cell(r[c])));
  // other programs take semicolons and tabs for the ends of cells
  const quotes = (value: unknown) => typeof value === 'string' && /[;\t]/.test(value);
  return `${Papa.unparse({ fields: [...columns], data }, { quotes })}\r\n`;
}
