import { type SkyDirection } from './polarised-sky';

/** Height of what stands in the way of the sun over an azimuth, degrees; null where nothing is known of it. */
export type LandAt = (azimuthDeg: number) => number | null;

/** The sun comes out over the land, or goes behind it. */
export interface LandCrossing {
  readonly atMs: number;
  readonly comesOut: boolean;
  readonly direction: SkyDirection;
}

/** The sun moves by a quarter of a degree in it, ms. */
const STEP_MS = 60_000;
/** So well is a crossing told, ms. */
const EXACT_MS = 1_000;

/**
 * When the middle of the sun passes the edge of the land, between two moments, where the land is known.
 *
 * @param sunAt where the sun is seen at a time, ms since the epoch
 */
export function landCrossings(
  sunAt: (atMs: number) => SkyDirection,
  landAt: LandAt,
  fromMs: number,
  toMs: number,
): readonly LandCrossing[] {
  /** How far above the land, degrees; null where the land is not known. */
  const above = (atMs: number): number | null => {
    const { azimuthDeg, altitudeDeg } = sunAt(atMs);
    const land = landAt(azimuthDeg);
    return land === null ? null : altitudeDeg - land;
  };
  const found: LandCrossing[] = [];
  let last = above(fromMs);
  for (let at = fromMs; at < toMs; at += STEP_MS) {
    const next = above(at + STEP_MS);
    if (last !== null && next !== null && last > 0 !== next > 0) {
      const comesOut = next > 0;
      let [low, high] = [at, at + STEP_MS];
      while (high - low > EXACT_MS) {
        const middle = (low + high) / 2;
        if ((above(middle) ?? next) > 0 === comesOut) high = middle;
        else low = middle;
      }
      found.push({ atMs: high, comesOut, direction: sunAt(high) });
    }
    last = next;
  }
  return found;
}
