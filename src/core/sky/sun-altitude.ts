import { Body, Equator, Horizon, Observer, SearchRiseSet } from 'astronomy-engine';
import { type Place } from './place';
import { type SkyDirection } from './polarised-sky';

function directionOf(
  { latitudeDeg, longitudeDeg }: Place,
  atMs: number,
  refraction?: 'normal',
): SkyDirection {
  const observer = new Observer(latitudeDeg, longitudeDeg, 0);
  const at = new Date(atMs);
  const { ra, dec } = Equator(Body.Sun, at, observer, true, true);
  const { azimuth, altitude } = Horizon(at, observer, ra, dec, refraction);
  return { azimuthDeg: azimuth, altitudeDeg: altitude };
}

/** Where the sun's centre is seen, refraction counted, at a time in ms since the epoch: azimuth clockwise from true north. */
export const sunDirection = (place: Place, atMs: number): SkyDirection => directionOf(place, atMs, 'normal');

/**
 * True altitude of the sun's centre, degrees, at a time in ms since the epoch: without refraction, which belongs to where
 * the sun is seen and not to the light that it gives (physics 8).
 */
export const sunAltitudeDeg = (place: Place, atMs: number): number => directionOf(place, atMs).altitudeDeg;

/** The sun's upper edge stands on the horizon when its centre is so far below it, degrees. */
const SUN_RADIUS_DEG = 0.267;

/** Where the sun's centre is without refraction, at a time in ms since the epoch: what its light goes by. */
export const trueSunDirection = (place: Place, atMs: number): SkyDirection => directionOf(place, atMs);

/** Whether any of the sun stands above a level horizon. */
export const isSunUp = (place: Place, atMs: number): boolean =>
  directionOf(place, atMs, 'normal').altitudeDeg > -SUN_RADIUS_DEG;

/** The next sunrise or sunset after a time, ms since the epoch; null where there is none within two days. */
export function nextSunCrossingMs({ latitudeDeg, longitudeDeg }: Place, afterMs: number): number | null {
  const observer = new Observer(latitudeDeg, longitudeDeg, 0);
  const crossings = [1, -1].flatMap(
    (way) => SearchRiseSet(Body.Sun, observer, way, new Date(afterMs), 2)?.date.getTime() ?? [],
  );
  return crossings.length ? Math.min(...crossings) : null;
}
