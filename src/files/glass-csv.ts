import {
  assumedTransitionMm,
  type Fields,
  GLASS_KINDS,
  kindNamed,
  readLabel,
  TRANSITION_DEFAULTS_MM,
  transitionName,
  type TransitionName,
} from '@/core/glass';
import { type Bag, type Filter, filterFromLabel, freeName, isSheet, MAX_FILTERS, type NewId } from '@/model';
import { schemas } from '@/model/schema/schema';
import { SEATS_OF_GLASS } from '@/model/terms/stand';
import { CellFault, headingsOf, numberCell, tableOf, writeTable } from './csv-table';
import { readPart } from './document';
import { quoted } from './errors';

/** Columns of the values that glass has by its kind. */
const VALUE_COLUMNS = [...new Set(GLASS_KINDS.flatMap((k) => columnsOf(k).map(([, column]) => column)))];

/** Values of a kind that a table has, each with its column. */
function columnsOf({ fields }: { readonly fields: Fields }): (readonly [string, Column])[] {
  return Object.entries(fields).flatMap(([name, { column }]) => (column ? [[name, column] as const] : []));
}

/** Columns of a table of glass: `kind` and `stops`, or a `label` as it is printed on the rim; the rest may be absent. */
const COLUMNS: readonly Column[] = [
  'name',
  'label',
  'kind',
  ...VALUE_COLUMNS,
  'width_mm',
  'length_mm',
  'seam_from_dark_end_mm',
  'measured_stops',
  'body',
  'sits',
  'diameter_mm',
  'remarks',
];
type Column = string;
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
  const unknown = headings.find((h) => h && !COLUMNS.includes(h));
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
    return { ok: true, line, filter: admitted(withCells(base, cells, bag)), assumed };
  } catch (error) {
    if (!(error instanceof CellFault)) throw error;
    return { ok: false, line, column: error.column, message: error.message };
  }
}

/** The column that a part of a filter comes from. */
const COLUMN_OF: ReadonlyMap<string, Column> = new Map([
  ['name', 'name'],
  ['sheetWidthMm', 'width_mm'],
  ['sheetLengthMm', 'length_mm'],
  ['seamFromDarkEndMm', 'seam_from_dark_end_mm'],
  ['measuredStops', 'measured_stops'],
  ['diameterMm', 'diameter_mm'],
  ['remarks', 'remarks'],
  ...GLASS_KINDS.flatMap(columnsOf),
]);

/** A message that names the columns of the table where it named what they are read into. */
const byColumns = (message: string): string =>
  [...COLUMN_OF].reduce((text, [name, column]) => text.replaceAll(name, column), message);

/** A filter as a bag may hold it. */
function admitted(filter: Filter): Filter {
  const read = readPart(schemas('strict').filter, filter);
  if (!read.ok) throw new CellFault(COLUMN_OF.get(read.error.path) ?? 'label', byColumns(read.error.message));
  return filter;
}

function fromLabel({ label = '' }: Cells, bag: Bag, id: string, assumed: string[]): Filter {
  const read = readLabel(label);
  if (!read.ok) throw new CellFault('label', `${quoted(label)} is not understood (${read.reason})`);
  if (read.transitionAssumed) assumed.push('transition');
  if (read.notationAssumed) assumed.push('notation');
  const filter = filterFromLabel(read, id, bag);
  return { ...filter, name: freeName(label.trim(), bag) };
}

/** Kinds that a table may name. */
const NAMED_KINDS = GLASS_KINDS.filter((k) => k.printed).map((k) => k.kind);

function fromKind(cells: Cells, bag: Bag, id: string, assumed: string[]): Filter {
  const kind = NAMED_KINDS.find((k) => k === cells.kind);
  if (!kind) throw new CellFault('kind', `${quoted(cells.kind ?? '')} is not ${orText(NAMED_KINDS)}`);
  const stops = numberCell(cells, 'stops', 'stops');
  const { printed } = kindNamed(kind);
  if (stops === undefined && printed?.usualStops == null)
    throw new CellFault('stops', 'a strength in stops is needed');
  if (printed?.transition && !cells.transition_mm) assumed.push('transition');
  const label = { kind, stops: stops ?? null, transition: null };
  return filterFromLabel({ label, sizeMm: null, body: null }, id, bag);
}

const orText = (words: readonly string[]): string => `${words.slice(0, -1).join(', ')} or ${words.at(-1)}`;

/** A filter with what the other cells say of it. */
function withCells(filter: Filter, cells: Cells, bag: Bag): Filter {
  const { hasBody, fields, seated } = kindNamed(filter.kind);
  const { body } = cells;
  if (body && body !== 'dyed' && body !== 'coated')
    throw new CellFault('body', `${quoted(body)} is not dyed or coated`);
  const { sits } = cells;
  if (sits && !SEATS_OF_GLASS.some((s) => s === sits))
    throw new CellFault('sits', `${quoted(sits)} is not ${orText(SEATS_OF_GLASS)}`);
  const length = (column: Column) => numberCell(cells, column, 'lengthMm');
  const width = length('width_mm');
  const valueOf = (name: string, column: Column) =>
    name === 'transitionMm'
      ? transitionCell(cells, width ?? filter.sheetWidthMm)
      : numberCell(cells, column, fields[name]?.type === 'stops' ? 'stops' : 'lengthMm');
  const told = {
    name: cells.name ? freeName(cells.name, bag) : undefined,
    sheetWidthMm: width,
    sheetLengthMm: length('length_mm'),
    seamFromDarkEndMm: seated ? length('seam_from_dark_end_mm') : undefined,
    measuredStops: seated ? undefined : numberCell(cells, 'measured_stops', 'stops'),
    body: hasBody ? body || undefined : undefined,
    sits: sits || undefined,
    diameterMm: length('diameter_mm'),
    remarks: cells.remarks || undefined,
    ...Object.fromEntries(columnsOf({ fields }).map(([name, column]) => [name, valueOf(name, column)])),
  };
  const isStated = !Number.isNaN(Number(cells.transition_mm?.replace(',', '.') || NaN));
  const given = Object.entries({ ...told, ...(isStated ? { transitionStated: true } : {}) }).filter(
    ([, value]) => value !== undefined,
  );
  return { ...withoutUnsaid(filter, cells), ...Object.fromEntries(given) };
}

/** A filter without what a table has a column for and leaves empty: that is not known, and is not made up. */
function withoutUnsaid(filter: Filter, cells: Cells): Filter {
  if (!cells.kind) return filter;
  const unsaid = [...COLUMN_OF].filter(([name, column]) => OPTIONAL.has(name) && cells[column] === '');
  const gone = new Set(unsaid.map(([name]) => name));
  return Object.fromEntries(Object.entries(filter).filter(([name]) => !gone.has(name))) as Filter;
}

/** What a filter may leave open. */
const OPTIONAL: ReadonlySet<string> = new Set(['sheetWidthMm', 'sheetLengthMm', 'seamFromDarkEndMm']);

/** A transition by its length or by its name. */
function transitionCell(cells: Cells, widthMm?: number): number | undefined {
  const text = cells.transition_mm?.toLowerCase() ?? '';
  if (Object.hasOwn(TRANSITION_DEFAULTS_MM, text))
    return assumedTransitionMm(text as TransitionName, widthMm);
  const figure = text.startsWith(ABOUT) ? text.slice(ABOUT.length) : cells.transition_mm;
  return numberCell({ ...cells, transition_mm: figure ?? '' }, 'transition_mm', 'lengthMm');
}

/** Before the length of a transition that nobody has stated. */
const ABOUT = 'about ';

/** The length of a transition as it is written: stated, its name where it is only taken for that, or about so long. */
function statedTransition({
  transitionMm,
  transitionStated,
  sheetWidthMm,
}: Extract<Filter, { transitionMm: number }>): number | string {
  const name = transitionName(transitionMm, sheetWidthMm);
  if (transitionStated) return transitionMm;
  return transitionMm === assumedTransitionMm(name, sheetWidthMm) ? name : `${ABOUT}${transitionMm}`;
}

/** Writes the glass of a bag as a table that `readGlassCsv` reads back; measured sheets have none and are left out. */
export function writeGlassCsv(filters: readonly Filter[]): string {
  const rows = filters
    .filter((f) => kindNamed(f.kind).printed)
    .map((f): Partial<Record<Column, string | number | undefined>> => ({
      name: f.name,
      kind: f.kind,
      width_mm: f.sheetWidthMm,
      length_mm: f.sheetLengthMm,
      seam_from_dark_end_mm: isSheet(f) ? f.seamFromDarkEndMm : undefined,
      measured_stops: isSheet(f) ? undefined : f.measuredStops,
      body: 'body' in f ? f.body : undefined,
      sits: f.sits,
      diameter_mm: f.diameterMm,
      remarks: f.remarks,
      ...Object.fromEntries(
        columnsOf(kindNamed(f.kind)).map(([name, column]) => [column, f[name as keyof Filter]]),
      ),
      ...('transitionMm' in f ? { transition_mm: statedTransition(f) } : {}),
    }));
  return writeTable(
    COLUMNS.filter((c) => c !== 'label'),
    rows,
  );
}
