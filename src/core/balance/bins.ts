import { type Grid } from '@/core/field';
import {
  acrossSeam,
  type DimmingTable,
  type FrameSize,
  type Lens,
  sheetScale,
  tableDimmingAt,
} from '@/core/optics';
import { combineFit, GRADIENT_LIMIT, gradientOf, LEVEL_ALLOWANCE, LINE_WEIGHT, SLOPE_HALF_MM } from './fit';
import { type Target } from './target';

/**
 * What the sums of the fit need of each cell, or of each square block of cells: plain, and with the target's weights
 * multiplied in. Row by row.
 */
export interface CellSums {
  readonly columns: number;
  readonly rows: number;
  /** Middle of each column and row, parts of the frame. */
  readonly u: Float64Array;
  readonly v: Float64Array;
  /**
   * Five sums a cell: its weight, the weight of its bright and of its far part, weight times target, and of its bright part
   * weight times height below the brighter side's middle.
   */
  readonly sums: Float64Array;
  /** Running sums along each row, one column longer: before each column the five sums, and the five times `u`. */
  readonly before: Float64Array;
}

/** Where each of a cell's or a bin's five sums stands. */
export const ALL = 0;
export const BRIGHT = 1;
export const FAR = 2;
export const WANTED = 3;
export const SLOPED = 4;
export const SUMS = 5;

/**
 * The sums of every cell.
 *
 * @param thickness by how much the glass is denser in each cell (dyed glass); absent: alike everywhere. It multiplies the
 *   dimming, so it can go into the weights.
 */
export function sumCells(
  { weights, stops, bright, far, brightMiddle }: Target,
  { columns, rows }: { readonly columns: number; readonly rows: number },
  thickness?: Float64Array,
): CellSums {
  const sums = new Float64Array(weights.length * SUMS);
  for (let row = 0, i = 0; row < rows; row++) {
    const below = (row + 0.5) / rows - brightMiddle.v;
    for (let column = 0; column < columns; column++, i++) {
      const w = weights[i];
      if (w === 0) continue;
      const k = thickness ? thickness[i] : 1;
      const at = i * SUMS;
      sums[at] = w * k * k;
      if (bright[i] === 1) {
        sums[at + BRIGHT] = w * k;
        sums[at + SLOPED] = w * k * below;
      }
      if (far[i] === 1) sums[at + FAR] = w * k * k;
      sums[at + WANTED] = w * k * stops[i];
    }
  }
  const middles = (count: number) => Float64Array.from({ length: count }, (_, i) => (i + 0.5) / count);
  return withRunningSums({ columns, rows, u: middles(columns), v: middles(rows), sums });
}

/** Running sums along the rows: a stretch of a row that falls into one bin then costs two looks. */
function withRunningSums(cells: Omit<CellSums, 'before'>): CellSums {
  const { columns, rows, u, sums } = cells;
  const before = new Float64Array(rows * (columns + 1) * 2 * SUMS);
  for (let row = 0, from = 0, to = 0; row < rows; row++, to += 2 * SUMS)
    for (let column = 0; column < columns; column++, from += SUMS, to += 2 * SUMS) {
      const place = u[column];
      for (let k = 0; k < SUMS; k++) {
        const sum = sums[from + k];
        before[to + 2 * SUMS + k] = before[to + k] + sum;
        before[to + 3 * SUMS + k] = before[to + SUMS + k] + sum * place;
      }
    }
  return { ...cells, before };
}

/** Sums over square blocks of cells or of smaller blocks; the last of a row or column may have fewer. */
export function inBlocks(cells: CellSums, side: number): CellSums {
  const columns = Math.ceil(cells.columns / side);
  const rows = Math.ceil(cells.rows / side);
  const sums = new Float64Array(columns * rows * SUMS);
  const { before } = cells;
  for (let row = 0; row < cells.rows; row++) {
    const start = row * (cells.columns + 1) * 2 * SUMS;
    let to = ((row / side) | 0) * columns * SUMS;
    for (let from = 0; from < cells.columns; from += side, to += SUMS) {
      const a = start + from * 2 * SUMS;
      const b = start + Math.min(cells.columns, from + side) * 2 * SUMS;
      sums[to] += before[b] - before[a];
      sums[to + BRIGHT] += before[b + BRIGHT] - before[a + BRIGHT];
      sums[to + FAR] += before[b + FAR] - before[a + FAR];
      sums[to + WANTED] += before[b + WANTED] - before[a + WANTED];
      sums[to + SLOPED] += before[b + SLOPED] - before[a + SLOPED];
    }
  }
  const middles = (of: Float64Array, count: number) =>
    Float64Array.from({ length: count }, (_, i) => {
      const last = Math.min(of.length - 1, i * side + side - 1);
      return (of[i * side] + of[last]) / 2;
    });
  return withRunningSums({ columns, rows, u: middles(cells.u, columns), v: middles(cells.v, rows), sums });
}

/** Step of the seat on the sheet, and of the bins that decide it, mm. */
export const BIN_MM = 0.25;
/** The seam is sought this far either way of the axis, mm. */
const OFFSET_LIMIT_MM = 60;
export const OFFSET_LIMIT = OFFSET_LIMIT_MM / BIN_MM;

/**
 * The cells of the frame by their height on the sheet, for one turn: for a fixed turn the dimming depends on that height
 * alone, so a seat costs one pass over the bins in place of one over the cells (`judgeSeat` is the definition).
 */
export interface TurnBins {
  /** Height of bin 0 in bins from the lens axis. */
  readonly first: number;
  readonly count: number;
  /** The five sums of each bin, as in `CellSums`. */
  readonly sums: Float64Array;
  /** Running sums, one bin longer: entry i holds the sums before bin i. */
  readonly before: Float64Array;
}

/** What every seat of a stand shares. */
export interface FitConstants {
  readonly weight: number;
  readonly brightWeight: number;
  readonly brightWanted: number;
  readonly wantedSquares: number;
  /** Of the brighter side: weighted target times height below its middle, and that height squared; 0 where no slope is free. */
  readonly slopedWanted: number;
  readonly slopedHeight: number;
}

export function fitConstants(target: Target, { columns, rows }: Grid): FitConstants {
  let weight = 0;
  let brightWeight = 0;
  let brightWanted = 0;
  let wantedSquares = 0;
  let slopedWanted = 0;
  for (let i = 0; i < target.weights.length; i++) {
    const w = target.weights[i];
    const t = target.stops[i];
    weight += w;
    wantedSquares += w * t * t;
    if (!target.bright[i]) continue;
    brightWeight += w;
    brightWanted += w * t;
    slopedWanted += w * t * ((Math.floor(i / columns) + 0.5) / rows - target.brightMiddle.v);
  }
  const slopedHeight = target.upsideDown ? 0 : target.brightMiddle.height;
  return { weight, brightWeight, brightWanted, wantedSquares, slopedWanted, slopedHeight };
}

/** Greatest height on the sheet that any cell can have at any turn, mm. */
export function reachMm(lens: Lens, { widthMm, heightMm }: FrameSize): number {
  return (sheetScale(lens) * Math.hypot(widthMm, heightMm)) / 2;
}

/** Sorts cells into bins, each shared between its two nearest. */
export function binCells(
  cells: CellSums,
  { lens, frame, turnDeg, binMm }: { lens: Lens; frame: FrameSize; turnDeg: number; binMm: number },
): TurnBins {
  const { columns, rows, v, before: along } = cells;
  const { sin, cos } = acrossSeam(turnDeg);
  const inBins = sheetScale(lens) / binMm;
  const perWidth = frame.widthMm * sin * inBins;
  const edge = (Math.abs(perWidth) + Math.abs(cos) * frame.heightMm * inBins) * 0.5;
  const first = Math.floor(-edge) - 1;
  const count = Math.ceil(edge) + 2 - first;
  const sums = new Float64Array(count * SUMS);
  for (let row = 0; row < rows; row++) {
    const middle = (0.5 - v[row]) * frame.heightMm * cos * inBins - first;
    binRow(along, { columns, from: row * (columns + 1) * 2 * SUMS, middle, perWidth }, sums);
  }
  const before = new Float64Array((count + 1) * SUMS);
  for (let i = 0; i < sums.length; i++) before[i + SUMS] = before[i] + sums[i];
  return { first, count, sums, before };
}

/** A row of cells: where it begins in their running sums, and the heights of its middle and over its width, in bins. */
interface Row {
  readonly columns: number;
  readonly from: number;
  readonly middle: number;
  readonly perWidth: number;
}

/**
 * Adds a row's cells to the bins, stretch by stretch: those between two whole heights share their two bins, and a cell at
 * height `at` gives the part `at - bin` of its sums to the upper one. A cell on the very border may be counted to either
 * stretch: its share comes out the same.
 */
function binRow(along: Float64Array, { columns, from, middle, perWidth }: Row, sums: Float64Array): void {
  const start = middle + (0.5 / columns - 0.5) * perWidth;
  const way = perWidth < 0 ? -1 : 1;
  // in columns from the first: where the stretch ends, and how long a whole one is
  const length = columns / Math.abs(perWidth);
  const zero = middle - 0.5 * perWidth;
  let bin = start | 0;
  let edge = (way > 0 ? bin + 1 - start : start - bin) * length;
  for (let column = 0; column < columns; bin += way, edge += length) {
    const next = edge < columns ? (edge | 0) + 1 : columns;
    if (next <= column) continue;
    const a = from + column * 2 * SUMS;
    const b = from + (next < columns ? next : columns) * 2 * SUMS;
    const low = bin * SUMS;
    const lift = zero - bin;
    const s0 = along[b + 0] - along[a + 0];
    const m0 = lift * s0 + perWidth * (along[b + 5] - along[a + 5]);
    sums[low + 0] += s0 - m0;
    sums[low + 5] += m0;
    const s1 = along[b + 1] - along[a + 1];
    const m1 = lift * s1 + perWidth * (along[b + 6] - along[a + 6]);
    sums[low + 1] += s1 - m1;
    sums[low + 6] += m1;
    const s2 = along[b + 2] - along[a + 2];
    const m2 = lift * s2 + perWidth * (along[b + 7] - along[a + 7]);
    sums[low + 2] += s2 - m2;
    sums[low + 7] += m2;
    const s3 = along[b + 3] - along[a + 3];
    const m3 = lift * s3 + perWidth * (along[b + 8] - along[a + 8]);
    sums[low + 3] += s3 - m3;
    sums[low + 8] += m3;
    const s4 = along[b + 4] - along[a + 4];
    const m4 = lift * s4 + perWidth * (along[b + 9] - along[a + 9]);
    sums[low + 4] += s4 - m4;
    sums[low + 9] += m4;
    column = next;
  }
}

/** Dimming and its slope at whole bins from the seam, and between which of them anything changes. */
export interface SetTable {
  /** Bins from the seam of entry 0. */
  readonly first: number;
  readonly stops: Float64Array;
  /** What the slope costs: its square, in stops per tenth of the frame's height, times the weight of a line. */
  readonly lines: Float64Array;
  /** Entries before `changing[0]` are all alike, and those from `changing[1]` on. */
  readonly changing: readonly [number, number];
}

/** A dimming read off at whole bins out to `reachMm`. */
export function setTable(
  dimming: DimmingTable,
  { binMm, reachMm: reach, perTenth }: { binMm: number; reachMm: number; perTenth: number },
): SetTable {
  const last = Math.ceil(reach / binMm);
  const stops = new Float64Array(2 * last + 1);
  const lines = new Float64Array(2 * last + 1);
  let from = stops.length;
  let to = 0;
  for (let i = 0; i < stops.length; i++) {
    const y = (i - last) * binMm;
    stops[i] = tableDimmingAt(dimming, y);
    const slope =
      (tableDimmingAt(dimming, y + SLOPE_HALF_MM) - tableDimmingAt(dimming, y - SLOPE_HALF_MM)) * perTenth;
    lines[i] = LINE_WEIGHT * slope * slope;
  }
  const ends = [stops[0], stops[stops.length - 1]] as const;
  for (let i = 0; i < stops.length; i++) {
    const still = lines[i] < 1e-18;
    if (from === stops.length && !(still && Math.abs(stops[i] - ends[0]) < 1e-9)) from = i;
    if (!(still && Math.abs(stops[i] - ends[1]) < 1e-9)) to = i + 1;
  }
  return { first: -last, stops, lines, changing: [Math.min(from, to), to] };
}

/** The fit at a seat from the bins: only those within the transition are looked at, running sums serve the rest. */
export function fitFromBins(bins: TurnBins, table: SetTable, k: FitConstants, offset: number): number {
  const { sums, before, count } = bins;
  const { stops, lines } = table;
  // bin i lies at entry i + shift of the table; a rounded offset may be -0, which would make every index a float
  const shift = (bins.first - offset - table.first) | 0;
  const from = Math.min(count, Math.max(0, table.changing[0] - shift)) | 0;
  const to = Math.min(count, Math.max(from, table.changing[1] - shift)) | 0;
  let bright = 0;
  let sloped = 0;
  // of (a - target)^2 and of the lines, but for what no seat changes
  let squares = 0;
  for (let i = from, at = from * SUMS; i < to; i++, at += SUMS) {
    const a = stops[i + shift];
    squares += (sums[at] * a - 2 * sums[at + WANTED]) * a + sums[at + FAR] * lines[i + shift];
    bright += sums[at + BRIGHT] * a;
    sloped += sums[at + SLOPED] * a;
  }
  const below = stops[0];
  if (below !== 0) {
    const at = from * SUMS;
    squares += (below * before[at] - 2 * before[at + WANTED]) * below;
    bright += below * before[at + BRIGHT];
    sloped += below * before[at + SLOPED];
  }
  const above = stops[stops.length - 1];
  if (above !== 0) {
    const at = to * SUMS;
    const end = count * SUMS;
    const all = before[end] - before[at];
    const wanted = before[end + WANTED] - before[at + WANTED];
    squares += (above * all - 2 * wanted) * above;
    bright += above * (before[end + BRIGHT] - before[at + BRIGHT]);
    sloped += above * (before[end + SLOPED] - before[at + SLOPED]);
  }
  return fitOfSums(squares + k.wantedSquares, { bright, sloped }, k);
}

/**
 * The fit from the sums over all cells: of weight times misfit squared with what lines cost, and of the dimming over the
 * brighter side, plain and times height.
 */
export function fitOfSums(
  squares: number,
  { bright, sloped }: { readonly bright: number; readonly sloped: number },
  k: FitConstants,
): number {
  const level = k.brightWeight > 0 ? (bright - k.brightWanted) / k.brightWeight : 0;
  const misfit = sloped - k.slopedWanted;
  const gradient = gradientOf({ misfit, height: k.slopedHeight });
  const free = level * level * k.brightWeight + 2 * gradient * misfit - gradient * gradient * k.slopedHeight;
  return combineFit((squares - free) / k.weight, level, k.brightWeight / k.weight);
}

/**
 * The least fit that any density along a sheet could have at a turn, stops: where the same height holds cells of both
 * sides, whatever it does to the one it does to the other. A level and a gradient that cost nothing are granted it.
 */
export function leastFit({ sums, count }: TurnBins, { weight, slopedHeight }: FitConstants): number {
  const slope = slopedHeight > 0 ? GRADIENT_LIMIT : 0;
  let squares = 0;
  for (let at = 0; at < count * SUMS; at += SUMS) {
    const bright = sums[at + BRIGHT];
    const dark = sums[at + ALL] - bright;
    if (bright <= 0 || dark <= 0) continue;
    const free = LEVEL_ALLOWANCE + slope * Math.max(0, sums[at + SLOPED] / bright);
    const wanted = Math.max(0, sums[at + WANTED] / bright - free);
    squares += ((bright * dark) / (bright + dark)) * wanted * wanted;
  }
  return Math.sqrt(squares / weight);
}
