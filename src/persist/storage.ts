import { type BackupHistory, type Bag, type KeptStand, type StandDocument, type StoredPhoto } from '@/model';
import { type Plans } from '@/model/outing';
import { type StorageFault } from './faults';

/** A stand as it is kept: one record a stand, with a revision number that every write compares and raises. */
export interface StandRecord {
  readonly id: string;
  readonly revision: number;
  /** ISO 8601, when it was last written. */
  readonly updatedAt: string;
  readonly document: StandDocument;
}

export interface BagRecord {
  readonly revision: number;
  readonly bag: Bag;
}

/** What is planned, as it is kept: outings and places in one record. */
export interface PlansRecord {
  readonly revision: number;
  readonly plans: Plans;
}

/** What a workspace has one record of. */
export type Single = 'bag' | 'plans';

/** A record that was put aside, since it is not what it was taken for. */
export interface AsideRecord {
  readonly id: string;
  readonly revision: number;
  readonly damaged: Single;
  readonly record: unknown;
}

/** A write went through, or found a newer revision and left it alone. */
export type WriteResult<R> =
  | { readonly ok: true; readonly record: R }
  | { readonly ok: false; readonly reason: 'conflict'; readonly current: R };

/** What a workspace begins with: all of it is there at once, or nothing. */
export interface Seeds {
  readonly bag: Bag;
  /** The one last changed first. */
  readonly stands: readonly KeptStand[];
  readonly plans: Plans;
}

/** A tab that has the workspace open, and when it last said so, ms since the epoch. */
export interface OpenTab {
  readonly id: string;
  readonly seenAt: number;
}

/** Which stored pictures may go: those that nothing refers to, and that have been kept for long enough. */
export interface Collection {
  readonly usedSha256s: ReadonlySet<string>;
  readonly nowMs: number;
  readonly keepForMs: number;
}

/**
 * What a workspace is kept in. Writes compare the revision they were made from with the stored one inside one
 * transaction (0: nothing stored yet). Promises reject with a `StorageError` only when the storage itself fails.
 */
export interface WorkspaceStorage {
  /** Whether what is written outlasts the page. */
  readonly kind: 'database' | 'memory';
  stands(): Promise<readonly StandRecord[]>;
  stand(id: string): Promise<StandRecord | undefined>;
  putStand(
    document: StandDocument,
    from: { readonly revision: number; readonly now: string },
  ): Promise<WriteResult<StandRecord>>;
  /** Removes a stand that has not been changed since a revision; gives back what was stored, if anything was. */
  removeStand(id: string, from: { readonly revision: number }): Promise<WriteResult<StandRecord | undefined>>;
  bag(): Promise<BagRecord | undefined>;
  putBag(bag: Bag, from: { readonly revision: number }): Promise<WriteResult<BagRecord>>;
  plans(): Promise<PlansRecord | undefined>;
  putPlans(plans: Plans, from: { readonly revision: number }): Promise<WriteResult<PlansRecord>>;
  /**
   * Puts the record of the bag, or of what is planned, aside under an id of its own among the stands, just as it is: what is no
   * bag takes nothing else down, and is not lost.
   */
  setAside(what: Single, id: string): Promise<void>;
  /** Whether seeds were put in, whatever became of them since. */
  isSeeded(): Promise<boolean>;
  /** Puts seeds in, in one transaction; not where that was done before, or where stands are there. */
  seed(seeds: Seeds): Promise<boolean>;
  picture(sha256: string): Promise<StoredPhoto | undefined>;
  hasPicture(sha256: string): Promise<boolean>;
  putPhoto(picture: StoredPhoto, nowMs: number): Promise<void>;
  /** Removes the pictures that nothing refers to; one whose age is not known is as old as this call. */
  collectPhotos(collection: Collection): Promise<void>;
  /** When a backup was last made and reminded of. */
  history(): Promise<BackupHistory>;
  putHistory(history: BackupHistory): Promise<void>;
  /** The countdown of a stand, as it was put; undefined for none. */
  countdown(standId: string): Promise<unknown>;
  /** Keeps the countdown of a stand. */
  putCountdown(standId: string, countdown: object): Promise<void>;
  /** Notes that a tab is open, for browsers in which tabs cannot ask one another. */
  noteTab(tab: OpenTab): Promise<void>;
  dropTab(id: string): Promise<void>;
  tabs(): Promise<readonly OpenTab[]>;
  /** Removes everything in this workspace. */
  clear(): Promise<void>;
  /** Tells when the storage was taken away, and how: by a newer version, deleted or cleared. */
  onClosed(listener: (fault: StorageFault) => void): void;
  close(): void;
}

/**
 * Compares and swaps one record: the single rule that every adapter follows inside its transaction.
 *
 * @param newest the highest revision that the storage has ever given, of any record: none is given twice, or a record that is
 *   deleted and made again could not be told from the old
 */
export function nextRecord<R extends { readonly revision: number }>(
  current: R | undefined,
  fromRevision: number,
  make: (revision: number) => R,
  newest = 0,
): WriteResult<R> {
  if (current && current.revision !== fromRevision) return { ok: false, reason: 'conflict', current };
  return { ok: true, record: make(Math.max(newest, current?.revision ?? 0, fromRevision) + 1) };
}

/** Whether a record may be removed by who knows a revision of it. */
export const removal = (
  current: StandRecord | undefined,
  { revision }: { readonly revision: number },
): WriteResult<StandRecord | undefined> =>
  current && current.revision > revision
    ? { ok: false, reason: 'conflict', current }
    : { ok: true, record: current };

/** A stored picture with the time at which it was kept, ms since the epoch; absent in what older versions have kept. */
export interface PhotoRecord extends StoredPhoto {
  readonly keptAt?: number;
}

/** What becomes of a picture that nothing refers to. */
export function fateOf(
  { keptAt }: PhotoRecord,
  { nowMs, keepForMs }: Collection,
): 'goes' | 'stays' | 'is-new' {
  // a clock that was set back makes a picture younger than now
  if (keptAt === undefined || keptAt > nowMs) return 'is-new';
  return nowMs - keptAt >= keepForMs ? 'goes' : 'stays';
}
