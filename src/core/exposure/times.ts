import { type ExactAperture, type ExactIso, type ExactSeconds } from '@/core/units';

export interface CameraSettings {
  readonly aperture: ExactAperture;
  readonly iso: ExactIso;
}

/** Exposure value at ISO 100 of camera settings: `log2(N^2 / t) - log2(S / 100)` (physics 1). */
export function ev100(settings: CameraSettings & { readonly seconds: ExactSeconds }): number {
  return Math.log2(settings.aperture ** 2 / settings.seconds) - Math.log2(settings.iso / 100);
}

/** The time, in seconds, that exposes for an EV100 at these settings: the other direction of `ev100`. */
export function secondsForEv(ev: number, settings: CameraSettings): number {
  return (settings.aperture ** 2 * 2 ** -ev * 100) / settings.iso;
}

/** A time behind glass of so many stops, at constant light: `t * 2^stops`. */
export function secondsThrough(seconds: number, stops: number): number {
  return seconds * 2 ** stops;
}

/**
 * Time that gathers in changing light what `constantSeconds` would in light that stays (physics 7):
 * `-log1p(-k ln2 t0) / (k ln2)`, `k` in stops a second.
 *
 * @param fallStopsPerMinute positive when the light falls
 * @returns null where the light runs out: no time is long enough
 */
export function secondsInChangingLight(constantSeconds: number, fallStopsPerMinute: number): number | null {
  const rate = (fallStopsPerMinute / 60) * Math.LN2;
  if (rate === 0) return constantSeconds;
  if (rate * constantSeconds >= 1) return null;
  return -Math.log1p(-rate * constantSeconds) / rate;
}
