import { type Bag, type Filter } from './bag';
import { freeId } from './ids';
import { type Assumable, type Stand } from './stand';

/** A stand with what it must keep to open unchanged later (architecture: the bag). */
export interface StandDocument {
  readonly stand: Stand;
  /** The bag it came with, used in place of the workspace's until the photographer says otherwise. */
  readonly bag: Bag | null;
  /** Copies of the filters it refers to, for when they have left the bag. */
  readonly used: readonly Filter[];
  /** Minor version of the format it was read from. */
  readonly minor: number;
}

/** The bag a stand is solved with: its own where it brought one, else the workspace's with the copies it kept. */
export function bagForStand({ bag, used }: StandDocument, workspace: Bag): Bag {
  if (bag) return bag;
  const known = new Set(workspace.filters.map((f) => f.id));
  const kept = used.filter((f) => !known.has(f.id));
  return kept.length ? { ...workspace, filters: [...workspace.filters, ...kept] } : workspace;
}

/** Ids of all filters that a stand refers to. */
function referredTo(stand: Stand): Set<string> {
  return new Set([
    ...(stand.choice?.filterIds ?? []),
    ...(stand.fitted ?? []).map((f) => f.filterId),
    ...[...stand.readings, ...stand.readings.flatMap((r) => r.earlier ?? []), stand.wholeScene].flatMap(
      (light) => light?.throughFilterIds ?? [],
    ),
  ]);
}

/** The document with a changed stand, keeping copies of the filters that it refers to. */
export function withStand(document: StandDocument, stand: Stand, workspace: Bag): StandDocument {
  if (stand === document.stand) return document;
  const ids = referredTo(stand);
  const used = bagForStand(document, workspace).filters.filter((f) => ids.has(f.id));
  return { ...document, stand: withSaid(document.stand, stand), used };
}

/** What has been changed is no longer assumed. */
function withSaid(before: Stand, { assumed, ...stand }: Stand): Stand {
  const left = (assumed ?? []).filter((part: Assumable) => stand[part] === before[part]);
  return left.length ? { ...stand, assumed: left } : stand;
}

/** Filters of a stand's own bag that the workspace's bag does not have alike. */
export function newFilters({ bag }: StandDocument, workspace: Bag): readonly Filter[] {
  const known = new Set(workspace.filters.map(content));
  return (bag?.filters ?? []).filter((f) => !known.has(content(f)));
}

/** The workspace's bag with a stand's new filters added; one whose id is taken by another filter gets an id of its own. */
export function withNewFilters(document: StandDocument, workspace: Bag): Bag {
  return newFilters(document, workspace).reduce<Bag>((bag, filter) => {
    const taken = bag.filters.some((f) => f.id === filter.id);
    return {
      ...bag,
      filters: [...bag.filters, taken ? { ...filter, id: freeId('g', bag.filters) } : filter],
    };
  }, workspace);
}

/**
 * The document solved with the workspace's bag from now on. What it refers to becomes the filter of the workspace that is
 * alike; a choice of glass that the workspace does not have is given up, and said to be by the caller.
 */
export function withWorkspaceBag(document: StandDocument, workspace: Bag): StandDocument {
  const { bag, stand } = document;
  if (!bag) return document;
  const alike = new Map(workspace.filters.map((f) => [content(f), f.id]));
  const ids = new Map(bag.filters.map((f) => [f.id, alike.get(content(f))]));
  const { choice, ...rest } = stand;
  const filterIds = (choice?.filterIds ?? []).flatMap((id) => ids.get(id) ?? []);
  const kept =
    choice && filterIds.length === choice.filterIds.length ? { choice: { ...choice, filterIds } } : {};
  return withStand({ ...document, bag: null }, { ...rest, ...kept }, workspace);
}

/** Whether a stand's own bag is the workspace's, filter by filter and in its slots: then it need not keep its own. */
export function bringsNothingNew({ bag }: StandDocument, workspace: Bag): boolean {
  const keyed = ({ filters, slots = 1 }: Bag) =>
    JSON.stringify([slots, filters.map((f) => [f.id, content(f)])]);
  return !bag || keyed(bag) === keyed(workspace);
}

const content = ({ id: _, ...filter }: Filter): string => JSON.stringify(Object.entries(filter).sort());
