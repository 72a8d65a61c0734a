import { type Bag } from './bag';
import { sameContent } from './content';
import { type StandDocument } from './document';
import { freeId } from './ids';

/** Everything a workspace holds, as one file keeps it. */
export interface Backup {
  /** ISO 8601. */
  readonly madeAt: string;
  readonly bag: Bag;
  readonly stands: readonly { readonly updatedAt: string; readonly document: StandDocument }[];
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

export interface Merged<T> {
  readonly items: readonly T[];
  readonly report: MergeReport;
}

interface Named {
  readonly id: string;
  readonly name?: string | undefined;
}

/** Brings things into a list that has some of them: nothing that is there is altered or lost. */
function mergeList<T extends Named>(
  ours: readonly T[],
  theirs: readonly T[],
  { nameOf, newId }: { nameOf: (item: T) => string; newId: (taken: readonly T[]) => string },
): Merged<T> {
  const report = { added: [] as string[], kept: [] as string[], inConflict: [] as string[] };
  const items = [...ours];
  for (const item of theirs) {
    const here = ours.find((o) => o.id === item.id);
    const name = nameOf(item);
    if (!here) {
      items.push(item);
      report.added.push(name);
    } else if (sameContent(here, item)) report.kept.push(name);
    else {
      items.push({ ...item, id: newId([...items, ...theirs]), name: `${name} (from the file)` });
      report.inConflict.push(name);
    }
  }
  return { items, report };
}

/** A bag with another brought in; the holder, its slots and the pouch stay as they are here. */
export function mergeBag(
  ours: Bag,
  theirs: Bag,
  nameOf: (item: Named) => string,
): { readonly bag: Bag; readonly report: MergeReport } {
  const filters = mergeList(ours.filters, theirs.filters, { nameOf, newId: (f) => freeId('g', f) });
  const lenses = mergeList(ours.lenses ?? [], theirs.lenses ?? [], { nameOf, newId: (l) => freeId('l', l) });
  const cameras = mergeList(ours.cameras ?? [], theirs.cameras ?? [], {
    nameOf,
    newId: (c) => freeId('c', c),
  });
  const reports = [filters.report, lenses.report, cameras.report];
  const pouch = ours.pouch && [...ours.pouch, ...filters.items.slice(ours.filters.length).map((f) => f.id)];
  return {
    bag: {
      ...ours,
      filters: filters.items,
      ...(lenses.items.length ? { lenses: lenses.items } : {}),
      ...(cameras.items.length ? { cameras: cameras.items } : {}),
      ...(pouch ? { pouch } : {}),
    },
    report: {
      added: reports.flatMap((r) => r.added),
      kept: reports.flatMap((r) => r.kept),
      inConflict: reports.flatMap((r) => r.inConflict),
    },
  };
}

/** The stands of a backup that are to be added to those that are here, and what becomes of each. */
export function mergeStands(
  ours: readonly StandDocument[],
  theirs: readonly StandDocument[],
  newId: () => string,
): { readonly added: readonly StandDocument[]; readonly report: MergeReport } {
  const { items, report } = mergeList(
    ours.map(({ stand }) => stand),
    theirs.map(({ stand }) => stand),
    { nameOf: ({ name }) => name || 'without a name', newId },
  );
  const added = items.slice(ours.length);
  const incoming = theirs.filter(({ stand }) => !ours.some((o) => sameContent(o.stand, stand)));
  return { added: incoming.map((document, i) => ({ ...document, stand: added[i]! })), report };
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
  stands: readonly { readonly updatedAt: string; readonly document: StandDocument }[],
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
