import { Body, Equator, Horizon, Observer, SearchRiseSet } from 'astronomy-engine';
import { type Place } from './place';

/** Altitude of the sun's centre, as refraction shows it, degrees, at a time in ms since the epoch. */
export function sunAltitudeDeg({ latitudeDeg, longitudeDeg }: Place, atMs: number): number {
  const observer = new Observer(latitudeDeg, longitudeDeg, 0);
  const at = new Date(atMs);
  const { ra, dec } = Equator(Body.Sun, at, observer, true, true);
  return Horizon(at, observer, ra, dec, 'normal').altitude;
}

/** The sun's upper edge stands on the horizon when its centre is so far below it, degrees. */
const SUN_RADIUS_DEG = 0.267;

/** Whether any of the sun stands above a level horizon. */
export const isSunUp = (place: Place, atMs: number): boolean => sunAltitudeDeg(place, atMs) > -SUN_RADIUS_DEG;

/** The next sunrise or sunset after a time, ms since the epoch; null where there is none within two days. */
export function nextSunCrossingMs({ latitudeDeg, longitudeDeg }: Place, afterMs: number): number | null {
  const observer = new Observer(latitudeDeg, longitudeDeg, 0);
  const crossings = [1, -1].flatMap(
    (way) => SearchRiseSet(Body.Sun, observer, way, new Date(afterMs), 2)?.date.getTime() ?? [],
  );
  return crossings.length ? Math.min(...crossings) : null;
}
