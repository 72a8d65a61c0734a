import { bisect } from '@/core/numerics';
import { cornerVignette, estimatedPupilToFilterMm, type FrameSize, type Lens } from '@/core/optics';
import { exactAperture } from '@/core/units';
import { type Bag, type BagLens, type FurtherHolder } from './bag';
import { bagAtLens, holderByLens, USUAL_HOLDER } from './holders';
import { mountedLens } from './edits';
import { openingsOf } from './openings';
import { knownPupilMm } from './pupils';

/** How a lens and a holder go together. */
export interface Fit {
  /** The bag puts this holder on this lens. */
  readonly goesOn: boolean;
  /** Null where neither rings nor the slot's opening are known. */
  readonly corners: CornersLost | null;
}

/** What the corners lose at the widest view, behind a level holder and behind one that is turned. */
export interface CornersLost {
  readonly levelStops: number;
  readonly turnedStops: number;
  /** What takes the most; null where nothing is lost. */
  readonly by: string | null;
  /** From this focal length on the corners of a level holder are clear; null where they are nowhere, or everywhere. */
  readonly clearFromMm: number | null;
}

/** A lens, and how it goes with each holder: the usual one first. */
export interface LensFits {
  readonly lens: BagLens;
  readonly fits: readonly Fit[];
}

/** Taken at: what landscapes are usually taken at. */
const APERTURE = exactAperture(11);
/** A turn at which the slot's edges cut a corner most, degrees. */
const TURNED_DEG = 35;
/** Corners that lose less show nothing, stops. */
const SHOWS_STOPS = 0.1;

/** Holders of a bag, the usual one first. */
export const holdersOf = ({ holders = [] }: Bag): readonly (FurtherHolder | null)[] => [
  null,
  ...holders.filter((h) => !h.archived),
];

/** Which holder goes with which lens of the bag, by what the corners of a frame lose. */
export function lensFits(bag: Bag, frame: FrameSize): LensFits[] {
  return (bag.lenses ?? [])
    .filter((lens) => !lens.archived)
    .map((lens) => {
      const mounted = mountedLens(lens, lens.shortestMm);
      const own = holderByLens({ lens: mounted }, bag);
      return {
        lens,
        fits: holdersOf(bag).map((holder) => ({
          goesOn: (own?.id ?? null) === (holder?.id ?? null),
          corners: cornersLost(
            bagAtLens({ lens: mounted, holderId: holder?.id ?? USUAL_HOLDER }, bag),
            lens,
            frame,
          ),
        })),
      };
    });
}

function cornersLost(bag: Bag, lens: BagLens, frame: FrameSize): CornersLost | null {
  const { rings = [], slotOpeningMm } = bag.holder ?? {};
  if (!rings.length && slotOpeningMm === undefined) return null;
  const at = (focalLengthMm: number, turnDeg: number) => {
    const seen = seenThrough(lens, focalLengthMm);
    return cornerVignette(seen, frame, openingsOf(bag, seen), turnDeg);
  };
  const { shortestMm, longestMm } = lens;
  const level = at(shortestMm, 0);
  const turned = [TURNED_DEG, -TURNED_DEG]
    .map((deg) => at(shortestMm, deg))
    .reduce((a, b) => (b.stops > a.stops ? b : a), level);
  const overBy = (mm: number) => Math.min(20, at(mm, 0).stops) - SHOWS_STOPS;
  const clears = overBy(shortestMm) > 0 ? bisect(overBy, shortestMm, longestMm) : null;
  return {
    levelStops: level.stops,
    turnedStops: turned.stops,
    by: level.by ?? turned.by,
    clearFromMm: clears?.found ? Math.ceil(clears.x) : null,
  };
}

const seenThrough = (lens: BagLens, focalLengthMm: number): Lens => {
  const known = knownPupilMm(lens, focalLengthMm);
  return {
    focalLengthMm,
    aperture: APERTURE,
    pupilToFilterMm: known ?? estimatedPupilToFilterMm(focalLengthMm, lens.bulgingFront),
    pupilEstimated: known === undefined,
  };
};
