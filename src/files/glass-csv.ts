import { readLabel, TRANSITION_DEFAULTS_MM, type TransitionName, assumedTransitionMm } from '@/core/glass';
import { type Bag, type Filter, filterFromLabel, isSheet, MAX_FILTERS, type NewId } from '@/model';
import { schemas } from '@/model/documents/schema';
import { CellFault, headingsOf, numberCell, tableOf, writeTable } from './csv-table';
import { readPart } from './document';
import { quoted } from './errors';

/** Columns of a table of glass: `kind` and `stops`, or a `label` as it is printed on the rim; the rest may be absent. */
const COLUMNS = [
  'name',
  'label',
  'kind',
  'stops',
  'transition_mm',
  'fade_mm',
  'floor_stops',
  'band_mm',
  'width_mm',
  'length_mm',
  'seam_from_dark_end_mm',
  'body',
] as const;
type Column = (typeof COLUMNS)[number];
type Cells = Partial<Record<Column, string>>;

/** A line of the table that was understood, or why it was not; lines are counted as an editor counts them. */
export type GlassRow =
  | { readonly ok: true; readonly line: number; readonly filter: Filter; readonly assumed: readonly string[] }
  | { readonly ok: false; readonly line: number; readonly column: string; readonly message: string };

/**
 * Reads a table of glass, separated by commas, semicolons or tabs, with a line of headings. Filters get new ids; nothing is
 * put into the bag.
 */
export function readGlassCsv(text: string, bag: Bag, newId: NewId): readonly GlassRow[] {
  const table = tableOf(text);
  if (!table.ok) return [table];
  const [head = [], ...rows] = table.rows;
  const headings = headingsOf(head);
  if (!headings.includes('label') && !(headings.includes('kind') && headings.includes('stops')))
    return [
      {
        ok: false,
        line: 1,
        column: 'headings',
        message: 'the first line names the columns: "label", or "kind" and "stops"',
      },
    ];
  const unknown = headings.find((h) => h && !(COLUMNS as readonly string[]).includes(h));
  if (unknown)
    return [{ ok: false, line: 1, column: unknown, message: `the column "${unknown}" is not known here` }];
  let taken: Bag = bag;
  return rows.flatMap((row, i): GlassRow[] => {
    if (row.every((cell) => !cell.trim())) return [];
    const cells: Cells = Object.fromEntries(headings.map((h, k) => [h, row[k]?.trim() ?? '']));
    const result = readRow(cells, i + 2, taken, newId('g'));
    if (result.ok) taken = { ...taken, filters: [...taken.filters, result.filter] };
    return [result];
  });
}

function readRow(cells: Cells, line: number, bag: Bag, id: string): GlassRow {
  try {
    if (bag.filters.length >= MAX_FILTERS)
      throw new CellFault('name', `a bag holds ${MAX_FILTERS} filters at most`);
    const assumed: string[] = [];
    const base = cells.kind ? fromKind(cells, bag, id, assumed) : fromLabel(cells, bag, id, assumed);
    return { ok: true, line, filter: admitted(withCells(base, cells)), assumed };
  } catch (error) {
    if (!(error instanceof CellFault)) throw error;
    return { ok: false, line, column: error.column, message: error.message };
  }
}

/** The column that a part of a filter comes from. */
const COLUMN_OF: Readonly<Record<string, Column>> = {
  name: 'name',
  stops: 'stops',
  baseLossStops: 'stops',
  transitionMm: 'transition_mm',
  fadeMm: 'fade_mm',
  floorStops: 'floor_stops',
  bandWidthMm: 'band_mm',
  sheetWidthMm: 'width_mm',
  sheetLengthMm: 'length_mm',
  seamFromDarkEndMm: 'seam_from_dark_end_mm',
};

/** A filter as a bag may hold it. */
function admitted(filter: Filter): Filter {
  const read = readPart(schemas('strict').filter, filter);
  if (!read.ok) throw new CellFault(COLUMN_OF[read.error.path] ?? 'label', read.error.message);
  return filter;
}

function fromLabel({ label = '' }: Cells, bag: Bag, id: string, assumed: string[]): Filter {
  const read = readLabel(label);
  if (!read.ok) throw new CellFault('label', `${quoted(label)} is not understood (${read.reason})`);
  if (read.transitionAssumed) assumed.push('transition');
  if (read.notationAssumed) assumed.push('notation');
  return filterFromLabel(read, id, bag);
}

function fromKind(cells: Cells, bag: Bag, id: string, assumed: string[]): Filter {
  const kind = cells.kind as string;
  const stops = numberCell(cells, 'stops', 'stops');
  switch (kind) {
    case 'neutral':
    case 'polariser':
    case 'graduated':
    case 'reverse':
    case 'band': {
      if (stops === undefined && kind !== 'polariser')
        throw new CellFault('stops', 'a strength in stops is needed');
      if (kind !== 'neutral' && kind !== 'polariser' && !cells.transition_mm) assumed.push('transition');
      const label = { kind, stops: stops ?? null, transition: null };
      return filterFromLabel({ label, sizeMm: null, body: null }, id, bag);
    }
    default:
      throw new CellFault('kind', `${quoted(kind)} is not graduated, reverse, band, neutral or polariser`);
  }
}

/** A filter with what the other cells say of it. */
function withCells(filter: Filter, cells: Cells): Filter {
  const length = (column: Column) => numberCell(cells, column, 'lengthMm');
  const given = <T extends object>(part: T): Partial<T> =>
    Object.fromEntries(Object.entries(part).filter(([, value]) => value !== undefined)) as Partial<T>;
  const { body } = cells;
  if (body && body !== 'dyed' && body !== 'coated')
    throw new CellFault('body', `${quoted(body)} is not dyed or coated`);
  const common = given({
    name: cells.name || undefined,
    sheetWidthMm: length('width_mm'),
    sheetLengthMm: length('length_mm'),
  });
  const glass =
    filter.kind === 'polariser' ? {} : given({ body: (body || undefined) as 'dyed' | 'coated' | undefined });
  if (!isSheet(filter) || filter.kind === 'measured') return { ...filter, ...common, ...glass };
  const seam = length('seam_from_dark_end_mm');
  const sheet = { ...filter, ...common, ...glass, ...given({ seamFromDarkEndMm: seam }) };
  if (seam !== undefined && seam > (sheet.sheetLengthMm ?? Infinity))
    throw new CellFault('seam_from_dark_end_mm', 'the seam lies on the sheet: at most length_mm');
  const transitionMm = transitionCell(cells, sheet.sheetWidthMm) ?? filter.transitionMm;
  if (filter.kind === 'band')
    return { ...sheet, transitionMm, bandWidthMm: length('band_mm') ?? filter.bandWidthMm } as Filter;
  if (filter.kind === 'graduated') return { ...sheet, transitionMm };
  const floorStops = numberCell(cells, 'floor_stops', 'stops') ?? filter.floorStops;
  if (floorStops > filter.stops) throw new CellFault('floor_stops', `at most its ${filter.stops} stops`);
  return { ...sheet, transitionMm, floorStops, fadeMm: length('fade_mm') ?? filter.fadeMm } as Filter;
}

/** A transition by its length or by its name. */
function transitionCell(cells: Cells, widthMm?: number): number | undefined {
  const text = cells.transition_mm?.toLowerCase() ?? '';
  return Object.hasOwn(TRANSITION_DEFAULTS_MM, text)
    ? assumedTransitionMm(text as TransitionName, widthMm)
    : numberCell(cells, 'transition_mm', 'lengthMm');
}

/** Writes the glass of a bag as a table that `readGlassCsv` reads back; measured sheets have none and are left out. */
export function writeGlassCsv(filters: readonly Filter[]): string {
  const rows = filters
    .filter((f) => f.kind !== 'measured')
    .map((f): Partial<Record<Column, string | number | undefined>> => ({
      name: f.name,
      kind: f.kind,
      stops: f.kind === 'polariser' ? f.baseLossStops : f.stops,
      width_mm: f.sheetWidthMm,
      length_mm: f.sheetLengthMm,
      ...(f.kind === 'polariser' ? {} : { body: f.body }),
      ...(isSheet(f) ? { transition_mm: f.transitionMm, seam_from_dark_end_mm: f.seamFromDarkEndMm } : {}),
      ...(f.kind === 'reverse' ? { fade_mm: f.fadeMm, floor_stops: f.floorStops } : {}),
      ...(f.kind === 'band' ? { band_mm: f.bandWidthMm } : {}),
    }));
  return writeTable(
    COLUMNS.filter((c) => c !== 'label'),
    rows,
  );
}
