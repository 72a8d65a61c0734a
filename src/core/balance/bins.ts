import {
  acrossSeam,
  type DimmingTable,
  type FrameSize,
  type Lens,
  sheetScale,
  tableDimmingAt,
} from '@/core/optics';
import { combineFit, LEVEL_ALLOWANCE, LINE_WEIGHT, SLOPE_HALF_MM } from './fit';
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
  /** Four sums a cell: its weight, the weight of its bright and of its far part, and weight times target. */
  readonly sums: Float64Array;
}

/** Where each of a cell's or a bin's four sums stands. */
export const ALL = 0;
export const BRIGHT = 1;
export const FAR = 2;
export const WANTED = 3;
export const SUMS = 4;

/**
 * The sums of every cell.
 *
 * @param thickness by how much the glass is denser in each cell (dyed glass); absent: alike everywhere. It multiplies the
 *   dimming, so it can go into the weights.
 */
export function sumCells(
  { weights, stops, bright, far }: Target,
  { columns, rows }: { readonly columns: number; readonly rows: number },
  thickness?: Float64Array,
): CellSums {
  const sums = new Float64Array(weights.length * SUMS);
  for (let i = 0, at = 0; i < weights.length; i++, at += SUMS) {
    const w = weights[i] as number;
    if (w === 0) continue;
    const k = thickness ? (thickness[i] as number) : 1;
    sums[at] = w * k * k;
    if (bright[i] === 1) sums[at + BRIGHT] = w * k;
    if (far[i] === 1) sums[at + FAR] = w * k * k;
    sums[at + WANTED] = w * k * (stops[i] as number);
  }
  const middles = (count: number) => Float64Array.from({ length: count }, (_, i) => (i + 0.5) / count);
  return { columns, rows, u: middles(columns), v: middles(rows), sums };
}

/** Sums over square blocks of cells or of smaller blocks; the last of a row or column may have fewer. */
export function inBlocks(cells: CellSums, side: number): CellSums {
  const columns = Math.ceil(cells.columns / side);
  const rows = Math.ceil(cells.rows / side);
  const sums = new Float64Array(columns * rows * SUMS);
  for (let row = 0, from = 0; row < cells.rows; row++) {
    const start = Math.floor(row / side) * columns;
    for (let column = 0; column < cells.columns; column++) {
      const to = (start + Math.floor(column / side)) * SUMS;
      for (let k = 0; k < SUMS; k++, from++) sums[to + k]! += cells.sums[from] as number;
    }
  }
  const middles = (of: Float64Array, count: number) =>
    Float64Array.from({ length: count }, (_, i) => {
      const last = Math.min(of.length - 1, i * side + side - 1);
      return ((of[i * side] as number) + (of[last] as number)) / 2;
    });
  return { columns, rows, u: middles(cells.u, columns), v: middles(cells.v, rows), sums };
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
  /** The four sums of each bin, as in `CellSums`. */
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
}

export function fitConstants(target: Target): FitConstants {
  let weight = 0;
  let brightWeight = 0;
  let brightWanted = 0;
  let wantedSquares = 0;
  for (let i = 0; i < target.weights.length; i++) {
    const w = target.weights[i] as number;
    const t = target.stops[i] as number;
    weight += w;
    wantedSquares += w * t * t;
    if (!target.bright[i]) continue;
    brightWeight += w;
    brightWanted += w * t;
  }
  return { weight, brightWeight, brightWanted, wantedSquares };
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
  const { columns, rows, u, v, sums: given } = cells;
  const { sin, cos } = acrossSeam(turnDeg);
  const inBins = sheetScale(lens) / binMm;
  const across = u.map((part) => (part - 0.5) * frame.widthMm * sin * inBins);
  const edge = (Math.abs(sin) * frame.widthMm + Math.abs(cos) * frame.heightMm) * 0.5 * inBins;
  const first = Math.floor(-edge) - 1;
  const count = Math.ceil(edge) + 2 - first;
  const sums = new Float64Array(count * SUMS);
  for (let row = 0; row < rows; row++) {
    const up = (0.5 - (v[row] as number)) * frame.heightMm * cos * inBins - first;
    binRow(given, row * columns * SUMS, across, up, sums);
  }
  const before = new Float64Array((count + 1) * SUMS);
  for (let i = 0; i < sums.length; i++) before[i + SUMS] = (before[i] as number) + (sums[i] as number);
  return { first, count, sums, before };
}

/** Adds a row's cells to the bins. Those that share two bins are summed first, with their parts of the upper one. */
function binRow(
  given: Float64Array,
  from: number,
  across: Float64Array,
  up: number,
  sums: Float64Array,
): void {
  let bin = -1;
  let w = 0;
  let b = 0;
  let f = 0;
  let t = 0;
  let wUp = 0;
  let bUp = 0;
  let fUp = 0;
  let tUp = 0;
  for (let column = 0, i = from; column <= across.length; column++, i += SUMS) {
    const at = column < across.length ? up + (across[column] as number) : -2;
    const here = at | 0;
    if (here !== bin) {
      if (bin >= 0) {
        const low = bin * SUMS;
        sums[low]! += w - wUp;
        sums[low + BRIGHT]! += b - bUp;
        sums[low + FAR]! += f - fUp;
        sums[low + WANTED]! += t - tUp;
        sums[low + SUMS]! += wUp;
        sums[low + SUMS + BRIGHT]! += bUp;
        sums[low + SUMS + FAR]! += fUp;
        sums[low + SUMS + WANTED]! += tUp;
      }
      if (here < 0) return;
      bin = here;
      w = b = f = t = wUp = bUp = fUp = tUp = 0;
    }
    const part = at - here;
    const w1 = given[i] as number;
    const b1 = given[i + BRIGHT] as number;
    const f1 = given[i + FAR] as number;
    const t1 = given[i + WANTED] as number;
    w += w1;
    b += b1;
    f += f1;
    t += t1;
    wUp += w1 * part;
    bUp += b1 * part;
    fUp += f1 * part;
    tUp += t1 * part;
  }
}

/** Dimming and its slope at whole bins from the seam, and between which of them anything changes. */
export interface SetTable {
  /** Bins from the seam of entry 0. */
  readonly first: number;
  readonly stops: Float64Array;
  /** Slope in stops per tenth of the frame's height. */
  readonly slope: Float64Array;
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
  const slope = new Float64Array(2 * last + 1);
  let from = stops.length;
  let to = 0;
  for (let i = 0; i < stops.length; i++) {
    const y = (i - last) * binMm;
    stops[i] = tableDimmingAt(dimming, y);
    slope[i] =
      Math.abs(tableDimmingAt(dimming, y + SLOPE_HALF_MM) - tableDimmingAt(dimming, y - SLOPE_HALF_MM)) *
      perTenth;
  }
  const ends = [stops[0] as number, stops[stops.length - 1] as number] as const;
  for (let i = 0; i < stops.length; i++) {
    const still = (slope[i] as number) < 1e-9;
    if (from === stops.length && !(still && Math.abs((stops[i] as number) - ends[0]) < 1e-9)) from = i;
    if (!(still && Math.abs((stops[i] as number) - ends[1]) < 1e-9)) to = i + 1;
  }
  return { first: -last, stops, slope, changing: [Math.min(from, to), to] };
}

/** The fit at a seat from the bins: only those within the transition are looked at, running sums serve the rest. */
export function fitFromBins(bins: TurnBins, table: SetTable, k: FitConstants, offset: number): number {
  const { sums, before, count } = bins;
  const { stops, slope } = table;
  // bin i lies at entry i + shift of the table
  const shift = bins.first - offset - table.first;
  const from = Math.min(count, Math.max(0, table.changing[0] - shift));
  const to = Math.min(count, Math.max(from, table.changing[1] - shift));
  let sumBright = 0;
  let sumSquares = 0;
  let sumWanted = 0;
  let sumSlope = 0;
  for (let i = from, at = from * SUMS; i < to; i++, at += SUMS) {
    const a = stops[i + shift] as number;
    const g = slope[i + shift] as number;
    sumSquares += (sums[at] as number) * a * a;
    sumBright += (sums[at + BRIGHT] as number) * a;
    sumSlope += (sums[at + FAR] as number) * g * g;
    sumWanted += (sums[at + WANTED] as number) * a;
  }
  const below = stops[0] as number;
  if (below !== 0) {
    const at = from * SUMS;
    sumSquares += below * below * (before[at] as number);
    sumBright += below * (before[at + BRIGHT] as number);
    sumWanted += below * (before[at + WANTED] as number);
  }
  const above = stops[stops.length - 1] as number;
  if (above !== 0) {
    const at = to * SUMS;
    const end = count * SUMS;
    sumSquares += above * above * ((before[end] as number) - (before[at] as number));
    sumBright += above * ((before[end + BRIGHT] as number) - (before[at + BRIGHT] as number));
    sumWanted += above * ((before[end + WANTED] as number) - (before[at + WANTED] as number));
  }
  const level = k.brightWeight > 0 ? (sumBright - k.brightWanted) / k.brightWeight : 0;
  const squares = sumSquares - 2 * sumWanted + k.wantedSquares - level * level * k.brightWeight;
  return combineFit((squares + LINE_WEIGHT * sumSlope) / k.weight, level, k.brightWeight / k.weight);
}

/**
 * The least fit that any density along a sheet could have at a turn, stops: where the same height holds cells of both
 * sides, whatever it does to the one it does to the other. A level that costs nothing is granted it.
 */
export function leastFit({ sums, count }: TurnBins, weight: number): number {
  let squares = 0;
  for (let at = 0; at < count * SUMS; at += SUMS) {
    const bright = sums[at + BRIGHT] as number;
    const dark = (sums[at + ALL] as number) - bright;
    if (bright <= 0 || dark <= 0) continue;
    const wanted = Math.max(0, (sums[at + WANTED] as number) / bright - LEVEL_ALLOWANCE);
    squares += ((bright * dark) / (bright + dark)) * wanted * wanted;
  }
  return Math.sqrt(squares / weight);
}
