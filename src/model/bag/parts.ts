import { sameContent } from '../records/alike';
import { type Join, type Versions } from '../records/join';
import { MAX_FILTERS, MAX_GEAR, MAX_LATER } from '../terms/limits';
import { type Moves } from '../stand/parts';
import { type Bag } from './bag';

/** What is asked of every part of a bag. */
interface Part<K extends keyof Bag> {
  /** What of it moves the answer of a stand. */
  readonly answer: Moves<Bag>;
  /** How two tabs' versions of it become one. */
  readonly join: Join<Bag, NonNullable<Bag[K]>>;
  /** It says what is owned: a bag of which it was said is assumed no more, and one that is brought takes its place. */
  readonly isOwned?: true;
}

/** Every part of a bag: the answer's key, how tabs are joined, and what makes it one's own are folded from here. */
export const BAG_PARTS = {
  slots: { answer: 'all', join: { by: 'whole' }, isOwned: true },
  /** The usual holder. */
  holder: { answer: 'all', join: { by: 'whole' }, isOwned: true },
  holders: { answer: 'none', join: { by: 'things', letter: 'h', most: MAX_GEAR }, isOwned: true },
  filters: { answer: 'all', join: { by: 'things', letter: 'g', most: MAX_FILTERS }, isOwned: true },
  lenses: { answer: 'none', join: { by: 'things', letter: 'l', most: MAX_GEAR } },
  cameras: { answer: 'none', join: { by: 'things', letter: 'c', most: MAX_GEAR } },
  // which filters there are is known by then
  pouch: { answer: 'all', join: { by: 'own', join: joinPouches } },
  // what stands in for it is among the filters
  later: { answer: 'none', join: { by: 'own', join: ({ ours, theirs }) => joinedLater(ours, theirs) } },
  // once either has said what is owned, it is said
  assumed: {
    answer: 'none',
    join: { by: 'own', join: ({ ours, theirs }) => (ours.assumed && theirs.assumed ? true : undefined) },
  },
} as const satisfies { readonly [K in keyof Required<Bag>]: Part<K> };

/** What is along: what either has put in, and not what either has left at home. */
function joinPouches(
  { base, ours, theirs }: Versions<Bag>,
  { filters = [] }: Partial<Bag>,
): string[] | undefined {
  if (!ours.pouch && !theirs.pouch) return undefined;
  const along = (bag: Bag) => new Set(bag.pouch ?? bag.filters.map((f) => f.id));
  const [was, here, there] = [along(base), along(ours), along(theirs)];
  const isAlong = (id: string) => {
    const isOurs = here.has(id);
    return was.has(id) === there.has(id) ? isOurs || !ours.filters.some((f) => f.id === id) : there.has(id);
  };
  return filters.map((f) => f.id).filter(isAlong);
}

/** What neither knows of their glass: of both. */
export function joinedLater(ours: Bag, theirs: Bag): NonNullable<Bag['later']> | undefined {
  const all = [...(theirs.later ?? []), ...(ours.later ?? [])];
  const own = all.filter((a, i) => all.findIndex((b) => sameContent(a, b)) === i).slice(0, MAX_LATER);
  return own.length ? own : undefined;
}
