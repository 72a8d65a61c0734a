import { sameContent } from '../documents/alike';
import { type Bag } from './bag';

/** The bag as the photographer's own: it is as said. */
export function ownedBag({ assumed: _, ...bag }: Bag): Bag {
  return bag;
}

/** The bag without the glass and the holder that were only assumed. */
export function withoutAssumed({ assumed: _, slots: __, holder: ___, pouch: ____, ...bag }: Bag): Bag {
  return { ...bag, filters: [] };
}

/** Once its glass or its holder has been changed, by hand or by a file, a bag is no longer assumed. */
export function asSaid(before: Bag, after: Bag): Bag {
  // two tabs' bags that are joined are made anew, alike or not
  const isSame = (['filters', 'slots', 'holder', 'holders'] as const).every((part) =>
    sameContent(before[part], after[part]),
  );
  return after.assumed && !isSame ? ownedBag(after) : after;
}
