/** Illuminance of a clear day and twilight (physics 8), and what clouds and overcast make of it. */

import { radiansFromDegrees } from '@/core/units';

/** A segment of `log10 E = c0 + c1 x + c2 x^2 + c3 x^3`, `x` = altitude / 90 degrees, for altitudes from `fromDeg` up. */
interface Segment {
  readonly fromDeg: number;
  readonly c: readonly [number, number, number, number];
}

/** Explanatory Supplement to the Astronomical Almanac, 1992; highest first, so that a boundary is the higher one's. */
const SEGMENTS: readonly Segment[] = [
  { fromDeg: 20, c: [3.74, 3.97, -4.07, 1.47] },
  { fromDeg: 5, c: [3.05, 13.28, -45.98, 64.33] },
  { fromDeg: -0.8, c: [2.88, 22.26, -207.64, 1034.3] },
  { fromDeg: -5, c: [2.88, 21.81, -258.11, -858.36] },
  { fromDeg: -12, c: [2.7, 12.17, -431.69, -1899.83] },
  { fromDeg: -18, c: [13.84, 262.72, 1447.42, 2797.93] },
];

/** Illuminance on level ground under a clear sky, lux; null below -18 degrees, where moon and stars rule. */
export function daylightLux(sunAltitudeDeg: number): number | null {
  const segment = SEGMENTS.find((s) => sunAltitudeDeg >= s.fromDeg);
  if (!segment || sunAltitudeDeg > 90) return null;
  const x = sunAltitudeDeg / 90;
  const [c0, c1, c2, c3] = segment.c;
  return 10 ** (c0 + x * (c1 + x * (c2 + x * c3)));
}

/**
 * Rate at which the light falls, stops a minute (positive: falling), for a sun that sinks by so many degrees a minute.
 * Taken within one segment: the segments meet within 0.014 stop, so a difference across two of them is none. Null out of
 * range.
 */
export function fallPerMinute(sunAltitudeDeg: number, sinkingDegPerMinute: number): number | null {
  const segment = SEGMENTS.find((s) => sunAltitudeDeg >= s.fromDeg);
  if (!segment || sunAltitudeDeg > 90) return null;
  const x = sunAltitudeDeg / 90;
  const [, c1, c2, c3] = segment.c;
  const perDegree = ((c1 + x * (2 * c2 + x * 3 * c3)) / 90) * Math.log2(10);
  return perDegree * sinkingDegPerMinute;
}

/**
 * Span of an even overcast sky (CIE) at an altitude against ground of a reflectance, stops:
 * `log2(3 (1 + 2 sin y) / (7 r))`.
 */
export function overcastSpan(altitudeDeg: number, groundReflectance: number): number {
  const sin = Math.sin((altitudeDeg * Math.PI) / 180);
  return Math.log2((3 * (1 + 2 * sin)) / (7 * groundReflectance));
}

/** Highest and lowest sun of the day that the clock alone stands for, degrees: an equinox at 50 degrees latitude. */
const ROUGH_HIGHEST_DEG = 40;

/** Rough altitude of the sun by the clock alone, degrees, for an hour of the local day, 0 to 24. */
export const roughSunAltitudeDeg = (hour: number): number =>
  -ROUGH_HIGHEST_DEG * Math.cos(radiansFromDegrees(15 * hour));
