import { mean } from '@/core/numerics';

/** One look at a spot: when, ms since the epoch, and its EV at ISO 100. */
export interface LightSample {
  readonly atMs: number;
  readonly ev100: number;
}

/** How fast light falls, as far as spots that were read more than once tell. */
export interface LightFall {
  /** Positive when the light falls. */
  readonly stopsPerMinute: number;
  /** Standard error from the steps that meters read in. */
  readonly giveOrTake: number;
  /** From the first look to the last, minutes. */
  readonly overMinutes: number;
  readonly lastMs: number;
}

const MS_PER_MINUTE = 60_000;
/** Looks at a spot closer in time than this tell of the meter and not of the light, minutes. */
const LEAST_MINUTES = 1;
/** Standard deviation of readings in thirds of a stop: `1/3 / sqrt(12)`. */
const READING_ERROR = 1 / 3 / Math.sqrt(12);
/** Light is carried on for at most so many times as long as it was watched, and never longer than so many minutes. */
const CARRIED_TIMES = 3;
const CARRIED_MINUTES = 20;

/**
 * The fall of light over spots that were each read more than once: the least-squares slope with every spot about its own
 * mean, so that it does not matter how bright one is against another. Null where no spot was watched for a minute.
 */
export function lightFall(spots: readonly (readonly LightSample[])[]): LightFall | null {
  const times = spots.map((spot) => spot.map((s) => s.atMs));
  const watched = times.map((t) => (t.length ? (Math.max(...t) - Math.min(...t)) / MS_PER_MINUTE : 0));
  const overMinutes = Math.max(0, ...watched);
  if (overMinutes < LEAST_MINUTES) return null;
  let [stt, ste] = [0, 0];
  for (const spot of spots) {
    const meanMs = mean(spot.map((s) => s.atMs));
    const meanEv = mean(spot.map((s) => s.ev100));
    for (const { atMs, ev100 } of spot) {
      const minutes = (atMs - meanMs) / MS_PER_MINUTE;
      stt += minutes ** 2;
      ste += minutes * (ev100 - meanEv);
    }
  }
  return {
    stopsPerMinute: -ste / stt,
    giveOrTake: READING_ERROR / Math.sqrt(stt),
    overMinutes,
    lastMs: Math.max(...times.flat()),
  };
}

/**
 * How far an EV read at one time has changed at another, stops: negative where the light falls. It is carried on past the
 * last look for three times as long as the light was watched and twenty minutes at most, and no further: what comes then
 * nobody has seen.
 */
export function carriedStops(
  { stopsPerMinute, overMinutes, lastMs }: LightFall,
  fromMs: number,
  toMs: number,
): number {
  const furthestMs = lastMs + Math.min(CARRIED_TIMES * overMinutes, CARRIED_MINUTES) * MS_PER_MINUTE;
  const minutes = Math.max(0, Math.min(toMs, furthestMs) - fromMs) / MS_PER_MINUTE;
  return -stopsPerMinute * minutes;
}
