/** Why a storage did not do what it was asked to. */
export type StorageFault =
  /** The browser's share of the disk is used up. */
  | 'full'
  /** A newer Pale Seam has written this database. */
  | 'newer'
  /** A newer Pale Seam in another tab has taken the database over. */
  | 'closed'
  /** The database was deleted while it was open. */
  | 'deleted'
  /** The browser has cleared the page's storage while it was open. */
  | 'cleared'
  /** The browser keeps nothing for this page: private mode, or storage switched off. */
  | 'refused'
  /** It is there, and cannot be read: its store is damaged, or the disk is full or failing. */
  | 'damaged'
  /** Anything else. */
  | 'failed';

export class StorageError extends Error {
  constructor(
    readonly fault: StorageFault,
    message: string,
  ) {
    super(message);
    this.name = 'StorageError';
  }
}

/** Names that browsers give their refusals, by what they mean while a database is opened or written. */
const WHILE_OPENING: Record<string, StorageFault> = {
  VersionError: 'newer',
  QuotaExceededError: 'full',
  SecurityError: 'refused',
  InvalidStateError: 'refused',
  // the database is there, and its store is damaged or its disk fails
  UnknownError: 'damaged',
  ReferenceError: 'refused',
  TypeError: 'refused',
};
const WHILE_WRITING: Record<string, StorageFault> = {
  QuotaExceededError: 'full',
  InvalidStateError: 'closed',
};

/** A browser's refusal as one of ours; one of ours stays as it is. */
export function storageError(error: unknown, doing: 'opening' | 'writing'): StorageError {
  if (error instanceof StorageError) return error;
  const { name = '', message = String(error) } = error as Partial<Error>;
  const fault = (doing === 'opening' ? WHILE_OPENING : WHILE_WRITING)[name] ?? 'failed';
  return new StorageError(fault, message);
}
