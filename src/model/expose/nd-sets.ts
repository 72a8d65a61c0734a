import { type NdSet } from '@/core/exposure';
import { type Bag, type Filter, isPlainNd, takesSlot } from '../bag/bag';
import { fittedFilters } from '../bag/on-lens';
import { type Stand } from '../stand/stand';
import { type Derived } from '../answer/derive';
import { totalStops } from '../resolve/glass';

/** Slots that grads and polariser leave for NDs, those that hold one already among them. */
export function roomForNds(stand: Stand, bag: Bag, { inUse, prepared }: Derived): number {
  const own = fittedFilters(stand, bag).filter(isPlainNd).filter(takesSlot).length;
  return prepared.freeSlots + own - (inUse?.seat ? inUse.set.length : 0);
}

/** NDs that can go on together, one or two: as many in slots as there is room for, and one on the thread. */
export function ndSets(nds: readonly Filter[], room: number): NdSet[] {
  const fits = (set: readonly Filter[]) =>
    set.filter(takesSlot).length <= room && set.filter((f) => !takesSlot(f)).length <= 1;
  return nds
    .flatMap((a, i) => [[a], ...nds.slice(i + 1).map((b) => [a, b])])
    .filter(fits)
    .map((set) => ({ ids: set.map((f) => f.id), stops: totalStops(set) }));
}
