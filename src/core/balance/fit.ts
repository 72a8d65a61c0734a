import { REGION_CODES } from '@/core/field';
import { acrossSeam, type Seat, sheetScale } from '@/core/optics';
import { type Target } from './target';
import { type BalanceInput, type Fit, type Spot } from './types';

/** Level that meters and labels leave uncertain anyway, stops. */
const LEVEL_ALLOWANCE = 0.3;
/** Half the slide over which the slope of the dimming is taken, mm. */
const SLOPE_HALF_MM = 0.25;
/** How much a line in the open counts beside the misfit itself. */
export const LINE_WEIGHT = 2;
/** The part of the cells a worst figure leaves out as noise. */
const WORST_QUANTILE = 0.98;
const CLASSES = 4096;
/** A dimming that shows nowhere. */
const NOWHERE = 0.005;

/** Stops within a tenth of the frame's height for a difference of dimming over `2 * SLOPE_HALF_MM` on the sheet. */
export function slopePerTenth(input: Pick<BalanceInput, 'frame' | 'lens'>): number {
  return (0.1 * input.frame.heightMm * sheetScale(input.lens)) / (2 * SLOPE_HALF_MM);
}

/** `fit` from its two parts and the brighter side's share of the weight. */
export function combineFit(unevenSquared: number, level: number, share: number): number {
  return Math.sqrt(Math.max(0, unevenSquared) + share * Math.max(0, Math.abs(level) - LEVEL_ALLOWANCE) ** 2);
}

/**
 * The fit of glass at a seat, cell by cell: the readable definition that the search over bins is tested against.
 *
 * @param dimming stops at `y` mm from the seam; the integral itself for the oracle, a fine table for the figures shown.
 */
export function judgeSeat(
  input: BalanceInput,
  target: Target,
  seat: Seat,
  dimming: (y: number) => number,
): Fit {
  const heights = heightsAboveSeam(input, seat);
  const toSlope = slopePerTenth(input);
  const stops = new Float64Array(heights.length);
  const slopes = new Float64Array(heights.length);
  for (let i = 0; i < heights.length; i++) {
    if (target.weights[i] === 0) continue;
    const y = heights[i] as number;
    stops[i] = dimming(y);
    if (target.far[i])
      slopes[i] = Math.abs(dimming(y + SLOPE_HALF_MM) - dimming(y - SLOPE_HALF_MM)) * toSlope;
  }
  return judge(input, target, { stops, slopes });
}

/** The fit of no filter at all. */
export function judgeNone(input: BalanceInput, target: Target): Fit {
  const nothing = new Float64Array(target.stops.length);
  return judge(input, target, { stops: nothing, slopes: nothing });
}

/** Height of every cell's centre on the sheet, mm from the seam towards the dark end. */
function heightsAboveSeam({ field, frame, lens }: BalanceInput, seat: Seat): Float64Array {
  const { columns, rows } = field.grid;
  const { sin, cos } = acrossSeam(seat.turnDeg);
  const scale = sheetScale(lens);
  const heights = new Float64Array(columns * rows);
  for (let row = 0, i = 0; row < rows; row++) {
    const up = (0.5 - (row + 0.5) / rows) * frame.heightMm * cos * scale - seat.offsetMm;
    for (let column = 0; column < columns; column++, i++)
      heights[i] = up + ((column + 0.5) / columns - 0.5) * frame.widthMm * sin * scale;
  }
  return heights;
}

/** What glass does to each cell: its dimming, and in far cells the slope of it. */
interface Dimmed {
  readonly stops: Float64Array;
  readonly slopes: Float64Array;
}

function judge(input: BalanceInput, target: Target, { stops, slopes }: Dimmed): Fit {
  const cells = stops.length;
  const misfits = new Float64Array(cells);
  let all = 0;
  let brightWeight = 0;
  let misfit = 0;
  for (let i = 0; i < cells; i++) {
    const w = target.weights[i] as number;
    if (w === 0) continue;
    const e = (stops[i] as number) - (target.stops[i] as number);
    misfits[i] = e;
    all += w;
    if (!target.bright[i]) continue;
    brightWeight += w;
    misfit += w * e;
  }
  const level = brightWeight > 0 ? misfit / brightWeight : 0;
  const spilled = new Float64Array(cells);
  const lines = new Float64Array(cells);
  let squares = 0;
  let spill = 0;
  let leak = 0;
  for (let i = 0; i < cells; i++) {
    const w = target.weights[i] as number;
    if (w === 0) continue;
    const e = misfits[i] as number;
    const slope = slopes[i] as number;
    const r = target.bright[i] ? e - level : e;
    squares += w * (r * r + LINE_WEIGHT * slope * slope);
    lines[i] = target.far[i] && input.field.regions[i] !== SKY ? slope : NaN;
    if (target.bright[i]) {
      leak += w * Math.max(0, -e);
      spilled[i] = NaN;
    } else {
      spill += w * (stops[i] as number);
      spilled[i] = e > NOWHERE ? e : NaN;
    }
  }
  const uneven = Math.max(0, squares / all);
  const dark = all - brightWeight;
  return {
    fitStops: combineFit(uneven, level, brightWeight / all),
    unevenStops: Math.sqrt(uneven),
    levelStops: level,
    spillStops: dark > 0 ? spill / dark : 0,
    leakStops: brightWeight > 0 ? leak / brightWeight : 0,
    spillWorst: worstSpot(input, target, spilled),
    line: worstSpot(input, target, lines),
  };
}

const SKY = REGION_CODES.indexOf('sky');

/**
 * The weighted 98th percentile of a figure over the cells where it is a number, and where it lies; null where it is
 * nothing. Cells are counted into classes of equal width, which is exact to a 4096th of the greatest value.
 */
function worstSpot({ field, shapes }: BalanceInput, target: Target, values: Float64Array): Spot | null {
  let most = 0;
  let weight = 0;
  for (let i = 0; i < values.length; i++) {
    const value = values[i] as number;
    if (Number.isNaN(value)) continue;
    weight += target.weights[i] as number;
    if (value > most) most = value;
  }
  if (most <= NOWHERE) return null;
  const toClass = CLASSES / most;
  const classes = new Float64Array(CLASSES + 1);
  for (let i = 0; i < values.length; i++) {
    const value = values[i] as number;
    if (!Number.isNaN(value))
      classes[Math.floor(Math.max(0, value) * toClass)]! += target.weights[i] as number;
  }
  let at = 0;
  for (let sum = classes[0] as number; sum < WORST_QUANTILE * weight && at < CLASSES;)
    sum += classes[++at] as number;
  const { columns, rows } = field.grid;
  // a level seam is as bad all along a row: its middle stands for it
  const offCentre = (i: number) => Math.abs((i % columns) + 0.5 - columns / 2);
  let cell = -1;
  for (let i = 0; i < values.length; i++)
    if (
      Math.floor((values[i] as number) * toClass) === at &&
      target.weights[i] !== 0 &&
      (cell < 0 || offCentre(i) < offCentre(cell))
    )
      cell = i;
  const stops = values[cell] ?? 0;
  if (stops <= NOWHERE) return null;
  return {
    stops,
    u: ((cell % columns) + 0.5) / columns,
    v: (Math.floor(cell / columns) + 0.5) / rows,
    region: REGION_CODES[field.regions[cell] as number] as Spot['region'],
    shape: shapes[field.shapes[cell] as number],
    nearSkyline: !target.far[cell],
  };
}
