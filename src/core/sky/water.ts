import { degreesFromRadians, radiansFromDegrees } from '@/core/units';

/** Refractive index of water (physics 6). */
const WATER_INDEX = 1.333;

/** Parts of the light that a still surface returns, across and along the plane of incidence. */
export interface Reflectance {
  readonly rs: number;
  readonly rp: number;
}

/** Fresnel's reflectance of still water seen so many degrees below the horizon, 0 to 90. */
export function waterReflectance(depressionDeg: number): Reflectance {
  const incidence = radiansFromDegrees(90 - depressionDeg);
  const cos = Math.cos(incidence);
  const refracted = Math.sqrt(1 - (Math.sin(incidence) / WATER_INDEX) ** 2);
  const rs = ((cos - WATER_INDEX * refracted) / (cos + WATER_INDEX * refracted)) ** 2;
  const rp = ((WATER_INDEX * cos - refracted) / (WATER_INDEX * cos + refracted)) ** 2;
  return { rs, rp };
}

/** Part of the glare that is left at best behind a polariser: `Rp / ((Rs + Rp) / 2)`. */
export function glareLeft(depressionDeg: number): number {
  const { rs, rp } = waterReflectance(depressionDeg);
  return rp / ((rs + rp) / 2);
}

/** By how much a still mirror's picture of the sky is darker than the sky, stops (physics 8). */
export function mirrorLossStops(depressionDeg: number): number {
  const { rs, rp } = waterReflectance(depressionDeg);
  return -Math.log2((rs + rp) / 2);
}

/** At how many degrees to a smooth surface it gives way to a polariser wholly (Brewster's angle, from the surface): `90 - atan n`. */
export const brewsterFromSurfaceDeg = (refractiveIndex: number): number =>
  degreesFromRadians(Math.PI / 2 - Math.atan(refractiveIndex));
