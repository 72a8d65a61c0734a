import { sameContent } from '../records/alike';
import { type Stand } from '../stand/stand';
import { type Bag, type BagLens, type FurtherHolder } from './bag';
import { mountedLens } from './edits';

/** What a stand's `holderId` says for the usual holder, which has no id of its own. */
export const USUAL_HOLDER = 'usual';

type Mounted = Pick<Stand, 'lens' | 'holderId'>;

/** Whether a stand has a lens of the bag, at any focal length of its range. */
export function isMounted(lens: BagLens, { lens: { nearestSubjectM: _, ...mounted } }: Mounted): boolean {
  return sameContent(mountedLens(lens, mounted.focalLengthMm), mounted);
}

/** The holder that goes on a stand's lens by the bag alone; null for the usual one. */
export function holderByLens(stand: Mounted, { holders = [], lenses = [] }: Bag): FurtherHolder | null {
  const onIt = lenses.filter((lens) => isMounted(lens, stand)).map((lens) => lens.id);
  return holders.find((h) => !h.archived && h.lensIds?.some((id) => onIt.includes(id))) ?? null;
}

/** The holder that is on a stand's lens: as it was said there, else as the bag has it for the lens; null for the usual one. */
export function holderOn(stand: Mounted, bag: Bag): FurtherHolder | null {
  if (stand.holderId === USUAL_HOLDER) return null;
  const said = stand.holderId && bag.holders?.find((h) => h.id === stand.holderId);
  return said || holderByLens(stand, bag);
}

const resolved = new WeakMap<FurtherHolder, WeakMap<Bag, Bag>>();

/** The bag as a stand uses it: its slots and its holder are those of the one that is on the lens. The same bag where that is the usual one. */
export function bagAtLens(stand: Mounted, bag: Bag): Bag {
  const on = holderOn(stand, bag);
  if (!on) return bag;
  const known = resolved.get(on) ?? new WeakMap<Bag, Bag>();
  resolved.set(on, known);
  const { id: _, name: __, archived: ___, lensIds: ____, slots, ...holder } = on;
  const made = known.get(bag) ?? { ...bag, slots, holder };
  known.set(bag, made);
  return made;
}

/** A holder put on or off a lens, which goes on one only. */
export function withHolderFor(bag: Bag, holderId: string, lensId: string, on: boolean): Bag {
  const holders = (bag.holders ?? []).map((h) => {
    const others = (h.lensIds ?? []).filter((id) => id !== lensId);
    return { ...h, lensIds: on && h.id === holderId ? [...others, lensId] : others };
  });
  return { ...bag, holders };
}
