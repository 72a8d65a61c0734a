import { type DensitySample } from '@/core/glass';
import { clamp, median, robustFit, solveLinear } from '@/core/numerics';
import { type FramePoint } from '@/core/field';
import { stopsFromTransmittance } from '@/core/units';
import { type LightCells } from './taken-cells';

/**
 * How dense a sheet is along its length, from one photo of it held against something even: the picture is straightened by the
 * sheet's four corners, and the light beside it says what the light behind it would be (physics 13).
 */
export interface SheetPhoto {
  readonly light: LightCells;
  /** Where its corners lie in the picture, parts: dark end left and right, then clear end right and left. */
  readonly corners: readonly [FramePoint, FramePoint, FramePoint, FramePoint];
  readonly lengthMm: number;
}

export interface SheetProfile {
  /** Millimetres from the seam towards the dark end, ascending, and the stops there. */
  readonly samples: readonly DensitySample[];
  /** The most that it takes. */
  readonly stops: number;
  /** From the dark end to where it takes half of that. */
  readonly seamFromDarkEndMm: number;
  /** How far single measurements lie off the samples, the usual size of it, stops. */
  readonly noiseStops: number;
}

export type ProfileFromPhoto =
  | { readonly ok: true; readonly profile: SheetProfile }
  | { readonly ok: false; readonly reason: ProfileFault };

/** Why a photo tells no profile. */
export type ProfileFault =
  /** The corners are not those of a rectangle that is seen from somewhere. */
  | 'corners'
  /** Shorter than any sheet that has a transition: its ends shine, and nothing is left between them. */
  | 'too-short'
  /** Too little light beside the sheet, left and right, to tell what is behind it. */
  | 'no-light-beside'
  /** Blown or black where the sheet is. */
  | 'spoilt'
  /** It is nowhere twice as dense as elsewhere. */
  | 'no-transition';

/** Where the sheet is looked through, parts of its width from its middle: its edges shine. */
const INNER = 0.32;
/** Where the light beside it is looked at, parts of its width from its middle. */
const BESIDE = [0.58, 0.68, 0.78] as const;
/** Distances between places along the sheet, mm. */
const STEP_MM = 0.5;
/** Its ends are left out, mm: they shine too. */
const END_MM = 2;
const SHORTEST_MM = 20;
const ACROSS = 9;
/** Stretches along the sheet that err together. */
const PATCHES = 20;
const SPOILT = 0.1;
/** The least between the clear and the dark end, stops. */
const LEAST_STOPS = 0.3;
/** Samples stand as close as it takes to follow the profile to this, stops. */
const FOLLOWED_STOPS = 0.02;

export function profileFromPhoto({ light, corners, lengthMm }: SheetPhoto): ProfileFromPhoto {
  if (lengthMm < SHORTEST_MM) return { ok: false, reason: 'too-short' };
  const at = straightened(corners);
  if (!at) return { ok: false, reason: 'corners' };
  const count = Math.floor((lengthMm - 2 * END_MM) / STEP_MM) + 1;
  const ys = Array.from({ length: count }, (_, i) => END_MM + i * STEP_MM);
  /** Light at a place on the sheet, parts across from its middle and mm from its dark end; NaN where the picture has none. */
  const lightAt = (across: number, y: number) => cellAt(light, at(0.5 + across, y / lengthMm));
  const beside = ys.map((y) => {
    const sides = [-1, 1].map((side) =>
      BESIDE.map((b) => ({ across: side * b, value: lightAt(side * b, y) })),
    );
    return sides.flat().filter((s) => s.value > 0);
  });
  const told = beside.flatMap((spots, i) => spots.map((s) => ({ ...s, y: ys[i] / lengthMm - 0.5 })));
  const [lefts, rights] = [told.filter((t) => t.across < 0), told.filter((t) => t.across > 0)];
  if (Math.min(lefts.length, rights.length) < count) return { ok: false, reason: 'no-light-beside' };
  // the light behind is a gentle hill or slope: its logarithm to the second order, across and along
  const terms = ({ across, y }: { across: number; y: number }) => [
    1,
    across,
    y,
    across * across,
    across * y,
    y * y,
  ];
  const behind = robustFit(
    told.map(terms),
    told.map((t) => Math.log2(t.value)),
    told.map((t) => Math.round(PATCHES * t.y)),
  )?.values;
  if (!behind) return { ok: false, reason: 'no-light-beside' };
  const taken = ys.map((y) => {
    const spots = Array.from({ length: ACROSS }, (_, k) => INNER * (k / (ACROSS - 1) - 0.5) * 2);
    const stops = spots.flatMap((across) => {
      const through = lightAt(across, y);
      const whole = terms({ across, y: y / lengthMm - 0.5 }).reduce((sum, t, k) => sum + t * behind[k], 0);
      return through > 0 ? [stopsFromTransmittance(through / 2 ** whole)] : [];
    });
    return stops.length > ACROSS / 2 ? median(stops) : NaN;
  });
  if (taken.filter(Number.isFinite).length < 0.8 * count) return { ok: false, reason: 'spoilt' };
  return profileOf(ys, taken);
}

/** Samples that follow what was taken at places from the dark end, about where it is half of the most. */
function profileOf(ys: readonly number[], taken: readonly number[]): ProfileFromPhoto {
  const smooth = smoothed(taken);
  const clear = median(smooth.slice(-Math.ceil(smooth.length / 10)));
  const most = Math.max(...smooth);
  if (most - clear < LEAST_STOPS) return { ok: false, reason: 'no-transition' };
  const half = clear + (most - clear) / 2;
  // from the clear end: of a band the line on its clear side counts
  let i = smooth.length - 1;
  while (i > 0 && smooth[i - 1] < half) i--;
  if (i === 0) return { ok: false, reason: 'no-transition' };
  const [near, far] = [smooth[i], smooth[i - 1]];
  const seam = ys[i] - (STEP_MM * (half - near)) / (far - near);
  const samples = followed(
    ys.map((y, k) => ({ mm: seam - y, stops: Math.max(0, smooth[k]) })).toReversed(),
  ).map(({ mm, stops }) => ({ mm: Math.round(10 * mm) / 10, stops: Math.round(100 * stops) / 100 }));
  const off = taken.flatMap((t, k) => (Number.isFinite(t) ? [Math.abs(t - smooth[k])] : []));
  return {
    ok: true,
    profile: {
      samples,
      stops: Math.max(...samples.map((s) => s.stops)),
      seamFromDarkEndMm: seam,
      noiseStops: 1.4826 * median(off),
    },
  };
}

/** A parabola through seven places, at its middle (Savitzky and Golay 1964): a peak keeps its height. */
const PARABOLA = [-2, 3, 6, 7, 6, 3, -2];

/** Each place as its neighbours within a millimetre and a half have it; gaps filled by the nearest. */
function smoothed(values: readonly number[]): number[] {
  const known = values.map((value, i) => (Number.isFinite(value) ? value : nearest(values, i)));
  const reach = (PARABOLA.length - 1) / 2;
  return known.map((value, i) => {
    const window = known.slice(i - reach, i + reach + 1);
    if (i < reach || window.length < PARABOLA.length) return value;
    return window.reduce((sum, v, k) => sum + v * PARABOLA[k], 0) / 21;
  });
}

/** The nearest value that is there; most of them are. */
function nearest(values: readonly number[], i: number): number {
  for (let off = 1; off < values.length; off++)
    for (const value of [values[i - off], values[i + off]])
      if (value !== undefined && Number.isFinite(value)) return value;
  return 0;
}

/** As few samples as follow all of them closely enough (Ramer 1972, Douglas and Peucker 1973). */
function followed(samples: readonly DensitySample[]): readonly DensitySample[] {
  const [first, last] = [samples[0], samples.at(-1) as DensitySample];
  let [worst, at] = [FOLLOWED_STOPS, 0];
  samples.forEach(({ mm, stops }, i) => {
    const part = (mm - first.mm) / (last.mm - first.mm);
    const off = Math.abs(stops - (first.stops + part * (last.stops - first.stops)));
    if (off > worst) [worst, at] = [off, i];
  });
  if (!at) return [first, last];
  return [...followed(samples.slice(0, at + 1)), ...followed(samples.slice(at)).slice(1)];
}

/** From parts of the sheet, across and from its dark end, to parts of the picture; null where the corners are no rectangle's. */
function straightened(
  corners: SheetPhoto['corners'],
): ((across: number, along: number) => FramePoint) | null {
  const square = [
    [0, 0],
    [1, 0],
    [1, 1],
    [0, 1],
  ] as const;
  const rows = square.flatMap(([x, y], i) => {
    const { u, v } = corners[i];
    return [
      [x, y, 1, 0, 0, 0, -u * x, -u * y],
      [0, 0, 0, x, y, 1, -v * x, -v * y],
    ];
  });
  const h = solveLinear(
    rows,
    corners.flatMap(({ u, v }) => [u, v]),
  );
  if (!h) return null;
  const [a, b, c, d, e, f, g, k] = h as [number, number, number, number, number, number, number, number];
  if (square.some(([x, y]) => g * x + k * y + 1 <= 0.05)) return null;
  return (x, y) => {
    const w = g * x + k * y + 1;
    return { u: (a * x + b * y + c) / w, v: (d * x + e * y + f) / w };
  };
}

/** The light at a place, between the four cells round it; NaN outside the picture, or where it is blown or black. */
function cellAt({ columns, rows, luminance, blown, black }: LightCells, { u, v }: FramePoint): number {
  const [x, y] = [u * columns - 0.5, v * rows - 0.5];
  if (u < 0 || v < 0 || u > 1 || v > 1) return NaN;
  const [column, row] = [clamp(Math.floor(x), 0, columns - 2), clamp(Math.floor(y), 0, rows - 2)];
  const [fx, fy] = [clamp(x - column, 0, 1), clamp(y - row, 0, 1)];
  let sum = 0;
  for (const [dx, dy, part] of [
    [0, 0, (1 - fx) * (1 - fy)],
    [1, 0, fx * (1 - fy)],
    [0, 1, (1 - fx) * fy],
    [1, 1, fx * fy],
  ] as const) {
    const i = (row + dy) * columns + column + dx;
    if (blown[i] + black[i] > SPOILT) return NaN;
    sum += part * luminance[i];
  }
  return sum;
}
