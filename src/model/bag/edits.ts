import { assumedTransitionMm, kindNamed, type GlassKind, type GoodLabel } from '@/core/glass';
import {
  asKind,
  type Bag,
  type BagCamera,
  type BagLens,
  type Filter,
  type FurtherHolder,
  newSheet,
} from './bag';
import { sameContent } from '../records/alike';
import { insert, put, without } from '../records/lists';
import { markedName, nextName } from '../records/names';
import { type Camera, type StandLens } from '../stand/stand';
import { type Orientation } from '../terms/stand';

/** Pure edits of a bag: each returns the changed bag, or the same one when nothing changes. */

/** Puts a filter into the bag; one that is new comes along today. */
export function putFilter(bag: Bag, filter: Filter): Bag {
  const isNew = !bag.filters.some((f) => f.id === filter.id);
  return { ...bag, ...(isNew ? alongToo(bag, [filter.id]) : {}), filters: put(bag.filters, filter) };
}

/** The pouch, where there is one, with further filters in it. */
export const alongToo = ({ pouch }: Bag, ids: readonly string[]): Pick<Bag, 'pouch'> =>
  pouch ? { pouch: [...pouch, ...ids] } : {};

/** Puts a filter back where it was, and along where it was along; one that is there again already stays as it is. */
export const restoreFilter = (bag: Bag, filter: Filter, index: number, isAlong: boolean): Bag =>
  bag.filters.some((f) => f.id === filter.id)
    ? bag
    : {
        ...bag,
        ...(isAlong ? alongToo(bag, [filter.id]) : {}),
        filters: insert(bag.filters, filter, index),
      };

export const removeFilter = (bag: Bag, id: string): Bag => ({
  ...bag,
  ...(bag.pouch ? { pouch: bag.pouch.filter((p) => p !== id) } : {}),
  filters: without(bag.filters, id),
});

/** A copy of a filter beside it, with an id of its own. */
export function duplicateFilter(bag: Bag, id: string, copyId: string): Bag {
  const index = bag.filters.findIndex((f) => f.id === id);
  const filter = bag.filters[index];
  if (!filter) return bag;
  const names = bag.filters.flatMap((f) => f.name ?? []);
  const copy = {
    ...filter,
    id: copyId,
    ...(filter.name ? { name: markedName(filter.name, 'copy', names) } : {}),
  };
  return { ...bag, ...alongToo(bag, [copy.id]), filters: insert(bag.filters, copy, index + 1) };
}

export const archiveFilter = (bag: Bag, id: string, archived: boolean): Bag => ({
  ...bag,
  filters: bag.filters.map((f) => (f.id === id ? withArchived(f, archived) : f)),
});

/** An item put away or taken out again; one in use says nothing of it. */
export function withArchived<T extends { readonly archived?: boolean | undefined }>(
  item: T,
  archived: boolean,
): T {
  const { archived: _, ...rest } = item;
  return (archived ? { ...rest, archived } : rest) as T;
}

/** Takes a filter along today, or leaves it; with all of them along there is no pouch to keep. */
export function takeAlong(bag: Bag, id: string, along: boolean): Bag {
  const usable = bag.filters.filter((f) => !f.archived).map((f) => f.id);
  const before = bag.pouch ?? usable;
  const pouch = usable.filter((u) => (u === id ? along : before.includes(u)));
  return pouch.length === usable.length ? withoutPouch(bag) : { ...bag, pouch };
}

/** Everything is along. */
export function withoutPouch({ pouch: _, ...bag }: Bag): Bag {
  return bag;
}

export const putLens = (bag: Bag, lens: BagLens): Bag => ({ ...bag, lenses: put(bag.lenses, lens) });
export const restoreLens = (bag: Bag, lens: BagLens, index: number): Bag => ({
  ...bag,
  lenses: insert(bag.lenses, lens, index),
});
export const removeLens = (bag: Bag, id: string): Bag => ({ ...bag, lenses: without(bag.lenses, id) });

export const putHolder = (bag: Bag, holder: FurtherHolder): Bag => ({
  ...bag,
  holders: put(bag.holders, holder),
});
export const restoreHolder = (bag: Bag, holder: FurtherHolder, index: number): Bag => ({
  ...bag,
  holders: insert(bag.holders, holder, index),
});
export const removeHolder = (bag: Bag, id: string): Bag => ({ ...bag, holders: without(bag.holders, id) });

export const putCamera = (bag: Bag, camera: BagCamera): Bag => ({
  ...bag,
  cameras: put(bag.cameras, camera),
});
export const restoreCamera = (bag: Bag, camera: BagCamera, index: number): Bag => ({
  ...bag,
  cameras: insert(bag.cameras, camera, index),
});
export const removeCamera = (bag: Bag, id: string): Bag => ({ ...bag, cameras: without(bag.cameras, id) });

/** A lens of the bag on a stand, at the focal length nearest to the wanted one that it has. */
export function mountedLens(lens: BagLens, focalLengthMm: number): StandLens {
  const { name, shortestMm, longestMm, pupilToFilterMm, pupils, widestAperture, bulgingFront } = lens;
  return {
    name,
    focalLengthMm: Math.min(longestMm, Math.max(shortestMm, focalLengthMm)),
    pupilToFilterMm,
    pupils,
    widestAperture,
    bulgingFront,
  };
}

/** A camera of the bag on a stand, held as it is. */
export function mountedCamera(
  { id: _, archived: __, ...camera }: BagCamera,
  orientation?: Orientation,
): Camera {
  return { ...camera, orientation };
}

/** A name for a filter that tells it from all others of the bag: the one that is printed, numbered where it is there already. */
export function freeName(printed: string, { filters }: Bag): string {
  const taken = new Set(filters.map((f) => f.name));
  return taken.has(printed)
    ? nextName(
        printed,
        filters.flatMap((f) => f.name ?? []),
      )
    : printed;
}

/** A filter of the bag that is just this one, whatever it is called; undefined for none. */
export const sameGlass = ({ filters }: Bag, filter: Filter): Filter | undefined =>
  filters.find((f) => !f.archived && sameContent(nameless(f), nameless(filter)));

const nameless = ({ id: _, name: __, archived: ___, remarks: ____, ...glass }: Filter) => glass;

/** Glass that is not held in a slot is screwed to the lens. */
const onThread = (kind: GlassKind, diameterMm: number | null): boolean =>
  diameterMm !== null || kind === 'variable' || kind === 'combined';

type Told = Pick<GoodLabel, 'label'> & Partial<Omit<GoodLabel, 'label' | 'ok'>>;

/** A filter that a label names; what it leaves open is filled as on the other sheets, or as usual. */
export function filterFromLabel(
  { label, sizeMm, body, rangeStops, diameterMm = null, unread = [] }: Told,
  id: string,
  bag: Bag,
): Filter {
  const size = sizeMm ? { sheetWidthMm: sizeMm.width, sheetLengthMm: sizeMm.length } : {};
  const glass = body ? { body } : {};
  const { kind, transition } = label;
  const { printed, seated } = kindNamed(kind);
  const stops = label.stops ?? printed?.usualStops ?? 0;
  const said = {
    ...(onThread(kind, diameterMm) ? { sits: 'thread' as const } : {}),
    ...(diameterMm === null ? {} : { diameterMm }),
    ...(unread.length ? { remarks: unread.join(' ') } : {}),
  };
  if (!seated) {
    const made = asKind({ id, kind: 'neutral', stops, ...glass, ...size }, kind);
    return {
      ...made,
      ...(rangeStops ? { leastStops: rangeStops[0], mostStops: rangeStops[1] } : {}),
      ...said,
    };
  }
  const like = { ...newSheet(id, bag), ...glass, ...size };
  const transitionMm = assumedTransitionMm(transition ?? printed?.transition ?? 'hard', like.sheetWidthMm);
  return { ...asKind({ ...like, kind: 'graduated', stops, transitionMm }, kind), ...said };
}
