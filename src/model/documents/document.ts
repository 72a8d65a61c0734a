import { type Bag, type Filter } from '../bag/bag';
import { alongToo } from '../bag/edits';
import { type NewId } from '../terms/ids';
import { type Stand } from '../stand/stand';
import { type Assumable } from '../terms/stand';
import { alike, contentOf, sameContent } from '../records/alike';
import { withGlassIds } from '../stand/parts';
import { glassReferences } from './references';

/** A stand with what it must keep to open unchanged later (keeping: identity). */
export interface StandDocument {
  readonly stand: Stand;
  /** The bag it came with, used in place of the workspace's until the photographer says otherwise. */
  readonly bag: Bag | null;
  /** Copies of all glass that it refers to: what has changed in the bag since, or has left it, is as it was for this stand. */
  readonly used: readonly Filter[];
  /** Minor version of the format it was read from. */
  readonly minor: number;
}

/** A stand's document, and when it was last changed, ISO 8601. */
export interface KeptStand {
  readonly updatedAt: string;
  readonly document: StandDocument;
}

type Glass = Pick<StandDocument, 'bag' | 'used'>;

const byId = (filters: readonly Filter[]): ReadonlyMap<string, Filter> =>
  new Map(filters.map((f) => [f.id, f]));

/**
 * The bag a stand is solved with: its own where it brought one, else the workspace's, in which the copies that the stand
 * keeps win over what has changed since. Copies of what has left the bag are there too, as put away: no advice comes from them.
 */
export function bagForStand({ bag, used }: Glass, workspace: Bag): Bag {
  const base = bag ?? workspace;
  const inBag = byId(base.filters);
  const gone = used.filter((f) => !inBag.has(f.id));
  const changed = byId(changedGlass({ bag, used }, workspace).map((f) => f.copy));
  if (!gone.length && !changed.size) return base;
  return {
    ...base,
    filters: [
      ...base.filters.map((f) => {
        const copy = changed.get(f.id);
        return copy ? { ...copy, archived: f.archived } : f;
      }),
      ...gone.map((f) => ({ ...f, archived: true })),
    ],
  };
}

/** Glass that a stand has used, and that the bag has otherwise by now. */
export interface ChangedGlass {
  readonly copy: Filter;
  readonly now: Filter;
}

export function changedGlass({ bag, used }: Glass, workspace: Bag): ChangedGlass[] {
  if (bag) return [];
  const inBag = byId(workspace.filters);
  return used.flatMap((copy) => {
    const now = inBag.get(copy.id);
    return now && !alike(copy, now) ? [{ copy, now }] : [];
  });
}

/** The document with its glass as the bag has it by now. */
export const withGlassOfToday = (document: StandDocument, workspace: Bag): StandDocument =>
  withCopies({ ...document, used: [] }, workspace);

/** What stands for glass of which nothing is known any more: it takes nothing, as it did when it was not found. */
const lostGlass = (id: string): Filter => ({
  id,
  name: 'glass that is not known any more',
  kind: 'neutral',
  stops: 0,
  archived: true,
});

/** The document with copies of all the glass that it refers to; those that it has stay as they are. */
export function withCopies(document: StandDocument, workspace: Bag): StandDocument {
  const { stand, bag, used } = document;
  const ids = new Set(glassReferences(stand).map((r) => r.id));
  const known = byId([...workspace.filters, ...used, ...(bag?.filters ?? [])]);
  const copies = [...ids].map((id) => known.get(id) ?? lostGlass(id));
  const isSame = copies.length === used.length && copies.every((copy, i) => copy === used[i]);
  return isSame ? document : { ...document, used: copies };
}

/** The document with a changed stand, keeping copies of the filters that it refers to. */
export function withStand(document: StandDocument, stand: Stand, workspace: Bag): StandDocument {
  if (stand === document.stand) return document;
  return withCopies({ ...document, stand: withSaid(document.stand, stand) }, workspace);
}

/** What has been changed is no longer assumed. */
function withSaid(before: Stand, { assumed, ...stand }: Stand): Stand {
  const left = (assumed ?? []).filter((part: Assumable) => stand[part] === before[part]);
  return left.length ? { ...stand, assumed: left } : stand;
}

/** The same references and copies under other ids. */
export const withRenamedGlass = (
  document: StandDocument,
  ids: ReadonlyMap<string, string>,
): StandDocument => {
  const renamed = (id: string) => ids.get(id) ?? id;
  return {
    ...document,
    stand: withGlassIds(document.stand, renamed),
    used: document.used.map((f) => ({ ...f, id: renamed(f.id) })),
  };
};

/** Filters of a stand's own bag that the workspace's bag does not have alike. */
export function newFilters({ bag }: Pick<StandDocument, 'bag'>, workspace: Bag): readonly Filter[] {
  const known = new Set(workspace.filters.map(contentOf));
  return (bag?.filters ?? []).filter((f) => !known.has(contentOf(f)));
}

/** The workspace's bag with a stand's new filters added, along today like all that is new. */
export function withNewFilters(document: StandDocument, workspace: Bag, newId: NewId): Bag {
  const taken = new Set(workspace.filters.map((f) => f.id));
  const added = newFilters(document, workspace).map((f) => (taken.has(f.id) ? { ...f, id: newId('g') } : f));
  const ids = added.map((f) => f.id);
  return { ...workspace, ...alongToo(workspace, ids), filters: [...workspace.filters, ...added] };
}

/**
 * The document solved with the workspace's bag from now on. What it refers to becomes the filter of the workspace that is
 * alike; what the workspace does not have is kept as the stand's own copy, but for a choice, which is given up, and said to
 * be by the caller.
 */
export function withWorkspaceBag(document: StandDocument, workspace: Bag, newId: NewId): StandDocument {
  const { bag, stand } = document;
  if (!bag) return document;
  const ids = idsInWorkspace(document, bag, workspace, newId);
  const inBag = byId(workspace.filters);
  const { choice, ...rest } = stand;
  const isOwned = choice?.filterIds.every((id) => inBag.has(ids.get(id) ?? id)) ?? false;
  const own = withCopies({ ...document, stand: isOwned ? stand : rest }, workspace);
  return withCopies(withRenamedGlass({ ...own, bag: null }, ids), workspace);
}

/** Ids that a stand's own glass goes by in the workspace: of what is alike, else one that is nobody else's. */
function idsInWorkspace(
  { stand }: StandDocument,
  own: Bag,
  workspace: Bag,
  newId: NewId,
): ReadonlyMap<string, string> {
  const owned = byId(own.filters);
  const inBag = byId(workspace.filters);
  const ids = new Map<string, string>();
  for (const { id } of glassReferences(stand)) {
    const filter = owned.get(id);
    const here = inBag.get(id);
    if (ids.has(id) || (filter && here && alike(filter, here))) continue;
    const same = filter && workspace.filters.find((f) => alike(f, filter));
    ids.set(id, same ? same.id : here ? newId('g') : id);
  }
  return ids;
}

/** Whether a stand's own bag is the workspace's: then it need not keep its own. */
export function bringsNothingNew({ bag }: Pick<StandDocument, 'bag'>, workspace: Bag): boolean {
  if (!bag) return true;
  const settings = ({ slots = 1, holder, pouch }: Bag) => [slots, holder, pouch && [...pouch].sort()];
  const here = byId(workspace.filters);
  return (
    bag.filters.length === workspace.filters.length &&
    bag.filters.every((f) => {
      const own = here.get(f.id);
      return own && alike(f, own) && !f.archived === !own.archived;
    }) &&
    sameContent(settings(bag), settings(workspace))
  );
}
