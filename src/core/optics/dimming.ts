import { type Sheet, sheetDensityAt, sheetJoints } from '@/core/glass';
import { gaussLegendre } from '@/core/numerics';
import { stopsFromTransmittance, transmittanceFromStops } from '@/core/units';

/** Sixteen points a smooth piece hold the integral to well under 1e-4 stop (see dimming.test.ts). */
const RULE = gaussLegendre(16);

/** Part of the pupil's disc between the edge q = -1 and the chord at angle phi, q = sin(phi). */
const discBelow = (phi: number): number => (phi + Math.sin(phi) * Math.cos(phi)) / Math.PI + 0.5;

/** Sheets on one turn and at one height, made ready for the integral: their densities add, their joints part it. */
export interface Stack {
  /** Ascending mm from the seam; between two of them the density is smooth. */
  readonly joints: readonly number[];
  readonly densityAt: (y: number) => number;
}

export function stackOf(sheets: readonly Sheet[]): Stack {
  const [only] = sheets;
  return {
    joints: [...new Set(sheets.flatMap(sheetJoints))].sort((a, b) => a - b),
    densityAt:
      only && sheets.length === 1
        ? (y) => sheetDensityAt(only, y)
        : (y) => sheets.reduce((sum, sheet) => sum + sheetDensityAt(sheet, y), 0),
  };
}

/**
 * Dimming in stops of a point whose light gathers round `y` mm from the seam through a disc of `beamMm` (physics 3):
 * `-log2( integral over q of (2/pi) sqrt(1 - q^2) 2^(-D(y + q B/2)) )`, with `q = sin(phi)` so that the disc's edge is
 * smooth too, and split wherever the density's formula changes or a sheet ends.
 */
export function dimmingAt({ joints, densityAt }: Stack, y: number, beamMm: number): number {
  const half = beamMm / 2;
  let passed = 0;
  let fromQ = -1;
  for (let i = 0; i <= joints.length; i++) {
    const joint = i < joints.length ? ((joints[i] as number) - y) / half : 1;
    const toQ = Math.min(1, joint);
    if (toQ <= fromQ) continue;
    const middle = y + ((fromQ + toQ) / 2) * half;
    const quarter = ((toQ - fromQ) / 4) * half;
    const density = densityAt(middle);
    const flat = density === densityAt(middle - quarter) && density === densityAt(middle + quarter);
    if (flat && fromQ === -1 && toQ === 1) return density;
    const from = Math.asin(fromQ);
    const to = Math.asin(toQ);
    passed += flat
      ? transmittanceFromStops(density) * (discBelow(to) - discBelow(from))
      : passedBetween(from, to, (phi) => densityAt(y + Math.sin(phi) * half));
    fromQ = toQ;
  }
  return Math.max(0, stopsFromTransmittance(passed));
}

/** Light passed through the part of the disc between two angles. */
function passedBetween(from: number, to: number, densityOf: (phi: number) => number): number {
  const middle = (from + to) / 2;
  const reach = (to - from) / 2;
  let sum = 0;
  for (let i = 0; i < RULE.nodes.length; i++) {
    const phi = middle + reach * (RULE.nodes[i] as number);
    const cos = Math.cos(phi);
    sum += (RULE.weights[i] as number) * cos * cos * transmittanceFromStops(densityOf(phi));
  }
  return (sum * reach * 2) / Math.PI;
}

/** Dimming in stops at even steps of `y`, for one stack of sheets and one beam. */
export interface DimmingTable {
  /** `y` of the first entry, mm. */
  readonly startMm: number;
  readonly stepMm: number;
  readonly stops: Float64Array;
}

/** Tabulates `dimmingAt` from `fromMm` to at least `toMm`. */
export function dimmingTable(
  sheets: readonly Sheet[],
  beamMm: number,
  range: { readonly fromMm: number; readonly toMm: number; readonly stepMm: number },
): DimmingTable {
  const stack = stackOf(sheets);
  const count = Math.ceil((range.toMm - range.fromMm) / range.stepMm - 1e-9) + 1;
  const stops = new Float64Array(count);
  for (let i = 0; i < count; i++) stops[i] = dimmingAt(stack, range.fromMm + i * range.stepMm, beamMm);
  return { startMm: range.fromMm, stepMm: range.stepMm, stops };
}

/** A table's dimming at `y` mm, joined linearly and level beyond its ends. */
export function tableDimmingAt(table: DimmingTable, y: number): number {
  const at = (y - table.startMm) / table.stepMm;
  const last = table.stops.length - 1;
  if (at <= 0) return table.stops[0] as number;
  if (at >= last) return table.stops[last] as number;
  const i = Math.floor(at);
  const low = table.stops[i] as number;
  return low + (at - i) * ((table.stops[i + 1] as number) - low);
}
