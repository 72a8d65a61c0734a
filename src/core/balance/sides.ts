import { type LightReading, readingsFor } from '@/core/field';
import { mean } from '@/core/numerics';
import { type SensorWindow } from '@/core/sensor';
import { type Look, type Side, type SidesResult } from './types';

/** EV at which a reading would lie at mid-grey as the photographer wants it. */
export const wantedEv = (reading: LightReading): number => reading.ev100 - (reading.wantedToneStops ?? 0);

/** A needed dimming under this is nothing (solver: the target). */
const NOTHING = 1e-6;

/** Readings of a side that count in means; water's stand for land's where there are none of land. */
export function sideReadings<R extends LightReading>(side: Side, readings: readonly R[]): readonly R[] {
  return readingsFor(
    side,
    readings.filter((r) => !r.limit),
  );
}

/** Span of the readings: mean of the sky minus mean of the land, wanted tones counted; null without one of the sides. */
export function spanOf(readings: readonly LightReading[]): number | null {
  const sky = sideReadings('sky', readings);
  const land = sideReadings('land', readings);
  return sky.length && land.length ? mean(sky.map(wantedEv)) - mean(land.map(wantedEv)) : null;
}

/** Brightest minus darkest of all readings, stops; null for none. */
export function reachOf(readings: readonly LightReading[]): number | null {
  if (!readings.length) return null;
  const evs = readings.map((r) => r.ev100);
  return Math.max(...evs) - Math.min(...evs);
}

/** Room left under the highlight room for a reading through the glass, stops (physics 5). */
export const CAP_MARGIN = 0.5;

/** Which side is the brighter, and how much of it the look wants taken away. */
export const sidesOf = <R extends LightReading>(
  readings: readonly R[],
  look: Look,
  window: SensorWindow,
): SidesResult<R> => look.solver.sidesOf(readings, look, window);

/** What a look that goes by readings makes of both sides. */
interface Wanted {
  readonly spanStops: number;
  readonly brighter: Side;
  /** EV of the brightest reading of all, over the mean of the darker side. */
  readonly aboveDarkStops: number;
}

/** The sides as their readings tell them; what is needed is up to the look. */
export function readSides<R extends LightReading>(
  readings: readonly R[],
  neededOf: (wanted: Wanted) => number,
): SidesResult<R> {
  const sky = sideReadings('sky', readings);
  const land = sideReadings('land', readings);
  if (!sky.length) return { ok: false, reason: 'no-sky-reading', spanStops: null };
  if (!land.length) return { ok: false, reason: 'no-land-reading', spanStops: null };
  const spanStops = mean(sky.map(wantedEv)) - mean(land.map(wantedEv));
  const brighter: Side = spanStops >= 0 ? 'sky' : 'land';
  const [bright, dark] = brighter === 'sky' ? [sky, land] : [land, sky];
  const darkMeanEv = mean(dark.map(wantedEv));
  const aboveDarkStops = Math.max(...readings.map((r) => r.ev100)) - darkMeanEv;
  const need = Math.max(0, neededOf({ spanStops, brighter, aboveDarkStops }));
  return {
    ok: true,
    sides: {
      spanStops,
      neededStops: need < NOTHING ? 0 : need,
      brighter,
      bright,
      dark,
      brightMeanEv: mean(bright.map((r) => r.ev100)),
      darkMeanEv,
    },
  };
}
