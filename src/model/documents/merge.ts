import { type Bag, type Filter } from '../bag/bag';
import { withoutAssumed } from '../bag/assumed';
import { alongToo } from '../bag/edits';
import { BAG_PARTS, joinedLater } from '../bag/parts';
import { type NewId } from '../terms/ids';
import { MAX_STANDS } from '../terms/limits';
import { contentOf, sameContent } from '../records/alike';
import { type KeptStand, type StandDocument, withCopies, withRenamedGlass } from './document';
import { markedName, type Named } from '../records/names';

/** What became of the things of a file, each by its name. */
export interface MergeReport {
  /** Not here before. */
  readonly added: readonly string[];
  /** Here already, and alike. */
  readonly kept: readonly string[];
  /** Here already, and different: both versions are there now. */
  readonly inConflict: readonly string[];
  /** There was no room for them. */
  readonly leftOut: readonly string[];
}

interface Thing extends Named {
  readonly archived?: boolean | undefined;
}

/** What the things that are brought in are called, and where they get ids from. */
export interface Bringing {
  readonly nameOf: (item: Named) => string;
  /** Where they come from, behind the name of one that is in conflict: "from the file". */
  readonly from: string;
  readonly newId: NewId;
}

interface Merged<T> {
  readonly added: readonly T[];
  readonly report: MergeReport;
  /** What each thing of theirs goes by here. */
  readonly ids: ReadonlyMap<string, string>;
}

interface MergeRules<T> extends Bringing {
  readonly letter: string;
  /** So many there may be of them. */
  readonly most: number;
  /** What of it must be alike for it to be the same. */
  readonly contentOf: (item: T) => string;
}

/** Those of our things that are alike to one of theirs under its own id, and the others by what they hold. */
function twins<T extends Thing>(ours: readonly T[], theirs: readonly T[], content: (item: T) => string) {
  const here = new Map(ours.map((own) => [own.id, own]));
  const twinOf = (item: T): T | undefined => {
    const own = here.get(item.id);
    return own && content(own) === content(item) ? own : undefined;
  };
  const matched = new Set(theirs.map(twinOf));
  const others = new Map<string, T[]>();
  for (const own of ours)
    if (!matched.has(own)) others.set(content(own), [...(others.get(content(own)) ?? []), own]);
  return { here, sameAs: (item: T) => twinOf(item) ?? others.get(content(item))?.shift() };
}

/**
 * What of a list is to be added to another that has some of it: nothing that is there is altered or lost. Of two that are
 * alike one is kept, whatever their ids; one whose id is taken by another gets an id of its own.
 */
export function mergeList<T extends Thing>(
  ours: readonly T[] = [],
  theirs: readonly T[] = [],
  { nameOf, from, newId, letter, most, contentOf }: MergeRules<T>,
): Merged<T> {
  const { here, sameAs } = twins(ours, theirs, remembered(contentOf));
  const report = { added: [], kept: [], inConflict: [], leftOut: [] } as Record<keyof MergeReport, string[]>;
  const ids = new Map<string, string>();
  const added: T[] = [];
  const names = new Set(ours.map(nameOf));
  for (const item of theirs) {
    const name = nameOf(item);
    const same = sameAs(item);
    const isTaken = here.has(item.id);
    const id = same?.id ?? (isTaken ? newId(letter) : item.id);
    ids.set(item.id, id);
    if (same) report.kept.push(name);
    else if (ours.length + added.length >= most) report.leftOut.push(name);
    else {
      const marked = isTaken ? { ...item, id, name: markedName(name, from, names) } : item;
      names.add(nameOf(marked));
      added.push(marked);
      (isTaken ? report.inConflict : report.added).push(name);
    }
  }
  return { added, report, ids };
}

function remembered<T extends object>(contentOf: (item: T) => string): (item: T) => string {
  const known = new Map<T, string>();
  return (item) => {
    const content = known.get(item) ?? contentOf(item);
    known.set(item, content);
    return content;
  };
}

export const togetherReport = (reports: readonly MergeReport[]): MergeReport => ({
  added: reports.flatMap((r) => r.added),
  kept: reports.flatMap((r) => r.kept),
  inConflict: reports.flatMap((r) => r.inConflict),
  leftOut: reports.flatMap((r) => r.leftOut),
});

/** A bag with another brought in, what became of each thing, and what their things go by here. */
export interface MergedBag {
  readonly bag: Bag;
  readonly report: MergeReport;
  readonly ids: RenamedIds;
}

/** What the things of a bag that was brought in go by here. */
export interface RenamedIds {
  readonly glass: ReadonlyMap<string, string>;
  readonly lenses: ReadonlyMap<string, string>;
  readonly cameras: ReadonlyMap<string, string>;
  readonly holders: ReadonlyMap<string, string>;
}

/**
 * A bag with another brought in; the usual holder, its slots and the pouch stay as they are here, unless nobody has said yet
 * what is in the bag here: what was only assumed gives way. The same bag where that brings nothing. Stands that come with it
 * are renamed by the `ids`.
 */
export function mergeBag(own: Bag, theirs: Bag, bringing: Bringing): MergedBag {
  const { nameOf, from } = bringing;
  const givesWay = !!own.assumed && !sameContent(own, theirs);
  const ours = givesWay ? withoutAssumed(own) : own;
  /** A name that says where a thing came from makes it no other. */
  const content = (thing: Thing) => contentOf({ ...thing, name: markedName(nameOf(thing), from) });
  const things = { ...bringing, contentOf: content };
  const filters = mergeList<Filter>(ours.filters, theirs.filters, { ...things, ...BAG_PARTS.filters.join });
  const lenses = mergeList(ours.lenses, theirs.lenses, { ...things, ...BAG_PARTS.lenses.join });
  const cameras = mergeList(ours.cameras, theirs.cameras, { ...things, ...BAG_PARTS.cameras.join });
  const theirHolders = theirs.holders?.map((h) => ({
    ...h,
    lensIds: h.lensIds?.map((id) => lenses.ids.get(id) ?? id),
  }));
  const holders = mergeList(ours.holders, theirHolders, { ...things, ...BAG_PARTS.holders.join });
  const all = [filters, lenses, cameras, holders];
  const report = togetherReport(all.map((m) => m.report));
  const ids = { glass: filters.ids, lenses: lenses.ids, cameras: cameras.ids, holders: holders.ids };
  if (!givesWay && all.every((m) => !m.added.length)) return { bag: ours, report, ids };
  const newIds = filters.added.map((f) => f.id);
  const later = joinedLater(ours, theirs);
  return {
    bag: {
      ...ours,
      ...(givesWay ? settingsOf(theirs) : alongToo(ours, newIds)),
      ...(later ? { later } : {}),
      filters: [...ours.filters, ...filters.added],
      ...(lenses.added.length ? { lenses: [...(ours.lenses ?? []), ...lenses.added] } : {}),
      ...(cameras.added.length ? { cameras: [...(ours.cameras ?? []), ...cameras.added] } : {}),
      ...(holders.added.length ? { holders: [...(ours.holders ?? []), ...holders.added] } : {}),
    },
    report,
    ids,
  };
}

/** What a bag says beside its things. */
const settingsOf = ({ slots, holder, pouch, assumed }: Bag): Partial<Bag> => ({
  ...(slots === undefined ? {} : { slots }),
  ...(holder ? { holder } : {}),
  ...(pouch ? { pouch } : {}),
  ...(assumed ? { assumed } : {}),
});

/** A stand as a file brings it, its glass going by the ids that it has here. */
export function broughtStand(document: StandDocument, theirs: Bag, ids: RenamedIds): StandDocument {
  const whole = withCopies(document, theirs);
  if (whole.bag) return whole;
  const renamed = withRenamedGlass(whole, ids.glass);
  const holderId = ids.holders.get(renamed.stand.holderId ?? '');
  return holderId === undefined ? renamed : { ...renamed, stand: { ...renamed.stand, holderId } };
}

/** The stands of a backup that are to be added to those that are here, and what becomes of each. */
export function mergeStands(
  ours: readonly KeptStand[],
  theirs: readonly KeptStand[],
  bringing: Bringing,
): {
  readonly added: readonly KeptStand[];
  readonly report: MergeReport;
  /** What each of their stands goes by here. */
  readonly ids: ReadonlyMap<string, string>;
} {
  interface Entry extends Named {
    readonly id: string;
    readonly kept: KeptStand;
  }
  const entry = (kept: KeptStand): Entry => ({
    id: kept.document.stand.id,
    name: kept.document.stand.name,
    kept,
  });
  /** A name that says where the stand came from makes it no other. */
  const content = ({ kept: { document } }: Entry): string =>
    contentOf({ ...document.stand, name: markedName(document.stand.name, bringing.from), own: document.bag });
  const { added, report, ids } = mergeList<Entry>(ours.map(entry), theirs.map(entry), {
    ...bringing,
    nameOf: ({ name }) => name?.trim() || 'without a name',
    letter: 'st',
    most: MAX_STANDS,
    contentOf: content,
  });
  return {
    added: added.map(({ id, name, kept }) => {
      const { stand } = kept.document;
      if (stand.id === id) return kept;
      return { ...kept, document: { ...kept.document, stand: { ...stand, id, name: name ?? stand.name } } };
    }),
    report,
    ids,
  };
}

/** Whether two versions of a stand hold the same: then neither is lost with the other. */
export const sameDocument = (a: StandDocument, b: StandDocument): boolean =>
  a === b || sameContent([a.stand, a.bag, a.used], [b.stand, b.bag, b.used]);
