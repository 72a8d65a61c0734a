import { type Bag } from './bag';
import { alongToo } from './bag-edits';
import { sameContent } from './content';
import { type StandDocument } from './document';
import { freeId } from './ids';

/** Everything a workspace holds, as one file keeps it. */
export interface Backup {
  /** ISO 8601. */
  readonly madeAt: string;
  readonly bag: Bag;
  readonly stands: readonly KeptStand[];
}

/** A stand's document, and when it was last changed, ISO 8601. */
export interface KeptStand {
  readonly updatedAt: string;
  readonly document: StandDocument;
}

/** What became of the things of a backup, each by its name. */
export interface MergeReport {
  /** Not here before. */
  readonly added: readonly string[];
  /** Here already, and alike. */
  readonly kept: readonly string[];
  /** Here already, and different: both versions are there now. */
  readonly inConflict: readonly string[];
}

export interface Named {
  readonly id: string;
  readonly name?: string | undefined;
}

/** What the things that are brought in are called. */
export interface MergeNames {
  readonly nameOf: (item: Named) => string;
  /** Where they come from, behind the name of one that is in conflict: "from the file". */
  readonly from: string;
}

interface MergeRules<T> {
  readonly idOf: (item: T) => string;
  readonly nameOf: (item: T) => string;
  /** What of it must be alike for it to be the same. */
  readonly contentOf: (item: T) => unknown;
  /** It under another id, with a mark in its name. */
  readonly renamed: (item: T, taken: readonly T[]) => T;
}

/** What of a list is to be added to another that has some of it: nothing that is there is altered or lost. */
function mergeList<T>(
  ours: readonly T[],
  theirs: readonly T[],
  { idOf, nameOf, contentOf, renamed }: MergeRules<T>,
): { readonly added: readonly T[]; readonly report: MergeReport } {
  const report = { added: [] as string[], kept: [] as string[], inConflict: [] as string[] };
  const added: T[] = [];
  for (const item of theirs) {
    const here = ours.find((o) => idOf(o) === idOf(item));
    if (here && sameContent(contentOf(here), contentOf(item))) {
      report.kept.push(nameOf(item));
      continue;
    }
    added.push(here ? renamed(item, [...ours, ...theirs, ...added]) : item);
    (here ? report.inConflict : report.added).push(nameOf(item));
  }
  return { added, report };
}

/** Filters, lenses or cameras. */
const mergeThings = <T extends Named>(
  letter: string,
  ours: readonly T[] = [],
  theirs: readonly T[] = [],
  { nameOf, from }: MergeNames,
) =>
  mergeList<T>(ours, theirs, {
    idOf: (item) => item.id,
    nameOf,
    contentOf: (item) => item,
    renamed: (item, taken) => ({ ...item, id: freeId(letter, taken), name: `${nameOf(item)} (${from})` }),
  });

/**
 * A bag with another brought in; the holder, its slots and the pouch stay as they are here. The same bag where that brings
 * nothing.
 */
export function mergeBag(
  ours: Bag,
  theirs: Bag,
  names: MergeNames,
): { readonly bag: Bag; readonly report: MergeReport } {
  const filters = mergeThings('g', ours.filters, theirs.filters, names);
  const lenses = mergeThings('l', ours.lenses, theirs.lenses, names);
  const cameras = mergeThings('c', ours.cameras, theirs.cameras, names);
  const all = [filters, lenses, cameras];
  const report = {
    added: all.flatMap((m) => m.report.added),
    kept: all.flatMap((m) => m.report.kept),
    inConflict: all.flatMap((m) => m.report.inConflict),
  };
  if (all.every((m) => !m.added.length)) return { bag: ours, report };
  const newIds = filters.added.map((f) => f.id);
  return {
    bag: {
      ...ours,
      ...alongToo(ours, newIds),
      filters: [...ours.filters, ...filters.added],
      ...(lenses.added.length ? { lenses: [...(ours.lenses ?? []), ...lenses.added] } : {}),
      ...(cameras.added.length ? { cameras: [...(ours.cameras ?? []), ...cameras.added] } : {}),
    },
    report,
  };
}

/** The stands of a backup that are to be added to those that are here, and what becomes of each. */
export function mergeStands(
  ours: readonly KeptStand[],
  theirs: readonly KeptStand[],
  newId: () => string,
): { readonly added: readonly KeptStand[]; readonly report: MergeReport } {
  const nameOf = ({ document }: KeptStand) => document.stand.name || 'without a name';
  return mergeList(ours, theirs, {
    idOf: ({ document }) => document.stand.id,
    nameOf,
    contentOf: ({ document: { stand, bag } }) => [stand, bag],
    renamed: (entry) => ({
      ...entry,
      document: {
        ...entry.document,
        stand: { ...entry.document.stand, id: newId(), name: `${nameOf(entry)} (from the file)` },
      },
    }),
  });
}

/** A backup is old when work has gone on for so long since, days. */
const OLD_AFTER_DAYS = 14;
/** It is reminded of once in so many days at most. */
const REMIND_EVERY_DAYS = 7;
const DAY_MS = 86_400_000;

export interface BackupHistory {
  /** When the last backup was made, ms since the epoch; absent: never. */
  readonly lastBackupMs?: number | undefined;
  readonly lastReminderMs?: number | undefined;
}

/** Whether it is time to remind of a backup: there is work older than the last one covers, and no reminder of late. */
export function isBackupDue(
  { lastBackupMs, lastReminderMs }: BackupHistory,
  stands: readonly KeptStand[],
  nowMs: number,
): boolean {
  if (lastReminderMs !== undefined && nowMs - lastReminderMs < REMIND_EVERY_DAYS * DAY_MS) return false;
  const oldest = Math.min(
    ...stands
      .filter((s) => Date.parse(s.updatedAt) > (lastBackupMs ?? -Infinity))
      .map((s) => lastBackupMs ?? Date.parse(s.document.stand.createdAt)),
  );
  return nowMs - oldest > OLD_AFTER_DAYS * DAY_MS;
}
