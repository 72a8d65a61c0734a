import { type IDBPDatabase, openDB } from 'idb';
import { type StoredPhoto } from '@/model';
import { StorageError, storageError, type StorageFault } from './faults';
import { DATABASE_VERSION, MIGRATIONS, type Schema } from './migrations';
import {
  type AsideRecord,
  fateOf,
  nextRecord,
  type PhotoRecord,
  removal,
  type StandRecord,
  type WorkspaceStorage,
} from './storage';

/** Keys of the one record in a store that holds one. */
const ONLY = 'bag';
const PLANNED = 'plans';
/** Marks: that the workspace was given its seeds, and the newest revision of a stand. */
const SEEDED = 'seeded';
const NEWEST = 'newest revision';

const STORES = ['stands', 'bag', 'plans', 'history', 'pictures', 'tabs', 'marks', 'countdowns'] as const;
const DURABLE = { durability: 'strict' } as const;

/** What a lost database is told as, when something is still asked of it. */
const LOST: Record<'closed' | 'deleted' | 'cleared', string> = {
  closed: 'the database is used by a newer version',
  deleted: 'the database was deleted',
  cleared: 'the browser has cleared the database',
};

/**
 * A workspace in a database of its own in this browser. A database of an older layout is migrated; one of a newer is
 * refused untouched.
 *
 * @throws {StorageError} where the browser refuses, or the database is newer
 */
export async function idbStorage(name: string): Promise<WorkspaceStorage> {
  const onClosed = new Set<(fault: StorageFault) => void>();
  let lost: keyof typeof LOST | null = null;
  const lose = (how: keyof typeof LOST) => {
    lost ??= how;
    for (const listener of onClosed) listener(how);
  };
  const db = await open(name, {
    giveWay: (event) => {
      (event.target as IDBDatabase).close();
      // who deletes a database asks for no version of it
      lose(event.newVersion === null ? 'deleted' : 'closed');
    },
    cleared: () => lose('cleared'),
  });

  const access: Access = async (run) => {
    if (lost) throw new StorageError(lost, LOST[lost]);
    try {
      return await run();
    } catch (error) {
      throw lost ? new StorageError(lost, LOST[lost]) : storageError(error, 'writing');
    }
  };
  return {
    kind: 'database',
    ...standsIn(db, access),
    ...singlesIn(db, access),
    ...photosIn(db, access),
    ...besideIn(db, access),
    onClosed: (listener) => void onClosed.add(listener),
    close: () => db.close(),
  };
}

type Database = IDBPDatabase<Schema>;
/** Every access, with the browser's refusals told as ours. */
type Access = <T>(run: () => Promise<T>) => Promise<T>;

const standsIn = (
  db: Database,
  access: Access,
): Pick<WorkspaceStorage, 'stands' | 'stand' | 'putStand' | 'removeStand'> => ({
  stands: () => access(() => db.getAll('stands')),
  stand: (id) => access(() => db.get('stands', id)),
  putStand: (document, { revision, now }) =>
    access(async () => {
      const { id } = document.stand;
      const tx = db.transaction(['stands', 'marks'], 'readwrite', DURABLE);
      const [stands, marks] = [tx.objectStore('stands'), tx.objectStore('marks')];
      const make = (next: number) => ({ id, revision: next, updatedAt: now, document });
      const result = nextRecord(await stands.get(id), revision, make, await marks.get(NEWEST));
      // the transaction's own failure is the one to tell, and it must not go unheard beside that of the write
      const put = result.ok ? [stands.put(result.record), marks.put(result.record.revision, NEWEST)] : [];
      await Promise.all([...put, tx.done]);
      return result;
    }),
  removeStand: (id, from) =>
    access(async () => {
      const tx = db.transaction('stands', 'readwrite', DURABLE);
      const result = removal(await tx.store.get(id), from);
      await Promise.all([result.ok && tx.store.delete(id), tx.done]);
      return result;
    }),
});

/** The bag and the plans, of which there is one each, and what a workspace begins with. */
const singlesIn = (
  db: Database,
  access: Access,
): Pick<WorkspaceStorage, 'bag' | 'putBag' | 'plans' | 'putPlans' | 'setAside' | 'isSeeded' | 'seed'> => ({
  bag: () => access(() => db.get('bag', ONLY)),
  putBag: (bag, { revision }) =>
    access(async () => {
      const tx = db.transaction('bag', 'readwrite', DURABLE);
      const result = nextRecord(await tx.store.get(ONLY), revision, (next) => ({ revision: next, bag }));
      await Promise.all([result.ok && tx.store.put(result.record, ONLY), tx.done]);
      return result;
    }),
  plans: () => access(() => db.get('plans', PLANNED)),
  putPlans: (plans, { revision }) =>
    access(async () => {
      const tx = db.transaction('plans', 'readwrite', DURABLE);
      const result = nextRecord(await tx.store.get(PLANNED), revision, (next) => ({ revision: next, plans }));
      await Promise.all([result.ok && tx.store.put(result.record, PLANNED), tx.done]);
      return result;
    }),
  setAside: (what, id) =>
    access(async () => {
      const tx = db.transaction([what, 'stands'], 'readwrite', DURABLE);
      const [own, key] = [tx.objectStore(what), { bag: ONLY, plans: PLANNED }[what]];
      const aside: AsideRecord = { id, revision: 1, damaged: what, record: await own.get(key) };
      await Promise.all([
        tx.objectStore('stands').put(aside as unknown as StandRecord),
        own.delete(key),
        tx.done,
      ]);
    }),
  isSeeded: () => access(async () => (await db.get('marks', SEEDED)) !== undefined),
  seed: ({ bag, stands, plans }) =>
    access(async () => {
      const tx = db.transaction(['stands', 'bag', 'plans', 'marks'], 'readwrite', DURABLE);
      const [kept, marks] = [tx.objectStore('stands'), tx.objectStore('marks')];
      const isDue = !(await marks.get(SEEDED)) && (await kept.count()) === 0;
      const own = await tx.objectStore('bag').get(ONLY);
      const planned = await tx.objectStore('plans').get(PLANNED);
      await Promise.all([
        marks.put(1, SEEDED),
        isDue && tx.objectStore('bag').put({ revision: (own?.revision ?? 0) + 1, bag }, ONLY),
        isDue && tx.objectStore('plans').put({ revision: (planned?.revision ?? 0) + 1, plans }, PLANNED),
        ...(isDue ? stands : []).map(({ document, updatedAt }) =>
          kept.put({ id: document.stand.id, revision: 1, updatedAt, document }),
        ),
        tx.done,
      ]);
      return isDue;
    }),
});

const photosIn = (
  db: Database,
  access: Access,
): Pick<WorkspaceStorage, 'picture' | 'hasPicture' | 'putPhoto' | 'collectPhotos'> => ({
  picture: (sha256) => access(async () => pictureOf(await db.get('pictures', sha256))),
  hasPicture: (sha256) => access(async () => (await db.count('pictures', sha256)) > 0),
  putPhoto: (picture, keptAt) => access(async () => void (await db.put('pictures', { ...picture, keptAt }))),
  collectPhotos: (collection) =>
    access(async () => {
      const tx = db.transaction('pictures', 'readwrite');
      for (const key of await tx.store.getAllKeys()) {
        if (collection.usedSha256s.has(key)) continue;
        const record = (await tx.store.get(key)) as PhotoRecord;
        const fate = fateOf(record, collection);
        if (fate === 'goes') await tx.store.delete(key);
        if (fate === 'is-new') await tx.store.put({ ...record, keptAt: collection.nowMs });
      }
      await tx.done;
    }),
});

/** What is kept beside the documents: when things were done, countdowns, open tabs; and how all of it is cleared. */
const besideIn = (
  db: Database,
  access: Access,
): Pick<
  WorkspaceStorage,
  'history' | 'putHistory' | 'countdown' | 'putCountdown' | 'noteTab' | 'dropTab' | 'tabs' | 'clear'
> => ({
  history: () => access(async () => (await db.get('history', ONLY)) ?? {}),
  putHistory: (history) => access(async () => void (await db.put('history', history, ONLY))),
  countdown: (standId) => access(() => db.get('countdowns', standId)),
  putCountdown: (standId, countdown) =>
    access(async () => {
      const tx = db.transaction('countdowns', 'readwrite', DURABLE);
      await Promise.all([tx.store.put(countdown, standId), tx.done]);
    }),
  noteTab: (tab) => access(async () => void (await db.put('tabs', tab))),
  dropTab: (id) => access(() => db.delete('tabs', id)),
  tabs: () => access(() => db.getAll('tabs')),
  clear: () =>
    access(async () => {
      const tx = db.transaction(STORES, 'readwrite');
      const marks = tx.objectStore('marks');
      // what was given is never given again
      const newest = await marks.get(NEWEST);
      await Promise.all(STORES.map((s) => tx.objectStore(s).clear()));
      await Promise.all([newest !== undefined && marks.put(newest, NEWEST), tx.done]);
    }),
});

/** A picture as it was given to be kept. */
function pictureOf(record: PhotoRecord | undefined): StoredPhoto | undefined {
  return record && { sha256: record.sha256, type: record.type, bytes: record.bytes };
}

interface Losses {
  readonly giveWay: (event: IDBVersionChangeEvent) => void;
  readonly cleared: () => void;
}

async function open(name: string, { giveWay, cleared }: Losses): Promise<IDBPDatabase<Schema>> {
  try {
    return await openDB<Schema>(name, DATABASE_VERSION, {
      upgrade(database, from) {
        for (const migration of MIGRATIONS) if (migration.to > from) migration.run(database);
      },
      blocking: (_current, _wanted, event) => giveWay(event),
      terminated: cleared,
    });
  } catch (error) {
    throw storageError(error, 'opening');
  }
}
