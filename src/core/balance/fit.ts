import { REGION_CODES } from '@/core/field';
import { clamp } from '@/core/numerics';
import {
  acrossSeam,
  changeTable,
  dimmingField,
  type FrameSize,
  type Lens,
  type Seat,
  sheetScale,
  slantFactor,
  type SlantTables,
} from '@/core/optics';
import { type Target } from './target';
import { type BalanceInput, type Fit, type Spot } from './problem/types';

/** Level that meters and labels leave uncertain anyway, stops. */
export const LEVEL_ALLOWANCE = 0.3;
/** Half the slide over which the slope of the dimming is taken, mm. */
export const SLOPE_HALF_MM = 0.25;
/** How much a line in the open counts beside the misfit itself. */
export const LINE_WEIGHT = 2;
/** The part of the cells a worst figure leaves out as noise. */
const WORST_QUANTILE = 0.98;
/** Classes that a percentile is counted in, and how many go to the stop: the last takes all beyond 16 stops. */
const CLASSES = 4096;
const CLASS_PER_STOP = CLASSES / 16;
/** A sky may come out so much darker at its head than at its foot, stops a frame height, and is no fault for it. */
export const GRADIENT_LIMIT = 2;
/** A dimming that shows nowhere. */
const NOWHERE = 0.005;

/** Stops within a tenth of the frame's height for a difference of dimming over `2 * SLOPE_HALF_MM` on the sheet. */
export function slopePerTenth(lens: Lens, frame: FrameSize): number {
  return (0.1 * frame.heightMm * sheetScale(lens)) / (2 * SLOPE_HALF_MM);
}

/** `fit` from its two parts and the brighter side's share of the weight. */
export function combineFit(unevenSquared: number, level: number, share: number): number {
  const beyond = Math.max(0, Math.abs(level) - LEVEL_ALLOWANCE);
  return Math.sqrt(Math.max(0, unevenSquared) + share * beyond * beyond);
}

/**
 * The free part of the slope of the misfit down the brighter side, stops a frame height (solver: the fit): a sky that is
 * darker above looks natural, a land that is the brighter has none.
 *
 * @param sloped weighted sum of misfit times height below the side's mean, and of that height squared: 0 for a land
 */
export function gradientOf({ misfit, height }: { readonly misfit: number; readonly height: number }): number {
  return height > 0 ? clamp(misfit / height, -GRADIENT_LIMIT, 0) || 0 : 0;
}

/** Glass at a seat: the lens as its first sheet sees it, and where it sits. */
export interface Seated {
  readonly lens: Lens;
  readonly seat: Seat;
}

/**
 * The fit of glass at a seat, cell by cell: the readable definition that the search over bins is tested against.
 *
 * @param dimming stops at `y` mm above the seam for a cell whose light slants by so much through dyed glass.
 */
export function judgeSeat(
  input: BalanceInput,
  target: Target,
  { lens, seat }: Seated,
  dimming: (y: number, slant: number) => number,
): Fit {
  const { frame, field } = input;
  const { columns, rows } = field.grid;
  const toSlope = slopePerTenth(lens, frame);
  const { sin, cos } = acrossSeam(seat.turnDeg);
  const stops = new Float32Array(columns * rows);
  const changes = new Float32Array(columns * rows);
  for (let i = 0; i < stops.length; i++) {
    if (target.weights[i] === 0) continue;
    const x = (((i % columns) + 0.5) / columns - 0.5) * frame.widthMm;
    const h = (0.5 - (Math.floor(i / columns) + 0.5) / rows) * frame.heightMm;
    const y = sheetScale(lens) * (x * sin + h * cos) - seat.offsetMm;
    const slant = slantFactor(lens, { x, h });
    stops[i] = dimming(y, slant);
    changes[i] = Math.abs(dimming(y + SLOPE_HALF_MM, slant) - dimming(y - SLOPE_HALF_MM, slant));
  }
  return judgeCells(input, target, { stops, changes, toSlope });
}

/** The fit of no filter at all. */
export function judgeNone(input: BalanceInput, target: Target): Fit {
  const nothing = new Float32Array(target.weights.length);
  return judgeCells(input, target, { stops: nothing, changes: nothing, toSlope: 0 });
}

/** Fast path of `judgeSeat`: heights step along each row and the dimming is read off a table. */
export function judgeFromTables(
  input: BalanceInput,
  target: Target,
  { lens, seat }: Seated,
  tables: SlantTables,
): Fit {
  const { columns, rows } = input.field.grid;
  const raster = { lens, seat, frame: input.frame, columns, rows };
  const { square, slanting } = tables;
  const stops = dimmingField(tables, raster);
  const changes = dimmingField(
    {
      square: changeTable(square, SLOPE_HALF_MM),
      slanting: slanting && { ...slanting, table: changeTable(slanting.table, SLOPE_HALF_MM) },
    },
    raster,
  );
  const toSlope = slopePerTenth(lens, input.frame);
  return judgeCells(input, target, { stops, changes, toSlope });
}

const SKY = REGION_CODES.indexOf('sky');

/** What glass does to each cell, stops. */
interface Dimmed {
  readonly stops: Float32Array;
  /** Change of the dimming over `2 * SLOPE_HALF_MM`, and what makes stops per tenth of the frame's height of it. */
  readonly changes: Float32Array;
  readonly toSlope: number;
}

function judgeCells(input: BalanceInput, target: Target, { stops, changes, toSlope }: Dimmed): Fit {
  const { weights, stops: wanted, bright, far, brightMiddle } = target;
  const { regions, grid } = input.field;
  const { columns, rows } = grid;
  const spilled = worstClasses();
  const lines = worstClasses();
  let all = 0;
  let brightWeight = 0;
  let misfit = 0;
  let squares = 0;
  let spill = 0;
  let unwanted = 0;
  let leak = 0;
  let sloped = 0;
  for (let row = 0, i = 0; row < rows; row++)
    for (let column = 0; column < columns; column++, i++) {
      const w = weights[i];
      if (w === 0) continue;
      const a = stops[i];
      const e = a - wanted[i];
      // a level seam is as bad all along a row: its middle stands for it
      const offCentre = Math.abs(2 * column + 1 - columns);
      all += w;
      squares += w * e * e;
      if (far[i] === 1) {
        const slope = changes[i] * toSlope;
        squares += w * LINE_WEIGHT * slope * slope;
        if (regions[i] !== SKY) {
          if (slope < NOWHERE) lines.nothing += w;
          else count(lines, slope, w, i, offCentre);
        }
      }
      if (bright[i] === 1) {
        brightWeight += w;
        misfit += w * e;
        sloped += w * e * ((row + 0.5) / rows - brightMiddle.v);
        if (e < 0) leak -= w * e;
      } else {
        spill += w * a;
        if (e > 0) unwanted += w * e;
        if (e > NOWHERE) count(spilled, e, w, i, offCentre);
      }
    }
  const level = per(misfit, brightWeight);
  const height = target.upsideDown ? 0 : brightMiddle.height;
  const gradient = gradientOf({ misfit: sloped, height });
  const free = level * level * brightWeight + 2 * gradient * sloped - gradient * gradient * height;
  const uneven = Math.max(0, (squares - free) / all);
  return {
    fitStops: combineFit(uneven, level, brightWeight / all),
    unevenStops: Math.sqrt(uneven),
    levelStops: level,
    gradientStops: gradient,
    spillStops: per(spill, all - brightWeight),
    unwantedStops: per(unwanted, all - brightWeight),
    leakStops: per(leak, brightWeight),
    spillWorst: spotOf(input, target, worstOf(spilled)),
    line: spotOf(input, target, worstOf(lines)),
  };
}

/** A mean; 0 over nothing. */
const per = (sum: number, weight: number): number => (weight > 0 ? sum / weight : 0);

function spotOf(
  { field, shapes }: BalanceInput,
  target: Target,
  worst: { cell: number; value: number } | null,
): Spot | null {
  if (!worst || worst.value <= NOWHERE) return null;
  const { cell, value } = worst;
  const { columns, rows } = field.grid;
  return {
    stops: value,
    u: ((cell % columns) + 0.5) / columns,
    v: (Math.floor(cell / columns) + 0.5) / rows,
    region: REGION_CODES[field.regions[cell]] as Spot['region'],
    shape: shapes[field.shapes[cell]],
    nearSkyline: target.far[cell] !== 1,
  };
}

/** Weights counted into classes of equal width, with the cell that shows each class best. */
interface WorstClasses {
  /** Weight of the cells where there is nothing to count. */
  nothing: number;
  readonly weights: Float64Array;
  /** Cell of each class, or -1. */
  readonly cells: Int32Array;
  readonly offCentre: Float64Array;
  readonly values: Float64Array;
}

const worstClasses = (): WorstClasses => ({
  nothing: 0,
  weights: new Float64Array(CLASSES),
  cells: new Int32Array(CLASSES).fill(-1),
  offCentre: new Float64Array(CLASSES).fill(Infinity),
  values: new Float64Array(CLASSES),
});

function count(to: WorstClasses, value: number, weight: number, cell: number, offCentre: number): void {
  const at = Math.min(CLASSES - 1, (value * CLASS_PER_STOP) | 0);
  to.weights[at] += weight;
  if (offCentre >= to.offCentre[at]) return;
  to.offCentre[at] = offCentre;
  to.cells[at] = cell;
  to.values[at] = value;
}

/** The weighted 98th percentile, where it lies; null where nothing was counted. */
function worstOf({ nothing, weights, cells, values }: WorstClasses): { cell: number; value: number } | null {
  let weight = nothing;
  for (let at = 0; at < CLASSES; at++) weight += weights[at];
  let at = 0;
  let sum = nothing + weights[0];
  while (at < CLASSES - 1 && (sum < WORST_QUANTILE * weight || weights[at] === 0)) sum += weights[++at];
  const cell = cells[at];
  return cell < 0 ? null : { cell, value: values[at] };
}
