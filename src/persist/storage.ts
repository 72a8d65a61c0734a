import { type BackupHistory, type Bag, type StandDocument, type StoredPicture } from '@/model';

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

/** A write went through, or found a newer revision and left it alone. */
export type WriteResult<R> =
  | { readonly ok: true; readonly record: R }
  | { readonly ok: false; readonly reason: 'conflict'; readonly current: R };

/**
 * What a workspace is kept in. Writes compare the revision they were made from with the stored one inside one
 * transaction (0: nothing stored yet). Promises reject with a `StorageError` only when the storage itself fails.
 */
export interface WorkspaceStorage {
  /** Whether what is written outlasts the page. */
  readonly kind: 'database' | 'memory';
  stands(): Promise<readonly StandRecord[]>;
  putStand(
    document: StandDocument,
    from: { readonly revision: number; readonly now: string },
  ): Promise<WriteResult<StandRecord>>;
  /** Removes a stand and gives back what was stored, if anything was. */
  removeStand(id: string): Promise<StandRecord | undefined>;
  bag(): Promise<BagRecord | undefined>;
  putBag(bag: Bag, from: { readonly revision: number }): Promise<WriteResult<BagRecord>>;
  picture(sha256: string): Promise<StoredPicture | undefined>;
  putPicture(picture: StoredPicture): Promise<void>;
  /** Removes every picture but those that are named. */
  keepPictures(sha256s: ReadonlySet<string>): Promise<void>;
  /** When a backup was last made and reminded of. */
  history(): Promise<BackupHistory>;
  putHistory(history: BackupHistory): Promise<void>;
  /** Removes everything in this workspace. */
  clear(): Promise<void>;
  /** Tells when a newer version takes the storage over. */
  onClosed(listener: () => void): void;
  close(): void;
}

/** Compares and swaps one record: the single rule that every adapter follows inside its transaction. */
export function nextRecord<R extends { readonly revision: number }>(
  current: R | undefined,
  fromRevision: number,
  make: (revision: number) => R,
): WriteResult<R> {
  if (current && current.revision !== fromRevision) return { ok: false, reason: 'conflict', current };
  return { ok: true, record: make((current?.revision ?? 0) + 1) };
}
