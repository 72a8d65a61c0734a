import { GLASS_KINDS } from '@/core/glass';
import { sameContent, SCHOOLS, SIGHT_IDS } from '@/model';

/**
 * Values of open lists that a later minor version has added to: sights, looks, kinds of glass. What is not known here is put
 * aside as it is (`later`), something known stands in its place while it is worked with, and it is put back when it is written.
 */

interface Aside {
  readonly of: 'seen' | 'look' | 'filter';
  /** As the later version wrote it. */
  readonly value: unknown;
  /** What stands in its place; absent: nothing does. */
  readonly as?: unknown;
}

type Raw = Readonly<Record<string, unknown>>;

const isRaw = (value: unknown): value is Raw =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
/** A word that a closed list of ours does not have; anything but a word is no value of a list. */
const isUnknown = (value: unknown, known: readonly string[]): value is string =>
  typeof value === 'string' && value !== '' && !known.includes(value);

const KINDS = GLASS_KINDS.map((k) => k.kind) as readonly string[];

/** A document of a later minor with what its open lists have that is not known here put aside; nothing else of it is looked at. */
export function laterAside(document: unknown): unknown {
  if (!isRaw(document)) return document;
  const { stand, bag, used } = document;
  const asideOfUsed: Aside[] = [];
  const kept = Array.isArray(used) ? (used as unknown[]).map((f) => standIn(f, asideOfUsed)) : used;
  return {
    ...document,
    ...(isRaw(stand) ? { stand: standAside(stand, asideOfUsed) } : {}),
    ...(isRaw(bag) ? { bag: bagAside(bag) } : {}),
    ...(used === undefined ? {} : { used: kept }),
  };
}

/** The same of a bag by itself. */
export function bagAside(bag: Raw): Raw {
  if (!Array.isArray(bag.filters)) return bag;
  const aside: Aside[] = [];
  const filters = (bag.filters as unknown[]).map((f) => standIn(f, aside));
  return aside.length ? { ...bag, filters, later: aside } : bag;
}

function standAside(stand: Raw, others: readonly Aside[]): Raw {
  const aside: Aside[] = [...others];
  const { look, seen } = stand;
  const isLater = isRaw(look) && isUnknown(look.school, SCHOOLS);
  if (isLater) aside.push({ of: 'look', value: look, as: usualLook(look) });
  const known = Array.isArray(seen)
    ? (seen as unknown[]).filter((s) => {
        if (!isRaw(s) || !isUnknown(s.what, SIGHT_IDS)) return true;
        aside.push({ of: 'seen', value: s });
        return false;
      })
    : seen;
  if (!aside.length) return stand;
  return {
    ...stand,
    ...(isLater ? { look: usualLook(look) } : {}),
    ...(seen === undefined ? {} : { seen: known }),
    later: aside,
  };
}

/** A look that every version knows, with the directions of one that is not known: its gap may be none that this one has. */
function usualLook({ gapStops: _, evensTop: __, ...look }: Raw): Raw {
  return { ...look, school: 'natural' };
}

/** Glass of a kind that is not known takes nothing and is put away, so that what names it still finds it. */
function standIn(filter: unknown, aside: Aside[]): unknown {
  if (!isRaw(filter) || !isUnknown(filter.kind, KINDS)) return filter;
  const as = {
    id: filter.id,
    ...(typeof filter.name === 'string' ? { name: filter.name } : {}),
    kind: 'neutral',
    stops: 0,
    archived: true,
    remarks: `not understood: ${filter.kind}`.slice(0, 200),
  };
  aside.push({ of: 'filter', value: filter, as });
  return as;
}

/** A document as it is written: what was put aside stands in its place again, unless what stood in for it was changed since. */
export function laterBack<T extends object>(document: T): T {
  const { stand, bag, used } = document as Raw;
  const ofStand = isRaw(stand) ? asideOf(stand) : [];
  return {
    ...document,
    ...(isRaw(stand) && ofStand.length ? { stand: standBack(stand, ofStand) } : {}),
    ...(isRaw(bag) ? { bag: bagBack(bag) } : {}),
    ...(Array.isArray(used) && ofStand.length ? { used: filtersBack(used, ofStand) } : {}),
  };
}

/** The same of a bag by itself. */
export function bagBack<T extends object>(bag: T): T {
  const aside = asideOf(bag as Raw);
  if (!aside.length) return bag;
  const { later: _, ...rest } = bag as Raw;
  return { ...rest, filters: filtersBack(rest.filters as readonly unknown[], aside) } as unknown as T;
}

const asideOf = ({ later }: Raw): readonly Aside[] => (Array.isArray(later) ? (later as Aside[]) : []);

function filtersBack(filters: readonly unknown[], aside: readonly Aside[]): unknown[] {
  return filters.map((f) => aside.find((a) => a.of === 'filter' && sameContent(a.as, f))?.value ?? f);
}

function standBack(stand: Raw, aside: readonly Aside[]): Raw {
  const { later: _, ...rest } = stand;
  const look = aside.find((a) => a.of === 'look' && sameContent(a.as, stand.look))?.value;
  const takes = Array.isArray(stand.takes) ? (stand.takes as Raw[]) : [];
  // what is told of a shot that is gone goes with it
  const seen = aside.flatMap(({ of, value }) =>
    of === 'seen' && isRaw(value) && takes.some((t) => t.id === value.takeId) ? [value] : [],
  );
  return {
    ...rest,
    ...(look ? { look } : {}),
    ...(seen.length ? { seen: [...((rest.seen as unknown[] | undefined) ?? []), ...seen] } : {}),
  };
}

/** Whether something of a document was put aside. */
export const hasLater = (document: object): boolean => {
  const { stand, bag } = document as { stand?: Raw; bag?: Raw };
  return [stand, bag].some((part) => isRaw(part) && asideOf(part).length > 0);
};
