import { Body, Equator, Horizon, Observer, SearchRiseSet } from 'astronomy-engine';
import { type Place } from './place';

function altitudeDeg({ latitudeDeg, longitudeDeg }: Place, atMs: number, refraction?: 'normal'): number {
  const observer = new Observer(latitudeDeg, longitudeDeg, 0);
  const at = new Date(atMs);
  const { ra, dec } = Equator(Body.Sun, at, observer, true, true);
  return Horizon(at, observer, ra, dec, refraction).altitude;
}

/**
 * True altitude of the sun's centre, degrees, at a time in ms since the epoch: without refraction, which belongs to where
 * the sun is seen and not to the light that it gives (physics 8).
 */
export const sunAltitudeDeg = (place: Place, atMs: number): number => altitudeDeg(place, atMs);

/** The sun's upper edge stands on the horizon when its centre is so far below it, degrees. */
const SUN_RADIUS_DEG = 0.267;

/** Whether any of the sun stands above a level horizon. */
export const isSunUp = (place: Place, atMs: number): boolean =>
  altitudeDeg(place, atMs, 'normal') > -SUN_RADIUS_DEG;

/** The next sunrise or sunset after a time, ms since the epoch; null where there is none within two days. */
export function nextSunCrossingMs({ latitudeDeg, longitudeDeg }: Place, afterMs: number): number | null {
  const observer = new Observer(latitudeDeg, longitudeDeg, 0);
  const crossings = [1, -1].flatMap(
    (way) => SearchRiseSet(Body.Sun, observer, way, new Date(afterMs), 2)?.date.getTime() ?? [],
  );
  return crossings.length ? Math.min(...crossings) : null;
}
