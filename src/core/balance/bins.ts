import { acrossSeam, beamDiameterMm, dimmingTable, sheetScale } from '@/core/optics';
import { combineFit, LINE_WEIGHT, slopePerTenth } from './fit';
import { type Target } from './target';
import { type BalanceInput, type SheetSet } from './types';

/** Size of a bin and of a step of the seat on the sheet, mm. */
export const BIN_MM = 0.25;
/** The seam is sought this far either way of the axis, mm. */
const OFFSET_LIMIT_MM = 60;
export const OFFSET_LIMIT = OFFSET_LIMIT_MM / BIN_MM;

/**
 * The cells of the frame by their height on the sheet, for one turn: for a fixed turn the dimming depends on that height
 * alone, so a seat costs one pass over the bins in place of one over the cells (`judgeSeat` is the definition).
 */
export interface TurnBins {
  readonly turnDeg: number;
  /** Height of bin 0 in bins from the lens axis. */
  readonly first: number;
  readonly all: Float64Array;
  readonly bright: Float64Array;
  readonly far: Float64Array;
  /** Weight times target. */
  readonly wanted: Float64Array;
  /** Running sums of `all`, `bright` and `wanted`, one longer: entry i is the sum before bin i. */
  readonly allBefore: Float64Array;
  readonly brightBefore: Float64Array;
  readonly wantedBefore: Float64Array;
}

/** What every seat of a stand shares. */
export interface FitConstants {
  readonly weight: number;
  readonly brightWeight: number;
  readonly brightWanted: number;
  readonly wantedSquares: number;
  readonly slopePerTenth: number;
}

export function fitConstants(input: BalanceInput, target: Target): FitConstants {
  let weight = 0;
  let brightWeight = 0;
  let brightWanted = 0;
  let wantedSquares = 0;
  target.weights.forEach((w, i) => {
    const t = target.stops[i] as number;
    weight += w;
    wantedSquares += w * t * t;
    if (!target.bright[i]) return;
    brightWeight += w;
    brightWanted += w * t;
  });
  return { weight, brightWeight, brightWanted, wantedSquares, slopePerTenth: slopePerTenth(input) };
}

/** Greatest height on the sheet that any cell can have at any turn, in bins. */
export function reachInBins(input: BalanceInput): number {
  const { widthMm, heightMm } = input.frame;
  return Math.ceil((sheetScale(input.lens) * Math.hypot(widthMm, heightMm)) / 2 / BIN_MM) + 1;
}

/** Sorts the cells into bins, each shared between its two nearest. */
export function binCells(input: BalanceInput, target: Target, turnDeg: number): TurnBins {
  const { columns, rows } = input.field.grid;
  const { sin, cos } = acrossSeam(turnDeg);
  const inBins = sheetScale(input.lens) / BIN_MM;
  const across = Float64Array.from(
    { length: columns },
    (_, c) => ((c + 0.5) / columns - 0.5) * input.frame.widthMm * sin * inBins,
  );
  const edge = (Math.abs(sin) * input.frame.widthMm + Math.abs(cos) * input.frame.heightMm) * 0.5 * inBins;
  const first = Math.floor(-edge) - 1;
  const count = Math.ceil(edge) + 2 - first;
  const all = new Float64Array(count);
  const bright = new Float64Array(count);
  const far = new Float64Array(count);
  const wanted = new Float64Array(count);
  for (let row = 0, i = 0; row < rows; row++) {
    const up = (0.5 - (row + 0.5) / rows) * input.frame.heightMm * cos * inBins - first;
    for (let column = 0; column < columns; column++, i++) {
      const w = target.weights[i] as number;
      if (w === 0) continue;
      const at = up + (across[column] as number);
      const bin = Math.floor(at);
      const high = w * (at - bin);
      const low = w - high;
      all[bin]! += low;
      all[bin + 1]! += high;
      const t = target.stops[i] as number;
      if (t !== 0) {
        wanted[bin]! += low * t;
        wanted[bin + 1]! += high * t;
      }
      if (target.bright[i]) {
        bright[bin]! += low;
        bright[bin + 1]! += high;
      }
      if (target.far[i]) {
        far[bin]! += low;
        far[bin + 1]! += high;
      }
    }
  }
  return {
    turnDeg,
    first,
    all,
    bright,
    far,
    wanted,
    allBefore: runningSum(all),
    brightBefore: runningSum(bright),
    wantedBefore: runningSum(wanted),
  };
}

function runningSum(values: Float64Array): Float64Array {
  const sums = new Float64Array(values.length + 1);
  for (let i = 0; i < values.length; i++) sums[i + 1] = (sums[i] as number) + (values[i] as number);
  return sums;
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

/** Tabulates a set over all heights that any seat of the search can ask for. */
export function setTable(input: BalanceInput, set: SheetSet, perTenth: number): SetTable {
  const reach = reachInBins(input) + OFFSET_LIMIT + 2;
  const { stops } = dimmingTable(
    set.map((s) => s.sheet),
    beamDiameterMm(input.lens),
    { fromMm: -reach * BIN_MM, toMm: reach * BIN_MM, stepMm: BIN_MM },
  );
  const slope = new Float64Array(stops.length);
  for (let i = 1; i < stops.length - 1; i++)
    slope[i] = Math.abs((stops[i + 1] as number) - (stops[i - 1] as number)) * perTenth;
  let from = 0;
  while (from < stops.length && sameStops(stops[from], stops[0])) from++;
  let to = stops.length;
  while (to > from && sameStops(stops[to - 1], stops[stops.length - 1])) to--;
  return { first: -reach, stops, slope, changing: [from - 1, to + 1] };
}

const sameStops = (a: number | undefined, b: number | undefined): boolean =>
  Math.abs((a as number) - (b as number)) < 1e-9;

export interface BinFit {
  readonly fit: number;
  readonly level: number;
  readonly uneven: number;
}

/** The fit at a seat from the bins: only those within the transition are looked at, running sums serve the rest. */
export function fitFromBins(bins: TurnBins, table: SetTable, k: FitConstants, offset: number): BinFit {
  const count = bins.all.length;
  // bin i lies at entry i + shift of the table
  const shift = bins.first - offset - table.first;
  const from = Math.min(count, Math.max(0, table.changing[0] - shift));
  const to = Math.min(count, Math.max(from, table.changing[1] - shift));
  const below = table.stops[0] as number;
  const above = table.stops[table.stops.length - 1] as number;
  const { all, bright, far, wanted } = bins;
  const { stops, slope } = table;
  let sumBright = 0;
  let sumSquares = 0;
  let sumWanted = 0;
  let sumSlope = 0;
  for (let i = from; i < to; i++) {
    const a = stops[i + shift] as number;
    const g = slope[i + shift] as number;
    sumBright += (bright[i] as number) * a;
    sumSquares += (all[i] as number) * a * a;
    sumWanted += (wanted[i] as number) * a;
    sumSlope += (far[i] as number) * g * g;
  }
  if (below !== 0) {
    sumBright += below * (bins.brightBefore[from] as number);
    sumSquares += below * below * (bins.allBefore[from] as number);
    sumWanted += below * (bins.wantedBefore[from] as number);
  }
  if (above !== 0) {
    sumBright += above * ((bins.brightBefore[count] as number) - (bins.brightBefore[to] as number));
    sumSquares += above * above * ((bins.allBefore[count] as number) - (bins.allBefore[to] as number));
    sumWanted += above * ((bins.wantedBefore[count] as number) - (bins.wantedBefore[to] as number));
  }
  const level = k.brightWeight > 0 ? (sumBright - k.brightWanted) / k.brightWeight : 0;
  const squares = sumSquares - 2 * sumWanted + k.wantedSquares - level * level * k.brightWeight;
  const unevenSquared = Math.max(0, (squares + LINE_WEIGHT * sumSlope) / k.weight);
  return {
    fit: combineFit(unevenSquared, level, k.brightWeight / k.weight),
    level,
    uneven: Math.sqrt(unevenSquared),
  };
}
