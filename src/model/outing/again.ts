import { type SkyDirection, tideSpans } from '@/core/sky';
import { degreesApart } from '@/core/units';
import { turnsOf } from './light';
import { type ComeBack, type Outing, type OwnPlace } from './plans';

/** Places to come back to: when the sun stands there again, or the water. */

/** How near, degrees across, the sun has to come again to where it was wanted, and in height. */
const SUN_AGAIN = { acrossDeg: 4, upDeg: 3 } as const;

/** Whether the sun of some moment stands where it was to stand again. */
const isSunAgain = (wish: ComeBack, sun: SkyDirection): boolean =>
  wish.sunAzimuthDeg !== undefined &&
  degreesApart(wish.sunAzimuthDeg, sun.azimuthDeg) <= SUN_AGAIN.acrossDeg &&
  Math.abs((wish.sunAltitudeDeg ?? 0) - sun.altitudeDeg) <= SUN_AGAIN.upDeg;

const STEP_MS = 10 * 60_000;

/** A wish to come back that a day fulfils, and when. */
export interface DueAgain {
  readonly place: OwnPlace;
  readonly wish: ComeBack;
  /** The first moment of the day at which it is so. */
  readonly atMs: number;
}

/**
 * The wishes of a place that a day fulfils: the sun where it was wanted, the water as it was wanted, both where both were.
 *
 * @param sunAt where the sun is seen over the place at a time, ms since the epoch
 */
export function dueOn(
  place: OwnPlace,
  outing: Pick<Outing, 'tides'>,
  day: {
    readonly fromMs: number;
    readonly toMs: number;
    readonly sunAt: (atMs: number) => SkyDirection;
  },
): readonly DueAgain[] {
  const turns = turnsOf(outing);
  return (place.again ?? []).flatMap((wish): DueAgain[] => {
    const { tide, sunAzimuthDeg } = wish;
    const water = tide ? tideSpans(turns, tide.heightM, tide.side) : null;
    for (let atMs = day.fromMs; atMs < day.toMs; atMs += STEP_MS) {
      const sunServes = sunAzimuthDeg === undefined || isSunAgain(wish, day.sunAt(atMs));
      const waterServes = !water || water.some((s) => atMs >= s.fromMs && atMs <= s.toMs);
      if (sunServes && waterServes && (sunAzimuthDeg !== undefined || water)) return [{ place, wish, atMs }];
    }
    return [];
  });
}
