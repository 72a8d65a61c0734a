import { type Cast } from '@/core/measuring';
import { secondsForEv } from '@/core/exposure';
import { polarises } from '@/core/glass';
import { exactAperture, exactIso } from '@/core/units';
import { type Bag } from '../bag/bag';
import { fittedFilters } from '../bag/on-lens';
import { type Derived } from '../answer/derive';
import { castOf } from '../answer/cast';
import { totalStops } from '../resolve/glass';
import { ASSUMED_WIDEST_APERTURE } from '../answer/seam-views';
import { type Stand } from '../stand/stand';

/** A picture of something neutral through the glass, for a white balance of its own (physics 10). */
export interface WhiteBalanceShot {
  /** What the ND takes, stops: dense glass is rarely neutral. */
  readonly ndStops: number;
  /** The colour of all of it, where it was measured. */
  readonly cast: Cast | null;
  /** Whether it is worth the trouble: a colour that shows was measured, or the glass is dense enough to have one. */
  readonly isWorthIt: boolean;
  readonly aperture: number;
  readonly iso: number;
  /** The time for the brightest that was read, which is held up to the glass; null where nothing was read. */
  readonly seconds: number | null;
  /** Whether that can be held in the hand, out of focus as it is. */
  readonly canBeHeld: boolean;
}

/** Thinner glass than this has no colour worth the trouble, stops. */
const DENSE_STOPS = 5;
/** A colour that is stronger than this shows, stops of one channel. */
const SHOWS_STOPS = 0.1;
/** What cameras go up to without a thought. */
const HIGH_ISO = 6400;
/** Blur does not matter here, but the frame must stay on the cloud, s. */
const HELD_SECONDS = 1;

/** What it takes to read the white balance through the NDs that are on, at the widest aperture and a high ISO. */
export function whiteBalanceShot(stand: Stand, bag: Bag, { prepared }: Derived): WhiteBalanceShot {
  const fitted = fittedFilters(stand, bag);
  const ndStops = totalStops(fitted.filter((f) => !polarises(f)));
  const cast = castOf(fitted);
  const aperture = stand.lens.widestAperture ?? ASSUMED_WIDEST_APERTURE;
  const evs = prepared.input.field.readings.filter((r) => !r.limit).map((r) => r.ev100);
  const seconds = evs.length
    ? secondsForEv(Math.max(...evs) - totalStops(fitted), {
        aperture: exactAperture(aperture),
        iso: exactIso(HIGH_ISO),
      })
    : null;
  return {
    ndStops,
    cast,
    isWorthIt: cast
      ? Math.max(Math.abs(cast.red), Math.abs(cast.blue)) >= SHOWS_STOPS
      : ndStops >= DENSE_STOPS,
    aperture,
    iso: HIGH_ISO,
    seconds,
    canBeHeld: seconds !== null && seconds <= HELD_SECONDS,
  };
}
