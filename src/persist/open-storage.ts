import { StorageError } from './faults';
import { idbStorage } from './idb-storage';
import { memoryStorage } from './memory-storage';
import { type WorkspaceStorage } from './storage';

/** How long a database may take to open before it is taken for refused, ms: another tab may hold it. */
const PATIENCE_MS = 15_000;

/**
 * The browser's database, or memory where the browser keeps nothing (private mode, storage switched off). A database that
 * is there and cannot be read is never passed over.
 *
 * @throws {StorageError} where there is a database and it cannot be opened
 */
export async function openStorage(name: string): Promise<WorkspaceStorage> {
  try {
    return await withinPatience(idbStorage(name));
  } catch (error) {
    if (error instanceof StorageError && error.fault === 'refused') return memoryStorage();
    throw error;
  }
}

function withinPatience(opening: Promise<WorkspaceStorage>): Promise<WorkspaceStorage> {
  let timer: ReturnType<typeof setTimeout>;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(
      () => reject(new StorageError('failed', 'another tab keeps the database busy')),
      PATIENCE_MS,
    );
  });
  return Promise.race([opening, late]).finally(() => clearTimeout(timer));
}
