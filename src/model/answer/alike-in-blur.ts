import { exactIso, steppedIso } from '@/core/units';
import { type Bag, type Filter, filtersAtHand, isPlainNd, takesSlot } from '../bag/bag';
import { plainStops } from '../resolve/glass';
import { type Prepared } from './prepare';
import { type Stand } from '../stand/stand';

/** One exposure of a bracket. */
export interface BracketFrame {
  readonly seconds: number;
  readonly iso: number;
  /** The ND that goes on for this frame alone; empty for none. */
  readonly filterIds: readonly string[];
  /** EV of the bare scene that lands at mid-grey. */
  readonly evMidGrey: number;
  /** From the base exposure, which places the land as the look has it; negative is darker. Null without a land reading. */
  readonly offsetStops: number | null;
}

/** How far the ISO may be turned up to make good for an ND, stops. */
const MOST_RAISED = 2;

/** One way to take so many stops off a frame whose time stays: an ND or none, and the ISO that makes it good. */
interface Way {
  readonly filterIds: readonly string[];
  readonly raisedStops: number;
}

/**
 * The frames of a bracket at one time, so that water and cloud are alike in all of them: the darker ones get an ND of the
 * pouch, and the ISO what is left over (physics 9). Where no ND serves, the time is the shortest and the ISO is raised for
 * the brighter frames. Null where neither is possible.
 *
 * @param frames darkest picture first, of which only the times differ
 */
export function alikeInBlur(
  stand: Stand,
  bag: Bag,
  prepared: Prepared,
  frames: readonly BracketFrame[],
): BracketFrame[] | null {
  const longest = frames.at(-1) as BracketFrame;
  const nds = looseNds(stand, bag, prepared);
  const lowest = Math.log2(exactIso(stand.camera.lowestIso ?? stand.exposure.iso) / isoOf(stand));
  const made = frames.map((frame) => {
    const way = bestWay(bag, nds, { lessStops: stopsBetween(frame, longest), lowestStops: lowest });
    return way && at(stand, frame, { ...way, seconds: longest.seconds });
  });
  if (made.every((frame) => frame !== null)) return made;
  const shortest = frames[0] as BracketFrame;
  const raised = frames.map((frame) =>
    at(stand, frame, {
      filterIds: [],
      raisedStops: stopsBetween(shortest, frame),
      seconds: shortest.seconds,
    }),
  );
  const most = stopsBetween(shortest, longest);
  return most <= MOST_ISO_ALONE ? raised : null;
}

/** By how much the ISO alone may have to be raised, stops: beyond that noise undoes what the bracket gains. */
const MOST_ISO_ALONE = 4;

const isoOf = (stand: Stand): number => exactIso(stand.exposure.iso);

/** By how much longer the second is exposed, stops. */
const stopsBetween = (a: BracketFrame, b: BracketFrame): number => Math.log2(b.seconds / a.seconds);

const at = (
  stand: Stand,
  frame: BracketFrame,
  { filterIds, raisedStops, seconds }: Way & { readonly seconds: number },
): BracketFrame => ({
  ...frame,
  seconds,
  filterIds,
  iso: steppedIso(stand.exposure.iso, Math.round(3 * raisedStops)),
});

/** NDs of the pouch that are not on, and for which there is room. */
const looseNds = (stand: Stand, bag: Bag, { freeSlots }: Prepared): Filter[] =>
  filtersAtHand(bag).filter(
    (f) =>
      isPlainNd(f) && !stand.fitted?.some((on) => on.filterId === f.id) && (freeSlots > 0 || !takesSlot(f)),
  );

/** The way that turns the ISO least; null where none is possible. */
function bestWay(
  bag: Bag,
  nds: readonly Filter[],
  { lessStops, lowestStops }: { readonly lessStops: number; readonly lowestStops: number },
): Way | null {
  const ways = [[], ...nds.map((f) => [f.id])].map((filterIds): Way => ({
    filterIds,
    raisedStops: plainStops(bag, filterIds) - lessStops,
  }));
  const possible = ways.filter(
    ({ raisedStops }) => raisedStops >= Math.min(0, lowestStops) - 1 / 6 && raisedStops <= MOST_RAISED,
  );
  return possible.reduce<Way | null>(
    (best, way) => (best && Math.abs(best.raisedStops) <= Math.abs(way.raisedStops) + 1e-9 ? best : way),
    null,
  );
}
