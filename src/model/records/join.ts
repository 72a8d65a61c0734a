import { type NewId } from '../terms/ids';
import { sameContent } from './alike';
import { markedName, type Named } from './names';

/** Two versions of a thing that were made of one, and that one. */
export interface Versions<T> {
  readonly base: T;
  readonly ours: T;
  readonly theirs: T;
}

export interface JoinRules {
  readonly nameOf: (item: Named) => string;
  /** Where ours comes from, behind the name of what both have changed. */
  readonly from: string;
  readonly newId: NewId;
}

/** How one part of two versions becomes one; what is joined after the others may look at what they came to. */
export type Join<T, V> =
  /** Things with ids: what either has added, changed or taken out is so; of one that both have changed both are kept. */
  | { readonly by: 'things'; readonly letter: string; readonly most: number }
  /** Figures under keys: each as whoever has changed it; where both have, as they have it. */
  | { readonly by: 'keys' }
  /** One value: ours where only we have changed it, else theirs; and where both have it is told. */
  | { readonly by: 'whole' }
  | { readonly by: 'own'; readonly join: (versions: Versions<T>, joined: Partial<T>) => V | undefined };

/** How each part of something is joined, in the order of the table. */
type Joins<T> = { readonly [K in keyof Required<T>]: { readonly join: Join<T, NonNullable<T[K]>> } };

export interface Joined<T> {
  readonly joined: T;
  /** Things for which there was no room. */
  readonly leftOut: readonly string[];
  /** A value that both had changed is as they have it. */
  readonly isTheirs: boolean;
}

/** Two versions of something as one, part by part: the same rules for the bag and for what is planned. */
export function joinParts<T extends object>(
  parts: Joins<T>,
  { base, ours, theirs }: Versions<T>,
  rules: JoinRules,
): Joined<T> {
  const joined: Partial<Record<keyof T, unknown>> = { ...theirs };
  const leftOut: string[] = [];
  let isTheirs = false;
  for (const [key, { join }] of Object.entries(parts) as [keyof T, Joins<T>[keyof T]][]) {
    const versions = { base: base[key], ours: ours[key], theirs: theirs[key] };
    const [value, out] = joinPart(join, versions, { base, ours, theirs }, joined as Partial<T>, rules);
    leftOut.push(...out);
    if (join.by === 'whole')
      isTheirs ||= !sameContent(ours[key], base[key]) && !sameContent(value, ours[key]);
    // a list that nobody had is not begun by joining it
    const isBegun =
      value !== undefined && !(Array.isArray(value) && !value.length && theirs[key] === undefined);
    if (isBegun) joined[key] = value;
    else delete joined[key];
  }
  return { joined: joined as T, leftOut, isTheirs };
}

function joinPart<T>(
  join: Join<T, unknown>,
  versions: Versions<unknown>,
  whole: Versions<T>,
  joined: Partial<T>,
  rules: JoinRules,
): readonly [unknown, readonly string[]] {
  switch (join.by) {
    case 'things': {
      const lists = mapped(versions, (list) => (list ?? []) as readonly Named[]);
      const { joined: list, leftOut } = joinLists(lists, { ...rules, ...join });
      return [list, leftOut];
    }
    case 'keys':
      return [joinKeys(mapped(versions, (keyed) => (keyed ?? {}) as Readonly<Record<string, unknown>>)), []];
    case 'whole':
      return [joinOne(versions), []];
    case 'own':
      return [join.join(whole, joined), []];
  }
}

const mapped = <A, B>({ base, ours, theirs }: Versions<A>, map: (version: A) => B): Versions<B> => ({
  base: map(base),
  ours: map(ours),
  theirs: map(theirs),
});

/** Ours where only we have changed it, else theirs. */
const joinOne = <T>({ base, ours, theirs }: Versions<T>): T => (sameContent(base, theirs) ? ours : theirs);

function joinKeys(
  versions: Versions<Readonly<Record<string, unknown>>>,
): Readonly<Record<string, unknown>> | undefined {
  const { base, ours, theirs } = versions;
  const keys = new Set([...Object.keys(theirs), ...Object.keys(ours)]);
  const kept = [...keys].flatMap((key) => {
    const value = joinOne({ base: base[key], ours: ours[key], theirs: theirs[key] });
    return value === undefined ? [] : [[key, value] as const];
  });
  return kept.length ? Object.fromEntries(kept) : undefined;
}

/** Two versions of a list that were made of one, by the same rules. */
function joinLists<T extends Named>(
  { base, ours, theirs }: Versions<readonly T[]>,
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
