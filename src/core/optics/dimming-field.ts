import { type DimmingTable, readAlong, tableDimmingAt } from './dimming-table';
import { acrossSeam, type FrameSize, type Lens, type Seat, sheetScale, slantFactor } from './projection';

/** A raster of cell centres over the frame, looked at through glass at a seat. */
export interface FieldRaster {
  readonly lens: Lens;
  readonly seat: Seat;
  readonly frame: FrameSize;
  readonly columns: number;
  readonly rows: number;
}

/** The dimming of a set as tables: for light that meets it squarely, and where it is dyed for the most slanting light. */
export interface SlantTables {
  readonly square: DimmingTable;
  readonly slanting: { readonly table: DimmingTable; readonly slant: number } | null;
}

/** Steps of the line that rows are cut from are at most so long on the sheet, mm, and not more than so many. */
const FINEST_MM = 0.01;
const LONGEST_LINE = 60_000;

/**
 * Dimming of every cell of a raster, row by row, stops. Fast path of `tableDimmingAt` at each centre: along a row the
 * height on the sheet grows by even steps, so that every row is a stretch of one line, and is copied from it.
 */
export function dimmingField(
  tables: SlantTables,
  raster: FieldRaster,
  out = new Float32Array(raster.columns * raster.rows),
): Float32Array {
  fieldFromTable(tables.square, raster, out);
  if (!tables.slanting) return out;
  const { table, slant } = tables.slanting;
  const most = fieldFromTable(table, raster, new Float32Array(out.length));
  const { columns, rows, frame, lens } = raster;
  for (let row = 0, i = 0; row < rows; row++)
    for (let column = 0; column < columns; column++, i++) {
      const x = ((column + 0.5) / columns - 0.5) * frame.widthMm;
      const h = (0.5 - (row + 0.5) / rows) * frame.heightMm;
      const part = (slantFactor(lens, { x, h }) - 1) / (slant - 1);
      out[i] += part * (most[i] - out[i]);
    }
  return out;
}

function fieldFromTable(table: DimmingTable, raster: FieldRaster, out: Float32Array): Float32Array {
  const { lens, seat, frame, columns, rows } = raster;
  const { sin, cos } = acrossSeam(seat.turnDeg);
  const scale = sheetScale(lens);
  const perColumn = (frame.widthMm * sin * scale) / columns;
  const perRow = (-frame.heightMm * cos * scale) / rows;
  // height of the first cell of a row: the frame's middle, half a width to the left, half a cell in
  const startOf = (row: number) =>
    (row + 0.5 - rows / 2) * perRow + (0.5 - columns / 2) * perColumn - seat.offsetMm;
  const first = startOf(0);
  const last = startOf(rows - 1);
  if (Math.abs(perColumn) < 1e-9) {
    for (let row = 0; row < rows; row++)
      out.fill(tableDimmingAt(table, startOf(row)), row * columns, (row + 1) * columns);
    return out;
  }
  const phases = Math.ceil(Math.abs(perColumn) / FINEST_MM);
  const step = perColumn / phases;
  const from = step > 0 ? Math.min(first, last) : Math.max(first, last);
  const count = Math.ceil(Math.abs(last - first) / Math.abs(perColumn)) + columns + 1;
  if (count * phases > LONGEST_LINE) return fieldCellByCell(table, raster, out, startOf, perColumn);
  const lines = Array.from({ length: phases }, (_, phase) =>
    readAlong(table, from + phase * step, perColumn, new Float32Array(count)),
  );
  for (let row = 0; row < rows; row++) {
    const at = Math.round((startOf(row) - from) / step);
    const start = Math.floor(at / phases);
    const line = lines[at - start * phases];
    out.set(line.subarray(start, start + columns), row * columns);
  }
  return out;
}

/** For a seam that is turned by next to nothing, whose line would be too long. */
function fieldCellByCell(
  table: DimmingTable,
  { columns, rows }: FieldRaster,
  out: Float32Array,
  startOf: (row: number) => number,
  perColumn: number,
): Float32Array {
  for (let row = 0, i = 0; row < rows; row++) {
    const start = startOf(row);
    for (let column = 0; column < columns; column++, i++)
      out[i] = tableDimmingAt(table, start + column * perColumn);
  }
  return out;
}

/** How much the dimming changes between `halfMm` below and above each height of a table, stops. */
export function changeTable({ startMm, stepsPerMm, stops }: DimmingTable, halfMm: number): DimmingTable {
  const table = { startMm, stepsPerMm, stops };
  const change = stops.map((_, i) => {
    const y = startMm + i / stepsPerMm;
    return Math.abs(tableDimmingAt(table, y + halfMm) - tableDimmingAt(table, y - halfMm));
  });
  return { startMm, stepsPerMm, stops: change };
}
