import { apertureInTenths, meterFromTyping } from '@/core/exposure';
import { nearestShutterMark } from '@/core/units';
import { type Bag, isSheet, isWithin, type MeteredLight, type Reading, type Stand } from '@/model';
import { schemas } from '@/model/schema/schema';
import { CellFault, headingsOf, momentCell, numberCell, tableOf, writeTable } from './csv-table';
import { readPart } from './document';
import { quoted } from './errors';
import {
  type Cells,
  type Column,
  COLUMNS,
  isNotebookLine,
  notebookLines,
  perhapsEv,
  spotNamed,
} from './readings-notebook';
import { standFileName } from './stand-file';

/** A reading that has no id yet. */
export type PastedReading = Omit<Reading, 'id'>;

/** A line that was understood, with what was taken from the line before; or why it was not. Lines count from 1. */
export type ReadingRow =
  | {
      readonly ok: true;
      readonly line: number;
      readonly reading: PastedReading;
      readonly assumed: readonly string[];
    }
  | { readonly ok: false; readonly line: number; readonly column: string; readonly message: string };

/** What a table of readings is read with. */
export interface ReadingsContext {
  readonly bag: Bag;
  /** The meter's settings where the first lines do not say them. */
  readonly aperture: number;
  readonly iso: number;
  /** The day of times without a date, ISO 8601. */
  readonly day: string;
}

/** Names that columns have in notebooks. */
const ALIASES: ReadonlyMap<string, Column> = new Map(
  Object.entries<Column>({
    what: 'role',
    spot: 'role',
    reading: 'shows',
    meter: 'shows',
    f: 'aperture',
    'f/': 'aperture',
    time: 'shutter',
    s: 'shutter',
    ev: 'ev100',
    at: 'taken_at',
    tone: 'wanted_stops',
    glass: 'through',
  }),
);

/**
 * Reads a table of readings, with a line of headings or as a notebook has them: what was read, then f-number, time and ISO
 * ("sky, 8, 250, 100"; "land 8 1/30"), or what the meter showed ("sky, EV 13"). An f-number or an ISO that a line leaves out
 * is that of the line before. A bare whole time is a reciprocal (formats).
 */
export function readReadingsCsv(text: string, context: ReadingsContext): ReadingRow[] {
  const read = tableOf(text);
  if (!read.ok) return [read];
  const table = read.rows;
  const head = table.find((row) => row.some((c) => c.trim())) ?? [];
  const at = table.indexOf(head);
  const columns = hasHeadings(head) || !table.some(isNotebookLine) ? columnsOf(head) : null;
  if (columns && 'fault' in columns) return [{ ok: false, line: at + 1, ...columns.fault }];
  let { aperture, iso } = context;
  const rowOf = (cells: Cells, line: number): ReadingRow => {
    try {
      const { assumed, ...reading } = admitted(readingOf(cells, { ...context, aperture, iso }));
      aperture = reading.aperture ?? aperture;
      iso = reading.iso ?? iso;
      return { ok: true, line, reading, assumed };
    } catch (error) {
      if (!(error instanceof CellFault)) throw error;
      return { ok: false, line, column: error.column, message: error.message };
    }
  };
  return table.flatMap((row, i): ReadingRow[] => {
    if (row.every((c) => !c.trim()) || (columns && i <= at)) return [];
    const all = columns
      ? [Object.fromEntries(columns.names.map((name, k) => [name, row[k]?.trim() ?? '']))]
      : notebookLines(row);
    return all.map((cells) => rowOf(cells, i + 1));
  });
}

/** The column that a part of a reading comes from. */
const COLUMN_OF: Readonly<Record<string, Column>> = {
  aperture: 'aperture',
  shutter: 'shutter',
  iso: 'iso',
  ev100: 'ev100',
  u: 'across_percent',
  v: 'down_percent',
  takenAt: 'taken_at',
  wantedToneStops: 'wanted_stops',
  spotAngleDeg: 'meter_angle_deg',
};

/** A reading as a stand may hold it. */
function admitted<R extends PastedReading & { readonly assumed: readonly string[] }>(read: R): R {
  const { assumed: _, ...reading } = read;
  const part = readPart(schemas('strict').stand.shape.readings.element, { ...reading, id: 'r' });
  if (!part.ok) throw new CellFault(COLUMN_OF[part.error.path] ?? 'shows', part.error.message);
  return read;
}

/** Whether a line names columns, the role's among them. */
const hasHeadings = (row: readonly string[]): boolean =>
  headingsOf([...row]).some((h) => (ALIASES.get(h) ?? h) === 'role');

function columnsOf(
  head: readonly string[],
): { names: Column[] } | { fault: { column: string; message: string } } {
  const names = headingsOf(head).map((h) => ALIASES.get(h) ?? h);
  const unknown = names.find((h) => h && !(COLUMNS as readonly string[]).includes(h));
  if (!names.includes('role'))
    return {
      fault: {
        column: 'headings',
        message: 'begin with what was read, as in "sky, 8, 250, 100", or name the columns: "role" and more',
      },
    };
  return unknown === undefined
    ? { names: names as Column[] }
    : { fault: { column: unknown, message: `the column "${unknown.slice(0, 40)}" is not known here` } };
}

function readingOf(
  cells: Cells,
  context: ReadingsContext,
): PastedReading & { readonly assumed: readonly string[] } {
  const named = spotNamed(cells.role ?? '');
  if (!named) throw new CellFault('role', `${quoted(cells.role ?? '')} is not sky, land, water or feature`);
  const { light, assumed } = lightOf(cells, context);
  const u = percentCell(cells, 'across_percent');
  const v = percentCell(cells, 'down_percent');
  if ((u === undefined) !== (v === undefined))
    throw new CellFault(
      u === undefined ? 'across_percent' : 'down_percent',
      'across and down come together or not at all',
    );
  const limit = named.limit || isHeld(cells.hold ?? '');
  const wanted = numberCell(cells, 'wanted_stops', 'toneStops');
  const angle = numberCell(cells, 'meter_angle_deg', 'spotAngleDeg');
  const takenAt = cells.taken_at ? momentCell(cells.taken_at, 'taken_at', context.day) : undefined;
  return {
    role: named.role,
    ...light,
    ...throughOf(cells, context.bag),
    ...(u !== undefined && v !== undefined ? { u, v } : {}),
    ...(takenAt === undefined ? {} : { takenAt }),
    ...(limit ? { limit } : {}),
    ...(wanted ? { wantedToneStops: wanted } : {}),
    ...(angle === undefined ? {} : { spotAngleDeg: angle }),
    assumed,
  };
}

/** What the meter showed: an EV, or settings, of which those that a line leaves out are kept from before. */
function lightOf(cells: Cells, kept: ReadingsContext): { light: MeteredLight; assumed: string[] } {
  const ev = numberCell(cells, 'ev100', 'ev100');
  if (ev !== undefined) return { light: { ev100: ev }, assumed: [] };
  const column = cells.shows ? 'shows' : 'shutter';
  const text = cells.shows || cells.shutter || '';
  const doubt = column === 'shows' ? perhapsEv(text) : null;
  if (doubt) throw new CellFault(column, doubt);
  const read = meterFromTyping(text, 'shutter');
  if (!read.ok)
    throw new CellFault(
      column,
      read.reason === 'out-of-range'
        ? `${quoted(text)} is out of range`
        : `${quoted(text)} is nothing that a meter shows`,
    );
  if (read.scale !== 'shutter') {
    if (!isWithin('ev100', read.ev100)) throw new CellFault(column, `${quoted(text)} is out of range`);
    return { light: { ev100: Math.round(read.ev100 * 1000) / 1000 }, assumed: [] };
  }
  const given = { aperture: apertureCell(cells), iso: numberCell(cells, 'iso', 'iso') };
  const aperture = given.aperture ?? kept.aperture;
  const iso = given.iso ?? kept.iso;
  const near = nearestShutterMark(read.seconds);
  const shutter = near && Math.abs(near.errorStops) < 1e-9 ? near.mark.name : read.seconds;
  const assumed = [
    given.aperture === undefined && `f/${kept.aperture}`,
    given.iso === undefined && `ISO ${kept.iso}`,
  ].filter((part) => part !== false);
  return { light: { aperture, shutter, iso }, assumed };
}

/** An f-number, plain or in tenths as hand meters show it. */
function apertureCell(cells: Cells): number | undefined {
  const text = (cells.aperture ?? '').replace(/^f ?\/? ?/i, '');
  const tenths = apertureInTenths(text);
  const plain = { aperture: tenths ? String(Number(tenths.exact.toFixed(3))) : text };
  return numberCell(plain, 'aperture', 'aperture');
}

function percentCell(cells: Cells, column: 'across_percent' | 'down_percent'): number | undefined {
  const text = (cells[column] ?? '').replace('%', '').trim();
  if (!text) return undefined;
  // without the dust of the division
  const part = Number((Number(text.replace(',', '.')) / 100).toFixed(8));
  if (!isWithin('placed', part)) throw new CellFault(column, `${quoted(text)} is not between 0 and 100`);
  return part;
}

function isHeld(text: string): boolean {
  if (/^(|no|n|false|0|-)$/i.test(text)) return false;
  if (/^(yes|y|true|1|x|hold|held)$/i.test(text)) return true;
  throw new CellFault('hold', `${quoted(text)} is neither yes nor no`);
}

/** The glass that the meter looked through, by ids of the bag, and the seat of a grad among it. */
function throughOf(cells: Cells, bag: Bag): Pick<MeteredLight, 'throughFilterIds' | 'seat'> {
  const ids = (cells.through ?? '').split(/[|+]/).flatMap((id) => id.trim() || []);
  const known = new Map(bag.filters.map((f) => [f.id, f]));
  const unknown = ids.find((id) => !known.has(id));
  if (unknown !== undefined) throw new CellFault('through', `the bag has no filter ${quoted(unknown)}`);
  const offsetMm = numberCell(cells, 'seat_mm', 'offsetMm');
  const turnDeg = numberCell(cells, 'seat_deg', 'turnDeg') ?? 0;
  const sheet = ids.find((id) => {
    const filter = known.get(id);
    return filter && isSheet(filter);
  });
  if (offsetMm !== undefined && sheet === undefined)
    throw new CellFault('seat_mm', 'a seat belongs to a grad that is named under "through"');
  return {
    ...(ids.length ? { throughFilterIds: ids } : {}),
    ...(sheet !== undefined && offsetMm !== undefined
      ? { seat: { filterId: sheet, offsetMm, turnDeg } }
      : {}),
  };
}

/** Writes readings as a table that `readReadingsCsv` reads back; their history, and that they came from a picture, have no column. */
export const writeReadingsCsv = (readings: readonly Reading[]): string =>
  writeTable(
    COLUMNS.filter((c) => c !== 'shows'),
    readings.map((r) => ({
      role: r.role,
      aperture: r.aperture,
      shutter: shutterCell(r.shutter),
      iso: r.iso,
      ev100: r.ev100,
      across_percent: r.u === undefined ? undefined : percent(r.u),
      down_percent: r.v === undefined ? undefined : percent(r.v),
      taken_at: r.takenAt,
      hold: r.limit ? 'yes' : undefined,
      wanted_stops: r.wantedToneStops,
      meter_angle_deg: r.spotAngleDeg,
      through: r.throughFilterIds?.join('|'),
      seat_mm: r.seat?.offsetMm,
      seat_deg: r.seat?.turnDeg,
    })),
  );

const percent = (part: number): number => Number((100 * part).toFixed(6));

/** A time that is read back as it is: seconds carry their mark. */
function shutterCell(shutter: Reading['shutter']): string | undefined {
  if (shutter === undefined) return undefined;
  const text = String(shutter);
  return /[/s]/.test(text) ? text : `${text}s`;
}

/** What a stand's table of readings is called. */
export const readingsFileName = (stand: Stand): string =>
  standFileName(stand).replace('.paleseam.json', '-readings.csv');
