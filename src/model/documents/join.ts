import { type Bag } from '../bag/bag';
import { type NewId } from '../stand/ids';
import { MAX_FILTERS, MAX_GEAR } from '../stand/limits';
import { sameContent } from './alike';
import { markedName } from './names';
import { type Named } from './merge';

/** Two versions of a bag that were made of one, and that one. */
export interface BagVersions {
  readonly base: Bag;
  readonly ours: Bag;
  readonly theirs: Bag;
}

export interface JoinRules {
  readonly nameOf: (item: Named) => string;
  /** Where ours comes from, behind the name of what both have changed. */
  readonly from: string;
  readonly newId: NewId;
}

/**
 * Two versions of a bag as one: what either has added, changed or taken out is so, where the other has left it alone. Of a thing
 * that both have changed both are kept, and what one has taken out and the other has changed stays. Of settings that
 * both have changed theirs hold, and it is told.
 */
export function joinBags(
  versions: BagVersions,
  rules: JoinRules,
): { readonly bag: Bag; readonly settingsAreTheirs: boolean; readonly leftOut: readonly string[] } {
  const { base, ours, theirs } = versions;
  const list = <T extends Named>(letter: string, of: (bag: Bag) => readonly T[] | undefined, most: number) =>
    joinLists<T>(
      { base: of(base) ?? [], ours: of(ours) ?? [], theirs: of(theirs) ?? [] },
      { ...rules, letter, most },
    );
  const all = {
    filters: list('g', (b) => b.filters, MAX_FILTERS),
    lenses: list('l', (b) => b.lenses, MAX_GEAR),
    cameras: list('c', (b) => b.cameras, MAX_GEAR),
    holders: list('h', (b) => b.holders, MAX_GEAR),
  };
  const [filters, lenses, cameras] = [all.filters.joined, all.lenses.joined, all.cameras.joined];
  const holders = all.holders.joined;
  const settings = (bag: Bag) => [bag.slots, bag.holder];
  const [slots, holder] = [
    joinOne(base.slots, ours.slots, theirs.slots),
    joinOne(base.holder, ours.holder, theirs.holder),
  ];
  const pouch = pouchOf(versions, new Set(filters.map((f) => f.id)));
  const {
    slots: _,
    holder: __,
    lenses: ___,
    cameras: ____,
    holders: _____,
    pouch: ______,
    ...others
  } = theirs;
  const { assumed, ...rest } = others;
  return {
    bag: {
      ...rest,
      filters,
      ...(slots === undefined ? {} : { slots }),
      ...(holder === undefined ? {} : { holder }),
      ...(lenses.length || theirs.lenses ? { lenses } : {}),
      ...(cameras.length || theirs.cameras ? { cameras } : {}),
      ...(holders.length || theirs.holders ? { holders } : {}),
      ...(pouch ? { pouch } : {}),
      ...(assumed && ours.assumed ? { assumed } : {}),
    },
    settingsAreTheirs:
      !sameContent(settings(ours), settings(base)) && !sameContent([slots, holder], settings(ours)),
    leftOut: Object.values(all).flatMap((l) => l.leftOut),
  };
}

/** Ours where only we have changed it, else theirs. */
const joinOne = <T>(base: T, ours: T, theirs: T): T => (sameContent(base, theirs) ? ours : theirs);

/** Two versions of a list that were made of one, by the same rules. */
export function joinLists<T extends Named>(
  {
    base,
    ours,
    theirs,
  }: { readonly base: readonly T[]; readonly ours: readonly T[]; readonly theirs: readonly T[] },
  { nameOf, from, newId, letter, most }: JoinRules & { readonly letter: string; readonly most: number },
): { readonly joined: readonly T[]; readonly leftOut: readonly string[] } {
  const was = new Map(base.map((b) => [b.id, b]));
  const here = new Map(ours.map((o) => [o.id, o]));
  const there = new Set(theirs.map((t) => t.id));
  const hasChanged = (item: T) => !was.has(item.id) || !sameContent(was.get(item.id), item);
  const names = new Set([...ours, ...theirs].map(nameOf));
  const both: T[] = [];
  const joined = theirs.flatMap((item): T[] => {
    const own = here.get(item.id);
    if (!own) return was.has(item.id) && !hasChanged(item) ? [] : [item];
    if (!hasChanged(own) || sameContent(own, item)) return [item];
    if (!hasChanged(item)) return [own];
    both.push({ ...own, id: newId(letter), name: markedName(nameOf(own), from, names) });
    return [item];
  });
  const onlyOurs = ours.filter((item) => !there.has(item.id) && hasChanged(item));
  const all = [...joined, ...onlyOurs, ...both];
  return { joined: all.slice(0, most), leftOut: all.slice(most).map(nameOf) };
}

/** What is along: what either has put in, and not what either has left at home. */
function pouchOf({ base, ours, theirs }: BagVersions, ids: ReadonlySet<string>): string[] | undefined {
  if (!ours.pouch && !theirs.pouch) return undefined;
  const along = ({ pouch, filters }: Bag) => new Set(pouch ?? filters.map((f) => f.id));
  const [was, here, there] = [along(base), along(ours), along(theirs)];
  const isAlong = (id: string) => {
    const isOurs = here.has(id);
    return was.has(id) === there.has(id) ? isOurs || !ours.filters.some((f) => f.id === id) : there.has(id);
  };
  return [...ids].filter(isAlong).slice(0, MAX_FILTERS);
}
