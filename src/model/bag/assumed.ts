import { sameContent } from '../records/alike';
import { type Bag } from './bag';
import { BAG_PARTS } from './parts';

/** The bag as the photographer's own: it is as said. */
export function ownedBag({ assumed: _, ...bag }: Bag): Bag {
  return bag;
}

/** The bag without the glass and the holder that were only assumed. */
export function withoutAssumed({ assumed: _, slots: __, holder: ___, pouch: ____, ...bag }: Bag): Bag {
  return { ...bag, filters: [] };
}

/** What says what is owned. */
const OWNED = (Object.keys(BAG_PARTS) as (keyof typeof BAG_PARTS)[]).filter(
  (part) => 'isOwned' in BAG_PARTS[part],
);

/** Once its glass or its holder has been changed, by hand or by a file, a bag is no longer assumed. */
export function asSaid(before: Bag, after: Bag): Bag {
  // two tabs' bags that are joined are made anew, alike or not
  const isSame = OWNED.every((part) => sameContent(before[part], after[part]));
  return after.assumed && !isSame ? ownedBag(after) : after;
}
