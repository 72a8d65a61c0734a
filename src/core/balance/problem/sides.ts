import { type LightReading, readingsFor, REGION_CODES, type RegionMap, type Role } from '@/core/field';
import { mean } from '@/core/numerics';
import { type SensorWindow } from '@/core/sensor';
import { type Ground, type Look, type Side, type SidesResult } from './types';

/** EV at which a reading would lie at mid-grey as the photographer wants it. */
export const wantedEv = (reading: LightReading): number => reading.ev100 - (reading.wantedToneStops ?? 0);

/** A needed dimming under this is nothing (solver: the target). */
const NOTHING = 1e-6;

const counted = new WeakMap<Uint8Array, Ground>();
const [LAND, WATER] = [REGION_CODES.indexOf('land'), REGION_CODES.indexOf('water')];

/** Land and water of a frame, counted once. */
export function groundOf({ regions }: Pick<RegionMap, 'regions'>): Ground {
  let ground = counted.get(regions);
  if (!ground) {
    let land = 0;
    let water = 0;
    for (const region of regions) {
      if (region === LAND) land++;
      else if (region === WATER) water++;
    }
    ground = { land, water };
    counted.set(regions, ground);
  }
  return ground;
}

/** A frame of which the ground is not known. */
const NO_GROUND: Ground = { land: 0, water: 0 };

/**
 * Readings of a side that count in means. Water's stand for land's where there are none of land; where both are read and
 * both have cells, all count.
 */
export function sideReadings<R extends LightReading>(
  side: Side,
  readings: readonly R[],
  ground: Ground = NO_GROUND,
): readonly R[] {
  const meant = readings.filter((r) => !r.limit);
  const of = (role: Role) => meant.filter((r) => r.role === role);
  const both = [...of('land'), ...of('water')];
  const isBoth =
    side === 'land' && ground.land > 0 && ground.water > 0 && new Set(both.map((r) => r.role)).size === 2;
  return isBoth ? both : readingsFor(side, meant);
}

/** Mean over a side's readings; where land and water both count, each by its number of cells. */
export function sideMean<R extends Pick<LightReading, 'role'>>(
  own: readonly R[],
  { land, water }: Ground,
  valueOf: (reading: R) => number,
): number {
  const roles = [...new Set(own.map((r) => r.role))];
  const meanOf = (role: Role) => mean(own.filter((r) => r.role === role).map(valueOf));
  if (roles.length < 2) return mean(own.map(valueOf));
  return (land * meanOf('land') + water * meanOf('water')) / (land + water);
}

/** Span of the readings: mean of the sky minus mean of the land, wanted tones counted; null without one of the sides. */
export function spanOf(readings: readonly LightReading[], ground: Ground = NO_GROUND): number | null {
  const sky = sideReadings('sky', readings);
  const land = sideReadings('land', readings, ground);
  return sky.length && land.length
    ? sideMean(sky, ground, wantedEv) - sideMean(land, ground, wantedEv)
    : null;
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
  scene: { readonly window: SensorWindow; readonly ground: Ground },
): SidesResult<R> => look.solver.sidesOf(readings, look, scene);

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
  ground: Ground,
  neededOf: (wanted: Wanted) => number,
): SidesResult<R> {
  const sky = sideReadings('sky', readings);
  const land = sideReadings('land', readings, ground);
  if (!sky.length) return { ok: false, reason: 'no-sky-reading', spanStops: null };
  if (!land.length) return { ok: false, reason: 'no-land-reading', spanStops: null };
  const spanStops = sideMean(sky, ground, wantedEv) - sideMean(land, ground, wantedEv);
  const brighter: Side = spanStops >= 0 ? 'sky' : 'land';
  const [bright, dark] = brighter === 'sky' ? [sky, land] : [land, sky];
  const darkMeanEv = sideMean(dark, ground, wantedEv);
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
      brightMeanEv: sideMean(bright, ground, (r) => r.ev100),
      darkMeanEv,
    },
  };
}
