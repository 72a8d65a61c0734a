import { type DBSchema, openDB } from 'idb';
import { type BagRecord, nextRecord, type StandRecord, type WorkspaceStorage } from './storage';

/** Version of the database's own layout, apart from that of the file format. */
const DATABASE_VERSION = 1;
const BAG_KEY = 'bag';

interface Schema extends DBSchema {
  stands: { key: string; value: StandRecord };
  bag: { key: string; value: BagRecord };
}

/** A workspace in a database of its own in this browser. */
export async function idbStorage(name: string): Promise<WorkspaceStorage> {
  const db = await openDB<Schema>(name, DATABASE_VERSION, {
    upgrade(database) {
      database.createObjectStore('stands', { keyPath: 'id' });
      database.createObjectStore('bag');
    },
    blocking: (_current, _wanted, event) => (event.target as IDBDatabase).close(),
  });
  return {
    stands: () => db.getAll('stands'),
    async putStand(document, { revision, now }) {
      const { id } = document.stand;
      const tx = db.transaction('stands', 'readwrite', { durability: 'strict' });
      const result = nextRecord(await tx.store.get(id), revision, (next) => ({
        id,
        revision: next,
        updatedAt: now,
        document,
      }));
      if (result.ok) await tx.store.put(result.record);
      await tx.done;
      return result;
    },
    async removeStand(id) {
      const tx = db.transaction('stands', 'readwrite');
      const record = await tx.store.get(id);
      await tx.store.delete(id);
      await tx.done;
      return record;
    },
    bag: () => db.get('bag', BAG_KEY),
    async putBag(bag, { revision }) {
      const tx = db.transaction('bag', 'readwrite', { durability: 'strict' });
      const result = nextRecord(await tx.store.get(BAG_KEY), revision, (next) => ({ revision: next, bag }));
      if (result.ok) await tx.store.put(result.record, BAG_KEY);
      await tx.done;
      return result;
    },
    async clear() {
      const tx = db.transaction(['stands', 'bag'], 'readwrite');
      await Promise.all([tx.objectStore('stands').clear(), tx.objectStore('bag').clear(), tx.done]);
    },
    close: () => db.close(),
  };
}
