import { densityAlong, type Sheet } from '@/core/glass';
import { stopsFromTransmittance, transmittanceFromStops } from '@/core/units';

/** Dimming in stops at even steps of `y`, for one stack of sheets and one beam. */
export interface DimmingTable {
  /** `y` of the first entry, mm. */
  readonly startMm: number;
  readonly stepsPerMm: number;
  readonly stops: Float64Array;
}

/**
 * The raster on which the light through a sheet is averaged over the beam: entries from `-last` to `last` steps of the
 * seam, and the disc's weights over the steps on either side.
 */
export interface TableGrid {
  readonly stepsPerMm: number;
  readonly last: number;
  readonly kernel: Float64Array;
}

/** Steps to the mm: a narrow beam needs the finer raster, a wide one smooths whatever it falls between. */
function stepsFor(beamMm: number): number {
  if (beamMm < 4) return 16;
  if (beamMm < 8) return 8;
  if (beamMm < 32) return 4;
  return beamMm < 64 ? 2 : 1;
}

/** Second antiderivative of the disc's density of chords on q from -1 to 1: 0 before it, q after it. */
function discTwice(q: number): number {
  if (q <= -1) return 0;
  if (q >= 1) return q;
  const root = Math.sqrt(1 - q * q);
  return q / 2 + (q * Math.asin(q) + root - root ** 3 / 3) / Math.PI;
}

/** A raster out to `reachMm` either way for a beam. Its weights are exact for light that is straight between steps. */
export function tableGrid(beamMm: number, reachMm: number): TableGrid {
  const stepsPerMm = stepsFor(beamMm);
  const inSteps = (beamMm / 2) * stepsPerMm;
  const taps = Math.ceil(inSteps);
  const kernel = Float64Array.from({ length: 2 * taps + 1 }, (_, k) => {
    const at = (i: number) => discTwice((k - taps + i) / inSteps);
    return inSteps * (at(1) - 2 * at(0) + at(-1));
  });
  return { stepsPerMm, last: Math.ceil(reachMm * stepsPerMm), kernel };
}

/** Part of the light that a sheet passes at each step of a raster, and as far beyond as the beam reaches. */
export interface SheetLight {
  readonly passed: Float64Array;
  /** For each step, the first of the run of equal ones that ends with it. */
  readonly sameFrom: Int32Array;
}

/** @param slant by how much dyed glass is thicker to the light (`slantFactor`) */
export function sampleSheet(grid: TableGrid, { profile, reachMm, dyed }: Sheet, slant = 1): SheetLight {
  const most = grid.last + (grid.kernel.length - 1) / 2;
  const factor = dyed ? slant : 1;
  const passed = new Float64Array(2 * most + 1);
  const sameFrom = new Int32Array(passed.length);
  const densityAt = densityAlong(profile);
  let density = 0;
  let light = 1;
  for (let i = 0; i < passed.length; i++) {
    const y = (i - most) / grid.stepsPerMm;
    const here = densityAt(y);
    if (here !== density) {
      density = here;
      light = transmittanceFromStops(here * factor);
    }
    passed[i] = reachMm
      ? endingWithin(light, Math.min(y - reachMm[0], reachMm[1] - y) * grid.stepsPerMm)
      : light;
    sameFrom[i] = i > 0 && passed[i] === passed[i - 1] ? sameFrom[i - 1] : i;
  }
  return { passed, sameFrom };
}

/** A sheet that ends within a step covers its part of it. */
const endingWithin = (light: number, stepsToEnd: number): number =>
  stepsToEnd >= 0.5 ? light : 1 + (light - 1) * Math.max(0, stepsToEnd + 0.5);

/**
 * Dimming of one sheet, or of two at one distance, whose densities add: `dimmingAt` for the steps of a raster.
 *
 * @param every only each so many-th step, the seam among them
 */
export function averagedOverBeam(
  { kernel, last, stepsPerMm }: TableGrid,
  [first, second]: readonly [SheetLight, (SheetLight | undefined)?],
  every = 1,
): DimmingTable {
  const half = Math.floor(last / every);
  const stops = new Float64Array(2 * half + 1);
  const width = kernel.length;
  const a = first.passed;
  const b = second?.passed;
  for (let k = 0; k < stops.length; k++) {
    const i = last + (k - half) * every;
    const end = i + width - 1;
    const light = a[end] * (b ? b[end] : 1);
    const flat = first.sameFrom[end] <= i && (!second || second.sameFrom[end] <= i);
    if (flat) {
      stops[k] = light === 1 ? 0 : stopsFromTransmittance(light);
      continue;
    }
    let sum = 0;
    if (b) for (let j = 0; j < width; j++) sum += kernel[j] * a[i + j] * b[i + j];
    else for (let j = 0; j < width; j++) sum += kernel[j] * a[i + j];
    stops[k] = Math.max(0, stopsFromTransmittance(sum));
  }
  return { startMm: (-half * every) / stepsPerMm, stepsPerMm: stepsPerMm / every, stops };
}

/**
 * Dimming of two sheets in slots one behind the other, at one seat: a point's light meets the further one `shiftMm`
 * higher. Heights are those on the first sheet.
 */
export function averagedInTwoSlots(
  { kernel, last, stepsPerMm }: TableGrid,
  [near, far]: readonly [SheetLight, SheetLight],
  shiftMm: (y: number) => number,
  every = 1,
): DimmingTable {
  const half = Math.floor(last / every);
  const stops = new Float64Array(2 * half + 1);
  const width = kernel.length;
  const a = near.passed;
  const b = far.passed;
  const lastStart = b.length - width - 1;
  for (let k = 0; k < stops.length; k++) {
    const i = last + (k - half) * every;
    const shift = shiftMm((i - last) / stepsPerMm) * stepsPerMm;
    const whole = Math.floor(shift);
    const part = shift - whole;
    // beyond its raster a sheet is as it is at its ends
    const other = Math.min(lastStart, Math.max(0, i + whole));
    const end = i + width - 1;
    if (near.sameFrom[end] <= i && far.sameFrom[other + width] <= other) {
      stops[k] = Math.max(0, stopsFromTransmittance(a[end] * b[other]));
      continue;
    }
    let sum = 0;
    for (let j = 0; j < width; j++) {
      const low = b[other + j];
      const light = low + part * (b[other + j + 1] - low);
      sum += kernel[j] * a[i + j] * light;
    }
    stops[k] = Math.max(0, stopsFromTransmittance(sum));
  }
  return { startMm: (-half * every) / stepsPerMm, stepsPerMm: stepsPerMm / every, stops };
}

/** A table's dimming at `y` mm, joined linearly and level beyond its ends. */
export function tableDimmingAt({ startMm, stepsPerMm, stops }: DimmingTable, y: number): number {
  const at = (y - startMm) * stepsPerMm;
  const last = stops.length - 1;
  if (at <= 0) return stops[0];
  if (at >= last) return stops[last];
  const i = Math.floor(at);
  const low = stops[i];
  return low + (at - i) * (stops[i + 1] - low);
}

/** `tableDimmingAt` at even steps of `y` from `fromMm`, into `out`. */
export function readAlong(
  { startMm, stepsPerMm, stops }: DimmingTable,
  fromMm: number,
  stepMm: number,
  out: Float32Array,
): Float32Array {
  const start = (fromMm - startMm) * stepsPerMm;
  const step = stepMm * stepsPerMm;
  const last = stops.length - 1;
  for (let k = 0; k < out.length; k++) {
    const at = Math.min(last, Math.max(0, start + k * step));
    const i = at < last ? at | 0 : last - 1;
    const low = stops[i];
    out[k] = low + (at - i) * (stops[i + 1] - low);
  }
  return out;
}
