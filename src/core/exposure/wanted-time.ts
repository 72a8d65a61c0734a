/** Glass for a wanted time (physics 7). */

/** NDs together, and what they take, stops; none of them for 0. */
export interface NdSet {
  readonly ids: readonly string[];
  readonly stops: number;
}

/** How far something may be moved, thirds of a stop by which the time gets longer: from the shortest to the longest. */
export type ThirdsRange = readonly [shorter: number, longer: number];

export interface WantedTime {
  /** The time without any ND, as aperture and ISO are, s. */
  readonly baseSeconds: number;
  readonly wantSeconds: number;
  /** The longest that one will wait, s. */
  readonly longestSeconds: number;
  readonly sets: readonly NdSet[];
  readonly aperture: ThirdsRange;
  readonly iso: ThirdsRange;
}

/** One way to a time: the NDs, and by how many thirds aperture and ISO make it longer. */
export interface TimeOption extends NdSet {
  readonly apertureThirds: number;
  readonly isoThirds: number;
  readonly seconds: number;
  /** Longer than wanted is positive. */
  readonly errorStops: number;
}

/** A time this far off the wanted one still comes near it, stops. */
export const NEAR_STOPS = 0.5;
/** Errors within one such step are alike: shutters go in thirds, stops. */
const ALIKE_STOPS = 1 / 6;
const HAIR = 1e-9;

const clamp = (value: number, [low, high]: readonly [number, number]): number =>
  Math.min(high, Math.max(low, value));

/** Thirds shared out: longer by the ISO first, since it costs least, shorter by the aperture first. */
function shared(thirds: number, { aperture, iso }: Pick<WantedTime, 'aperture' | 'iso'>) {
  if (thirds >= 0) {
    const isoThirds = clamp(thirds, iso);
    return { isoThirds, apertureThirds: clamp(thirds - isoThirds, aperture) };
  }
  const apertureThirds = clamp(thirds, aperture);
  return { apertureThirds, isoThirds: clamp(thirds - apertureThirds, iso) };
}

/** The time nearest to the wanted one that a set gives, and that one will wait for; null where it gives none. */
function nearestOf(set: NdSet, wanted: WantedTime): TimeOption | null {
  const { baseSeconds, wantSeconds, longestSeconds, aperture, iso } = wanted;
  const untrimmed = baseSeconds * 2 ** set.stops;
  const range = [aperture[0] + iso[0], aperture[1] + iso[1]] as const;
  const most = Math.floor(3 * Math.log2(longestSeconds / untrimmed) + HAIR);
  if (most < range[0]) return null;
  const exact = 3 * Math.log2(wantSeconds / untrimmed);
  const thirds = Math.min(most, clamp(Math.round(exact), range));
  const seconds = untrimmed * 2 ** (thirds / 3);
  return { ...set, ...shared(thirds, wanted), seconds, errorStops: Math.log2(seconds / wantSeconds) };
}

/** Whether a time comes near the wanted one. */
export const isNear = ({ errorStops }: TimeOption): boolean => Math.abs(errorStops) <= NEAR_STOPS + HAIR;
const trims = ({ apertureThirds, isoThirds }: TimeOption): number =>
  Math.abs(apertureThirds) + Math.abs(isoThirds);

/** What comes near first; of that the fewest sheets, then the least error, then what is moved least. */
function byRank(a: TimeOption, b: TimeOption): number {
  const error = (o: TimeOption) => Math.abs(o.errorStops);
  const step = (o: TimeOption) => Math.floor(error(o) / ALIKE_STOPS + HAIR);
  return (
    Number(isNear(b)) - Number(isNear(a)) ||
    (isNear(a) ? a.ids.length - b.ids.length : 0) ||
    step(a) - step(b) ||
    trims(a) - trims(b) ||
    error(a) - error(b)
  );
}

/**
 * What glass makes a wanted time: the nearest time that each set of NDs gives within what aperture and ISO allow, best first.
 * Where the first does not come near, none does.
 */
export const timesFor = (wanted: WantedTime): TimeOption[] =>
  wanted.sets.flatMap((set) => nearestOf(set, wanted) ?? []).sort(byRank);
