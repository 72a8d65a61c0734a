import { type IDBPDatabase, openDB } from 'idb';
import { StorageError, storageError } from './faults';
import { DATABASE_VERSION, MIGRATIONS, type Schema } from './migrations';
import { nextRecord, type WorkspaceStorage } from './storage';

/** Key of the one record in a store that holds one. */
const ONLY = 'bag';

/**
 * A workspace in a database of its own in this browser. A database of an older layout is migrated; one of a newer is
 * refused untouched.
 *
 * @throws {StorageError} where the browser refuses, or the database is newer
 */
export async function idbStorage(name: string): Promise<WorkspaceStorage> {
  const onClosed = new Set<() => void>();
  let isClosed = false;
  const giveWay = (event: Event) => {
    (event.target as IDBDatabase).close();
    isClosed = true;
    for (const listener of onClosed) listener();
  };
  const db = await open(name, giveWay);

  /** Every access, with the browser's refusals told as ours. */
  const access = async <T>(run: () => Promise<T>): Promise<T> => {
    if (isClosed) throw new StorageError('closed', 'the database is used by a newer version');
    try {
      return await run();
    } catch (error) {
      throw storageError(error, 'writing');
    }
  };

  return {
    kind: 'database',
    stands: () => access(() => db.getAll('stands')),
    putStand: (document, { revision, now }) =>
      access(async () => {
        const { id } = document.stand;
        const tx = db.transaction('stands', 'readwrite', { durability: 'strict' });
        const result = nextRecord(await tx.store.get(id), revision, (next) => ({
          id,
          revision: next,
          updatedAt: now,
          document,
        }));
        // the transaction's own failure is the one to tell, and it must not go unheard beside that of the write
        await Promise.all([result.ok && tx.store.put(result.record), tx.done]);
        return result;
      }),
    removeStand: (id) =>
      access(async () => {
        const tx = db.transaction('stands', 'readwrite', { durability: 'strict' });
        const record = await tx.store.get(id);
        await Promise.all([tx.store.delete(id), tx.done]);
        return record;
      }),
    bag: () => access(() => db.get('bag', ONLY)),
    putBag: (bag, { revision }) =>
      access(async () => {
        const tx = db.transaction('bag', 'readwrite', { durability: 'strict' });
        const result = nextRecord(await tx.store.get(ONLY), revision, (next) => ({ revision: next, bag }));
        await Promise.all([result.ok && tx.store.put(result.record, ONLY), tx.done]);
        return result;
      }),
    picture: (sha256) => access(() => db.get('pictures', sha256)),
    putPicture: (picture) => access(async () => void (await db.put('pictures', picture))),
    keepPictures: (sha256s) =>
      access(async () => {
        const tx = db.transaction('pictures', 'readwrite');
        const own = await tx.store.getAllKeys();
        await Promise.all([
          ...own.filter((key) => !sha256s.has(key)).map((key) => tx.store.delete(key)),
          tx.done,
        ]);
      }),
    history: () => access(async () => (await db.get('history', ONLY)) ?? {}),
    putHistory: (history) => access(async () => void (await db.put('history', history, ONLY))),
    clear: () =>
      access(async () => {
        const stores = ['stands', 'bag', 'history', 'pictures'] as const;
        const tx = db.transaction(stores, 'readwrite');
        await Promise.all([...stores.map((s) => tx.objectStore(s).clear()), tx.done]);
      }),
    onClosed: (listener) => void onClosed.add(listener),
    close: () => db.close(),
  };
}

async function open(name: string, giveWay: (event: Event) => void): Promise<IDBPDatabase<Schema>> {
  try {
    return await openDB<Schema>(name, DATABASE_VERSION, {
      upgrade(database, from) {
        for (const migration of MIGRATIONS) if (migration.to > from) migration.run(database);
      },
      blocking: (_current, _wanted, event) => giveWay(event),
    });
  } catch (error) {
    throw storageError(error, 'opening');
  }
}
