import { evOfLuminance } from '@/core/exposure';
import { radiansFromDegrees } from '@/core/units';
import { daylightLux } from './daylight';

/** Light of a sky and of the ground under it, at any height of the sun (physics 11): a forecast, never a measurement. */

/** How the sky is taken to be for a forecast. */
export const SKY_STATES = ['clear', 'broken', 'covered'] as const;
export type SkyState = (typeof SKY_STATES)[number];

/** Heights of the sun at which the formulas serve, degrees. */
const RANGE_DEG = [-12, 60] as const;
const isForecastable = (sunAltitudeDeg: number): boolean =>
  sunAltitudeDeg >= RANGE_DEG[0] && sunAltitudeDeg <= RANGE_DEG[1];

/** Illuminance outside the air, lux, and how fast each sky takes it away (Illuminating Engineering Society, availability of daylight). */
const BEAM_OUTSIDE_LUX = 127_500;
const EXTINCTION: Record<SkyState, number> = { clear: 0.21, broken: 0.8, covered: Infinity };

/** Sunlight on what faces it, lux; 0 below the horizon and under a covered sky. Air mass by Kasten and Young, 1989. */
export function beamLux(sky: SkyState, sunAltitudeDeg: number): number {
  if (sunAltitudeDeg <= 0) return 0;
  const sin = Math.sin(radiansFromDegrees(sunAltitudeDeg));
  const airMass = 1 / (sin + 0.50572 * (sunAltitudeDeg + 6.07995) ** -1.6364);
  return BEAM_OUTSIDE_LUX * Math.exp(-EXTINCTION[sky] * airMass);
}

/** The sky's light alone on level ground by the sine of the sun's height, lux (the same source). */
const DOME_LUX: Record<SkyState, (sin: number) => number> = {
  clear: (sin) => 800 + 15_500 * Math.sqrt(sin),
  broken: (sin) => 300 + 45_000 * sin,
  covered: (sin) => 300 + 21_000 * sin,
};

/**
 * The sky's light alone on level ground, lux. Below the horizon it goes down as twilight does (section 8).
 *
 * @returns null outside the range of use, -12 to 60 degrees
 */
export function domeLux(sky: SkyState, sunAltitudeDeg: number): number | null {
  if (!isForecastable(sunAltitudeDeg)) return null;
  if (sunAltitudeDeg >= 0) return DOME_LUX[sky](Math.sin(radiansFromDegrees(sunAltitudeDeg)));
  const part = (daylightLux(sunAltitudeDeg) as number) / (daylightLux(0) as number);
  return DOME_LUX[sky](0) * part;
}

/** Parameters of the CIE standard general sky (ISO 15469:2004): types 12, 7 and 1. */
const PATTERNS: Record<SkyState, { a: number; b: number; c: number; d: number; e: number }> = {
  clear: { a: -1, b: -0.32, c: 10, d: -3, e: 0.45 },
  broken: { a: 0, b: -1, c: 5, d: -2.5, e: 0.3 },
  covered: { a: 4, b: -0.7, c: 0, d: -1, e: 0 },
};

/** A place of the sky: how far from the sun's azimuth, and how high, degrees. */
export interface SkyPlace {
  readonly fromSunAcrossDeg: number;
  readonly altitudeDeg: number;
}

/** Luminance of a place over that of the zenith, `phi(Z) f(chi) / (phi(0) f(Zs))`. Below the horizon the sun's pattern at 0 stays. */
function patternOf(sky: SkyState, sunAltitudeDeg: number): (place: SkyPlace) => number {
  const { a, b, c, d, e } = PATTERNS[sky];
  const phi = (cosZ: number) => 1 + a * Math.exp(b / Math.max(1e-6, cosZ));
  const f = (chi: number) =>
    1 + c * (Math.exp(d * chi) - Math.exp((d * Math.PI) / 2)) + e * Math.cos(chi) ** 2;
  const sun = radiansFromDegrees(Math.max(0, sunAltitudeDeg));
  const zenith = phi(1) * f(Math.PI / 2 - sun);
  return ({ fromSunAcrossDeg, altitudeDeg }) => {
    const altitude = radiansFromDegrees(altitudeDeg);
    const cosChi =
      Math.sin(altitude) * Math.sin(sun) +
      Math.cos(altitude) * Math.cos(sun) * Math.cos(radiansFromDegrees(fromSunAcrossDeg));
    return (phi(Math.sin(altitude)) * f(Math.acos(Math.min(1, Math.max(-1, cosChi))))) / zenith;
  };
}

/** Degrees between the places at which the pattern is summed. */
const SUM_STEP_DEG = 2;

/** What a zenith of 1 cd/m2 gives on level ground, lux: the pattern summed over the sky, by rings. */
export function levelLuxPerZenithCandela(sky: SkyState, sunAltitudeDeg: number): number {
  const pattern = patternOf(sky, sunAltitudeDeg);
  const step = radiansFromDegrees(SUM_STEP_DEG);
  let sum = 0;
  for (let altitudeDeg = SUM_STEP_DEG / 2; altitudeDeg < 90; altitudeDeg += SUM_STEP_DEG) {
    const altitude = radiansFromDegrees(altitudeDeg);
    const weight = Math.sin(altitude) * Math.cos(altitude) * step * step;
    // the two halves of the sky are alike
    for (let across = SUM_STEP_DEG / 2; across < 180; across += SUM_STEP_DEG)
      sum += 2 * weight * pattern({ fromSunAcrossDeg: across, altitudeDeg });
  }
  return sum;
}

/** EV at ISO 100 of every place of the sky under one sun; null outside the range of use. */
export function skyEvs(sky: SkyState, sunAltitudeDeg: number): ((place: SkyPlace) => number) | null {
  const dome = domeLux(sky, sunAltitudeDeg);
  if (dome === null) return null;
  const zenith = dome / levelLuxPerZenithCandela(sky, sunAltitudeDeg);
  const pattern = patternOf(sky, sunAltitudeDeg);
  return (place) => evOfLuminance(zenith * pattern(place));
}

/** EV at ISO 100 of a place of the sky; null outside the range of use. */
export const skyEv = (sky: SkyState, sunAltitudeDeg: number, place: SkyPlace): number | null =>
  skyEvs(sky, sunAltitudeDeg)?.(place) ?? null;

/** Ground of a frame. */
export interface Ground {
  readonly reflectance: number;
  /** Whether the sun reaches it. */
  readonly isLit: boolean;
  /** Angle between the sun and what it falls on straight, degrees; absent: level ground. */
  readonly incidenceDeg?: number | undefined;
}

/** EV at ISO 100 of ground, lit or in shade: `r / pi (beam cos(incidence) + dome)`; null outside the range of use. */
export function groundEv(
  sky: SkyState,
  sunAltitudeDeg: number,
  { reflectance, isLit, incidenceDeg = 90 - sunAltitudeDeg }: Ground,
): number | null {
  const dome = domeLux(sky, sunAltitudeDeg);
  if (dome === null) return null;
  const cos = Math.max(0, Math.cos(radiansFromDegrees(incidenceDeg)));
  const beam = isLit ? beamLux(sky, sunAltitudeDeg) * cos : 0;
  return evOfLuminance((reflectance / Math.PI) * (beam + dome));
}

/** How far a forecast may be off, stops: darker and brighter than it says. */
export interface ForecastRange {
  readonly darker: number;
  readonly brighter: number;
}

/** At once, a quarter of an hour later more, at most; more under broken cloud; more of the glow towards a sun that is gone. */
const RANGE = { atOnce: 0.2, perQuarter: 0.4, most: 1.5, broken: 0.5, glow: 1, glowWithinDeg: 45 } as const;

/** The range of a forecast so many minutes ahead (physics 11). */
export function forecastRange(
  minutes: number,
  sky: SkyState,
  glow: { readonly sunAltitudeDeg: number; readonly fromSunAcrossDeg: number } | null = null,
): ForecastRange {
  const both =
    Math.min(RANGE.most, RANGE.atOnce + (RANGE.perQuarter * minutes) / 15) +
    (sky === 'broken' ? RANGE.broken : 0);
  const hasGlow = glow && glow.sunAltitudeDeg < 0 && glow.fromSunAcrossDeg <= RANGE.glowWithinDeg;
  return { darker: both, brighter: both + (hasGlow ? RANGE.glow : 0) };
}
