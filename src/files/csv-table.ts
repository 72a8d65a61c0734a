import Papa from 'papaparse';
import { isWithin, type Quantity } from '@/model';

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

/** The rows of a table whose cells are separated by commas, semicolons or tabs, as its first line has them. */
export function tableOf(text: string): string[][] {
  const plain = text.replace(/^\uFEFF/, '');
  const [firstLine = ''] = plain.split(/\r?\n/, 1);
  const delimiter = [';', '\t'].find((d) => firstLine.includes(d)) ?? ',';
  return Papa.parse<string[]>(plain, { delimiter }).data;
}

/** Headings as columns are named: "Width mm" is `width_mm`. */
export const headingsOf = (head: readonly string[]): string[] =>
  head.map((h) => h.trim().toLowerCase().replace(/[ -]+/g, '_'));

/** The part of a text that a message repeats. */
export const quoted = (text: string): string => `"${text.slice(0, 40)}"`;

/** A number of some quantity in a cell; undefined where the cell is empty. */
export function numberCell<C extends string>(
  cells: Readonly<Partial<Record<C, string>>>,
  column: C,
  quantity: Quantity,
): number | undefined {
  const text = cells[column];
  if (!text) return undefined;
  const value = Number(text.replace(',', '.'));
  if (!Number.isFinite(value)) throw new CellFault(column, `${quoted(text)} is no number`);
  if (!isWithin(quantity, value)) throw new CellFault(column, `${value} is out of range`);
  return value;
}

/** Writes a table; what a table would reckon with as a formula is written as text. */
export function writeTable<C extends string>(
  columns: readonly C[],
  rows: readonly Partial<Record<C, string | number | undefined>>[],
): string {
  const cell = (value: string | number | undefined) =>
    typeof value === 'string' ? value.replace(/^[=+\-@\t\r]/, "'$&") : (value ?? '');
  return `${Papa.unparse({ fields: [...columns], data: rows.map((r) => columns.map((c) => cell(r[c]))) })}\r\n`;
}
