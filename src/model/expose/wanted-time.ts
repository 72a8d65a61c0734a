import { isNear, type ThirdsRange, type TimeOption, timesFor } from '@/core/exposure';
import { airyDiameterMm, circleOfConfusionMm, cornerVignette } from '@/core/optics';
import { exactAperture, exactIso, steppedAperture, steppedIso } from '@/core/units';
import { type Bag, filtersAtHand, isPlainNd, takesSlot } from '../bag/bag';
import { fittedFilters, withNds } from '../bag/on-lens';
import { openingsOf } from '../bag/openings';
import { ASSUMED_WIDEST_APERTURE } from '../answer/seam-views';
import { type Stand } from '../stand/stand';
import { type Derived } from '../answer/derive';
import { focusHelp } from '../answer/focus';
import { frameOf, lensOf } from '../resolve/lens';
import { ndSets, roomForNds } from './nd-sets';
import { secondsWithoutNd } from './without-nd';

/** A way to a wanted time, as it is set on the camera. */
export interface TimeWay {
  /** The NDs that go on in place of those that are on. */
  readonly filterIds: readonly string[];
  readonly aperture: number;
  readonly iso: number;
  readonly seconds: number;
  /** Longer than wanted is positive, stops. */
  readonly errorStops: number;
  readonly costs: TimeCosts;
}

/** What a way to a time costs beside the time itself. */
export interface TimeCosts {
  /** Slots that its NDs take. */
  readonly slots: number;
  /** Light lost in the corners by rings and slots, stops. */
  readonly cornerStops: number;
  /** Focused for the most depth, where what is sharp begins by this aperture, and by the stand's own, m. */
  readonly nearM: readonly [now: number, was: number];
  /** The disc that diffraction makes of a point, over the blur that still counts as sharp. */
  readonly diffractionPart: number;
}

export interface TimeWays {
  /** Best first. */
  readonly ways: readonly TimeWay[];
  /** Why the first does not come near: the bag's NDs end before, the shortest time is too long, or nothing is exposed yet. */
  readonly reason: 'too-short' | 'too-long' | 'not-exposed' | null;
}

/** The ISO may be turned up by so many thirds for a shorter time: more noise than that is no answer. */
const MOST_ISO_THIRDS = 9;

/** The ways to a time of so many seconds, by the NDs of the pouch, aperture and ISO (physics 7). */
export function wantedTimes(
  stand: Stand,
  bag: Bag,
  derived: Derived,
  { wantSeconds, longestSeconds }: { readonly wantSeconds: number; readonly longestSeconds: number },
): TimeWays {
  const baseSeconds = secondsWithoutNd(stand, bag, derived);
  if (baseSeconds === null) return { ways: [], reason: 'not-exposed' };
  const options = timesFor({
    baseSeconds,
    wantSeconds,
    longestSeconds,
    sets: [
      { ids: [], stops: 0 },
      ...ndSets(filtersAtHand(bag).filter(isPlainNd), roomForNds(stand, bag, derived)),
    ],
    aperture: apertureRange(stand),
    iso: isoRange(stand),
  });
  const [first] = options;
  return {
    ways: options.map((o) => wayOf(o, stand, bag)),
    reason: !first ? 'too-long' : missOf(first),
  };
}

const missOf = (option: TimeOption): TimeWays['reason'] =>
  isNear(option) ? null : option.errorStops < 0 ? 'too-short' : 'too-long';

function wayOf(
  { ids, apertureThirds, isoThirds, seconds, errorStops }: TimeOption,
  stand: Stand,
  bag: Bag,
): TimeWay {
  const { aperture, iso } = stand.exposure;
  const way = {
    filterIds: ids,
    aperture: apertureThirds ? steppedAperture(aperture, apertureThirds) : aperture,
    iso: isoThirds ? steppedIso(iso, -isoThirds) : iso,
  };
  return { ...way, seconds, errorStops, costs: costsOf(withTimeWay(stand, bag, way), bag, stand) };
}

/** The stand with a way's NDs on, and its aperture and ISO. */
export const withTimeWay = (
  stand: Stand,
  bag: Bag,
  { filterIds, aperture, iso }: Pick<TimeWay, 'filterIds' | 'aperture' | 'iso'>,
): Stand => ({ ...withNds(stand, bag, filterIds), exposure: { ...stand.exposure, aperture, iso } });

function costsOf(next: Stand, bag: Bag, was: Stand): TimeCosts {
  const lens = lensOf(next, bag);
  const { nearM, airyMm, confusionMm } = focusHelp(next);
  return {
    slots: fittedFilters(next, bag).filter(isPlainNd).filter(takesSlot).length,
    cornerStops: cornerVignette(lens, frameOf(next.camera), openingsOf(bag, lens), 0).stops,
    nearM: [nearM, focusHelp(was).nearM],
    diffractionPart: airyMm / confusionMm,
  };
}

const HAIR = 1e-9;

/** From the widest opening of the lens to where diffraction blurs more than defocus may. */
function apertureRange({ exposure, lens, camera }: Stand): ThirdsRange {
  const now = exactAperture(exposure.aperture);
  const limit = circleOfConfusionMm(frameOf(camera)) / airyDiameterMm(1);
  const widest = exactAperture(lens.widestAperture ?? ASSUMED_WIDEST_APERTURE);
  const thirdsTo = (n: number) => 6 * Math.log2(n / now);
  return [Math.min(0, Math.ceil(thirdsTo(widest) - HAIR)), Math.max(0, Math.floor(thirdsTo(limit) + HAIR))];
}

/** Down to the camera's lowest, and up by three stops. */
function isoRange({ exposure, camera }: Stand): ThirdsRange {
  const lowest = camera.lowestIso ?? camera.baseIso ?? exposure.iso;
  const down = Math.round(3 * Math.log2(exactIso(exposure.iso) / exactIso(lowest)));
  return [-MOST_ISO_THIRDS, Math.max(0, down)];
}
