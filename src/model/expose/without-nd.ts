import { secondsThrough } from '@/core/exposure';
import { isPlainNd, type Bag } from '../bag/bag';
import { fittedFilters } from '../bag/on-lens';
import { type Derived } from '../answer/derive';
import { totalStops } from '../resolve/glass';
import { exposureSeconds } from '../answer/slip';
import { type Stand } from '../stand/stand';

/** How long to expose with all that is on the lens but its NDs, s: what each ND's time is reckoned from; null where nothing says. */
export function secondsWithoutNd(stand: Stand, bag: Bag, derived: Derived): number | null {
  const now = exposureSeconds(stand, derived);
  return now === null ? null : secondsThrough(now, -totalStops(fittedFilters(stand, bag).filter(isPlainNd)));
}
