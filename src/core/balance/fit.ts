import { REGION_CODES } from '@/core/field';
import { acrossSeam, type Seat, sheetScale } from '@/core/optics';
import { type Target } from './target';
import { type BalanceInput, type Fit, type Spot } from './types';

/** Level that meters and labels leave uncertain anyway, stops. */
const LEVEL_ALLOWANCE = 0.3;
/** Half the slide over which the slope of the dimming is taken, mm. */
export const SLOPE_HALF_MM = 0.25;
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
  const { columns, rows } = input.field.grid;
  const { frame } = input;
  const scale = sheetScale(input.lens);
  const { sin, cos } = acrossSeam(seat.turnDeg);
  const heightOf = (i: number) =>
    scale *
    ((((i % columns) + 0.5) / columns - 0.5) * frame.widthMm * sin +
      (0.5 - (Math.floor(i / columns) + 0.5) / rows) * frame.heightMm * cos);
  return judge(input, target, {
    stopsAt: (i) => dimming(heightOf(i) - seat.offsetMm),
    riseAt: (i) => {
      const y = heightOf(i) - seat.offsetMm;
      return Math.abs(dimming(y + SLOPE_HALF_MM) - dimming(y - SLOPE_HALF_MM));
    },
  });
}

/** The fit of no filter at all. */
export function judgeNone(input: BalanceInput, target: Target): Fit {
  return judge(input, target, { stopsAt: () => 0, riseAt: () => 0 });
}

interface CellDimming {
  readonly stopsAt: (cell: number) => number;
  /** Difference of dimming over twice `SLOPE_HALF_MM`, asked for in far cells only. */
  readonly riseAt: (cell: number) => number;
}

function judge(input: BalanceInput, target: Target, dimming: CellDimming): Fit {
  const cells = target.stops.length;
  const dimmed = new Float64Array(cells);
  const slopes = new Float64Array(cells);
  const toSlope = slopePerTenth(input);
  let all = 0;
  let brightWeight = 0;
  let misfit = 0;
  for (let i = 0; i < cells; i++) {
    const w = target.weights[i] as number;
    if (w === 0) continue;
    const stops = dimming.stopsAt(i);
    dimmed[i] = stops;
    if (target.far[i]) slopes[i] = dimming.riseAt(i) * toSlope;
    all += w;
    if (!target.bright[i]) continue;
    brightWeight += w;
    misfit += w * (stops - (target.stops[i] as number));
  }
  const level = brightWeight > 0 ? misfit / brightWeight : 0;
  let squares = 0;
  let spill = 0;
  let leak = 0;
  for (let i = 0; i < cells; i++) {
    const w = target.weights[i] as number;
    if (w === 0) continue;
    const e = (dimmed[i] as number) - (target.stops[i] as number);
    const r = target.bright[i] ? e - level : e;
    squares += w * (r * r + LINE_WEIGHT * (slopes[i] as number) ** 2);
    if (target.bright[i]) leak += w * Math.max(0, -e);
    else spill += w * (dimmed[i] as number);
  }
  const uneven = Math.max(0, squares / all);
  const dark = all - brightWeight;
  return {
    fitStops: combineFit(uneven, level, brightWeight / all),
    unevenStops: Math.sqrt(uneven),
    levelStops: level,
    spillStops: dark > 0 ? spill / dark : 0,
    leakStops: brightWeight > 0 ? leak / brightWeight : 0,
    spillWorst: worstSpot(
      input,
      target,
      (i) => (dimmed[i] as number) - (target.stops[i] as number),
      (i, value) => !target.bright[i] && value > NOWHERE,
    ),
    line: worstSpot(
      input,
      target,
      (i) => slopes[i] as number,
      (i) => !!target.far[i] && input.field.regions[i] !== SKY,
    ),
  };
}

const SKY = REGION_CODES.indexOf('sky');

/**
 * The weighted 98th percentile of a figure over the cells that count, and where it lies; null where it is nothing.
 * Cells are counted into classes of equal width, which is exact to a 4096th of the greatest value.
 */
function worstSpot(
  { field, shapes }: BalanceInput,
  target: Target,
  valueOf: (cell: number) => number,
  counts: (cell: number, value: number) => boolean,
): Spot | null {
  const values = new Float64Array(target.weights.length).fill(NaN);
  let most = 0;
  let weight = 0;
  for (let i = 0; i < values.length; i++) {
    const w = target.weights[i] as number;
    if (w === 0) continue;
    const value = valueOf(i);
    if (!counts(i, value)) continue;
    values[i] = value;
    weight += w;
    most = Math.max(most, value);
  }
  if (most <= NOWHERE) return null;
  const classes = new Float64Array(CLASSES + 1);
  const classOf = (value: number) => Math.floor((Math.max(0, value) / most) * CLASSES);
  for (let i = 0; i < values.length; i++)
    if (!Number.isNaN(values[i])) classes[classOf(values[i] as number)]! += target.weights[i] as number;
  let at = 0;
  for (let sum = classes[0] as number; sum < WORST_QUANTILE * weight && at < CLASSES;)
    sum += classes[++at] as number;
  const { columns, rows } = field.grid;
  // a level seam is as bad all along a row: its middle stands for it
  const offCentre = (i: number) => Math.abs((i % columns) + 0.5 - columns / 2);
  let cell = -1;
  for (let i = 0; i < values.length; i++)
    if (
      !Number.isNaN(values[i]) &&
      classOf(values[i] as number) === at &&
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
