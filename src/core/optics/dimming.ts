import { type Sheet, sheetDensityAt, sheetJoints } from '@/core/glass';
import { gaussLegendre } from '@/core/numerics';
import { stopsFromTransmittance, transmittanceFromStops } from '@/core/units';

/** Sixteen points a smooth piece hold the integral to well under 1e-4 stop (see optics.test.ts). */
const RULE = gaussLegendre(16);

/** Part of the pupil's disc between the edge q = -1 and the chord at angle phi, q = sin(phi). */
const discBelow = (phi: number): number => (phi + Math.sin(phi) * Math.cos(phi)) / Math.PI + 0.5;

/** Sheets on one turn, made ready for the integral: their densities add, their joints part it. */
export interface Stack {
  /** Ascending mm from the seam; between two of them the density is smooth. */
  readonly joints: readonly number[];
  readonly densityAt: (y: number) => number;
}

export interface StackOptions {
  /** By how much dyed glass is thicker to the light of this picture point (`slantFactor`). */
  readonly slant?: number;
  /** How much higher this point's light meets each sheet than the first, mm (`laterHeightMm`). */
  readonly shiftsMm?: readonly number[];
}

export function stackOf(sheets: readonly Sheet[], { slant = 1, shiftsMm }: StackOptions = {}): Stack {
  const layers = sheets.map((sheet, i) => ({
    sheet,
    shift: shiftsMm?.[i] ?? 0,
    factor: sheet.dyed ? slant : 1,
  }));
  return {
    joints: [...new Set(layers.flatMap(({ sheet, shift }) => sheetJoints(sheet).map((j) => j - shift)))].sort(
      (a, b) => a - b,
    ),
    densityAt: (y) =>
      layers.reduce((sum, { sheet, shift, factor }) => sum + factor * sheetDensityAt(sheet, y + shift), 0),
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
    const joint = i < joints.length ? (joints[i] - y) / half : 1;
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
    const phi = middle + reach * RULE.nodes[i];
    const cos = Math.cos(phi);
    sum += RULE.weights[i] * cos * cos * transmittanceFromStops(densityOf(phi));
  }
  return (sum * reach * 2) / Math.PI;
}
