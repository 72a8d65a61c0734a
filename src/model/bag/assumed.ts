import { type Bag } from './bag';

/** The bag as the photographer's own: it is as said. */
export function ownedBag({ assumed: _, ...bag }: Bag): Bag {
  return bag;
}

/** The bag without the glass and the holder that were only assumed. */
export function withoutAssumed({ assumed: _, slots: __, holder: ___, pouch: ____, ...bag }: Bag): Bag {
  return { ...bag, filters: [] };
}

/** Once its glass or its holder has been changed by hand, a bag is no longer assumed. */
export function asSaid(before: Bag, after: Bag): Bag {
  const isSame = (['filters', 'slots', 'holder'] as const).every((part) => before[part] === after[part]);
  return after.assumed && !isSame ? ownedBag(after) : after;
}
