import 'fake-indexeddb/auto';
import { NO_PLANS } from '@/model/outing';
import { sampleBag, type StandDocument } from '@/model';
import { testStand } from '@/testing/fixtures';
import { type IDBPDatabase, openDB } from 'idb';
import { readFileSync } from 'node:fs';
import { idbStorage } from './idb-storage';
import { DATABASE_VERSION, MIGRATIONS, type Schema } from './migrations';
import { openStorage } from './open-storage';
import { memoryStorage } from './memory-storage';
import { type WorkspaceStorage } from './storage';

let names = 0;
const ADAPTERS: [string, () => Promise<WorkspaceStorage>][] = [
  ['memory', async () => memoryStorage()],
  ['idb', () => idbStorage(`test-${names++}`)],
];

const now = '2026-05-01T05:00:00Z';
const document = (id: string, name = 'Quill Rim'): StandDocument => ({
  stand: testStand({ id, name }),
  bag: null,
  used: [],
  minor: 0,
});

describe.each(ADAPTERS)('a workspace kept in %s', (_, open) => {
  let storage: WorkspaceStorage;
  beforeEach(async () => {
    storage = await open();
  });
  afterEach(() => storage.close());

  it('begins empty', async () => {
    expect(await storage.stands()).toEqual([]);
    expect(await storage.bag()).toBeUndefined();
  });

  it.each(['st-1', '__proto__', 'constructor', 'a/b?c#d', 'ä\u0000ö', ' '])(
    'keeps a stand under the id %p',
    async (id) => {
      const result = await storage.putStand(document(id), { revision: 0, now });
      expect(result).toMatchObject({ ok: true, record: { id, revision: 1, updatedAt: now } });
      const [record] = await storage.stands();
      expect(record?.document).toEqual(document(id));
      expect(await storage.stand(id)).toEqual(record);
      expect(await storage.removeStand(id, { revision: 1 })).toEqual({ ok: true, record });
      expect(await storage.stand(id)).toBeUndefined();
      expect(await storage.stands()).toEqual([]);
    },
  );

  it('raises the revision with each write and refuses one made from an older', async () => {
    await storage.putStand(document('a', 'first'), { revision: 0, now });
    expect(await storage.putStand(document('a', 'second'), { revision: 1, now })).toMatchObject({
      ok: true,
      record: { revision: 2 },
    });
    const late = await storage.putStand(document('a', 'late'), { revision: 1, now });
    expect(late).toMatchObject({ ok: false, reason: 'conflict', current: { revision: 2 } });
    expect((await storage.stands())[0]?.document.stand.name).toBe('second');
  });

  it('lets only one of two simultaneous writes through', async () => {
    const results = await Promise.all([
      storage.putStand(document('a', 'one'), { revision: 0, now }),
      storage.putStand(document('a', 'two'), { revision: 0, now }),
    ]);
    expect(results.map((r) => r.ok).sort()).toEqual([false, true]);
  });

  it('keeps pictures by what they are, and lets go of what nothing refers to when it is a day old (fault 4)', async () => {
    const picture = (sha256: string) => ({
      sha256,
      type: 'image/jpeg',
      bytes: new Uint8Array([1, 2, 3]).buffer,
    });
    const day = 86_400_000;
    const collect = (nowMs: number) =>
      storage.collectPhotos({
        usedSha256s: new Set(['a', '__proto__', 'never there']),
        nowMs,
        keepForMs: day,
      });
    for (const name of ['a', 'b', '__proto__']) await storage.putPhoto(picture(name), 5 * day);
    expect(await storage.picture('b')).toEqual(picture('b'));
    expect([await storage.hasPicture('b'), await storage.hasPicture('c')]).toEqual([true, false]);
    await collect(5.5 * day);
    expect(await storage.hasPicture('b')).toBe(true);
    // a clock that was set back makes it new: from then on it is kept for a day
    await collect(2 * day);
    await collect(2.9 * day);
    expect(await storage.hasPicture('b')).toBe(true);
    await collect(3 * day);
    expect(await storage.picture('b')).toBeUndefined();
    expect(await storage.picture('__proto__')).toEqual(picture('__proto__'));
    await storage.clear();
    expect(await storage.picture('a')).toBeUndefined();
  });

  it('deletes no stand that was changed since, and goes on from its revision when it is made again', async () => {
    await storage.putStand(document('a'), { revision: 0, now });
    await storage.putStand(document('a', 'newer'), { revision: 1, now });
    expect(await storage.removeStand('a', { revision: 1 })).toMatchObject({
      ok: false,
      current: { revision: 2 },
    });
    expect((await storage.removeStand('a', { revision: 2 })).ok).toBe(true);
    expect(await storage.removeStand('a', { revision: 2 })).toEqual({ ok: true, record: undefined });
    // made again by who knew no more than the first revision: it is another than the second
    expect(await storage.putStand(document('a'), { revision: 1, now })).toMatchObject({
      ok: true,
      record: { revision: 3 },
    });
    await storage.clear();
    expect(await storage.putStand(document('a'), { revision: 0, now })).toMatchObject({
      record: { revision: 4 },
    });
  });

  it('is given its seeds once, all of them or none', async () => {
    const seeds = {
      bag: sampleBag(),
      plans: NO_PLANS,
      stands: [{ updatedAt: now, document: document('a') }],
    };
    expect(await storage.isSeeded()).toBe(false);
    expect(await storage.seed(seeds)).toBe(true);
    expect((await storage.bag())?.bag).toEqual(sampleBag());
    await storage.removeStand('a', { revision: 1 });
    expect([await storage.isSeeded(), await storage.seed(seeds)]).toEqual([true, false]);
    expect(await storage.stands()).toEqual([]);
    await storage.clear();
    await storage.putStand(document('own'), { revision: 0, now });
    expect(await storage.seed(seeds)).toBe(false);
    expect((await storage.stands()).map((s) => s.id)).toEqual(['own']);
  });

  it('notes which tabs are open', async () => {
    await storage.noteTab({ id: 'a', seenAt: 1 });
    await storage.noteTab({ id: 'a', seenAt: 2 });
    await storage.noteTab({ id: 'b', seenAt: 3 });
    await storage.dropTab('b');
    expect(await storage.tabs()).toEqual([{ id: 'a', seenAt: 2 }]);
  });

  it('keeps the bag with revisions of its own', async () => {
    expect(await storage.putBag(sampleBag(), { revision: 0 })).toMatchObject({
      ok: true,
      record: { revision: 1 },
    });
    expect(await storage.putBag({ filters: [] }, { revision: 0 })).toMatchObject({ ok: false });
    expect((await storage.bag())?.bag).toEqual(sampleBag());
  });

  it('keeps what is planned with revisions of its own, until it is cleared', async () => {
    const plans = {
      ...NO_PLANS,
      places: [{ id: 'p', name: 'Far shore', latitudeDeg: 56, longitudeDeg: -3 }],
    };
    expect(await storage.plans()).toBeUndefined();
    expect(await storage.putPlans(plans, { revision: 0 })).toMatchObject({
      ok: true,
      record: { revision: 1 },
    });
    expect(await storage.putPlans(NO_PLANS, { revision: 0 })).toMatchObject({
      ok: false,
      current: { plans },
    });
    expect(await storage.plans()).toEqual({ revision: 1, plans });
    await storage.clear();
    expect(await storage.plans()).toBeUndefined();
  });

  it('hands out copies that cannot change what is kept', async () => {
    const mutable = structuredClone(document('a')) as { stand: { name: string } } & StandDocument;
    await storage.putStand(mutable, { revision: 0, now });
    mutable.stand.name = 'changed outside';
    expect((await storage.stands())[0]?.document.stand.name).toBe('Quill Rim');
  });

  it('remembers when a backup was made, until it is cleared', async () => {
    expect(await storage.history()).toEqual({});
    await storage.putHistory({ lastBackupMs: 5 });
    expect(await storage.history()).toEqual({ lastBackupMs: 5 });
    await storage.clear();
    expect(await storage.history()).toEqual({});
  });

  it('clears everything, and gives nothing for what is not there', async () => {
    await storage.putStand(document('a'), { revision: 0, now });
    await storage.putBag(sampleBag(), { revision: 0 });
    await storage.clear();
    expect([await storage.stands(), await storage.bag(), await storage.stand('a')]).toEqual([
      [],
      undefined,
      undefined,
    ]);
  });
});

describe('a database', () => {
  it('of an older layout is migrated, step by step, and nothing in it is lost', async () => {
    for (const { to: from } of [{ to: 0 }, ...MIGRATIONS].slice(0, -1)) {
      const name = `older-${from}`;
      if (from > 0) {
        const old = await openDB(name, from, {
          upgrade: (db) =>
            MIGRATIONS.filter((m) => m.to <= from).forEach((m) =>
              m.run(db as unknown as IDBPDatabase<Schema>),
            ),
        });
        await old.put('stands', { id: 'a', revision: 4, updatedAt: now, document: document('a') });
        await old.put('bag', { revision: 2, bag: sampleBag() }, 'bag');
        old.close();
      }
      const storage = await idbStorage(name);
      expect((await storage.stands()).map((s) => s.revision)).toEqual(from > 0 ? [4] : []);
      expect((await storage.bag())?.revision).toBe(from > 0 ? 2 : undefined);
      expect(await storage.history()).toEqual({});
      storage.close();
    }
    expect(MIGRATIONS.map((m) => m.to)).toEqual(MIGRATIONS.map((_, i) => i + 1));
  });

  it('of a newer layout is refused and left as it is', async () => {
    const newer = await openDB('newer', DATABASE_VERSION + 1, {
      upgrade: (db) => db.createObjectStore('later'),
    });
    await newer.put('later', 'precious', 'k');
    newer.close();
    await expect(openStorage('newer')).rejects.toMatchObject({ fault: 'newer' });
    const again = await openDB('newer', DATABASE_VERSION + 1);
    expect(await again.get('later', 'k')).toBe('precious');
    again.close();
  });

  it('gives way to a newer version in another tab, says so, and writes nothing more', async () => {
    const storage = await idbStorage('overtaken');
    const told = jest.fn();
    storage.onClosed(told);
    const newer = await openDB('overtaken', DATABASE_VERSION + 1);
    expect(told).toHaveBeenCalledTimes(1);
    await expect(storage.putStand(document('a'), { revision: 0, now })).rejects.toMatchObject({
      fault: 'closed',
    });
    newer.close();
  });

  it('that is deleted, or cleared by the browser, says which of the two it was (fault 75)', async () => {
    const storage = await idbStorage('deleted');
    const told = jest.fn();
    storage.onClosed(told);
    await new Promise((done, failed) => {
      const request = indexedDB.deleteDatabase('deleted');
      request.onsuccess = done;
      request.onerror = failed;
    });
    expect(told).toHaveBeenCalledWith('deleted');
    await expect(storage.stands()).rejects.toMatchObject({ fault: 'deleted' });

    const opened = jest.spyOn(indexedDB, 'open');
    const cleared = await idbStorage('cleared');
    const db = (opened.mock.results[0]!.value as IDBOpenDBRequest).result;
    opened.mockRestore();
    cleared.onClosed(told);
    // the browser's own event, which a page cannot make
    const phases = { CAPTURING_PHASE: 1, AT_TARGET: 2, BUBBLING_PHASE: 3 };
    const close = { type: 'close', initialized: true, eventPath: [], ...phases };
    db.dispatchEvent(close as unknown as Event);
    expect(told).toHaveBeenLastCalledWith('cleared');
    await expect(cleared.stands()).rejects.toMatchObject({ fault: 'cleared' });
  });

  it.each(MIGRATIONS.slice(0, -1).map((m) => m.to))(
    'of layout %i, as it was written then, opens with all that is in it',
    async (layout) => {
      const dump = JSON.parse(readFileSync(`tests/kept/database-${layout}.json`, 'utf8')) as {
        version: number;
        stores: Record<string, { keyPath: string | null; records: { key: string; value: object }[] }>;
      };
      const name = `kept-${layout}`;
      const old = await openDB(name, dump.version, {
        upgrade: (db) => {
          for (const [store, { keyPath }] of Object.entries(dump.stores))
            db.createObjectStore(store, { keyPath });
        },
      });
      for (const [store, { keyPath, records }] of Object.entries(dump.stores))
        for (const { key, value } of records) await old.put(store, value, keyPath ? undefined : key);
      old.close();
      const storage = await idbStorage(name);
      const { stands, bag, plans } = dump.stores;
      expect(await storage.stands()).toEqual(stands!.records.map((r) => r.value));
      expect(await storage.bag()).toEqual(bag!.records[0]!.value);
      expect(await storage.plans()).toEqual(plans?.records[0]?.value);
      storage.close();
    },
  );

  it('that is full says so, and keeps what was there', async () => {
    const storage = await idbStorage('full');
    await storage.putStand(document('a', 'before'), { revision: 0, now });
    const put = jest.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('no room', 'QuotaExceededError');
    });
    await expect(storage.putStand(document('a', 'after'), { revision: 1, now })).rejects.toMatchObject({
      fault: 'full',
    });
    put.mockRestore();
    expect((await storage.stands())[0]).toMatchObject({
      revision: 1,
      document: { stand: { name: 'before' } },
    });
    storage.close();
  });

  it.each(['SecurityError', 'InvalidStateError'])(
    'that the browser refuses (%s) gives way to memory',
    async (name) => {
      const open = jest.spyOn(indexedDB, 'open').mockImplementation(() => {
        throw new DOMException('private', name);
      });
      const storage = await openStorage('private');
      open.mockRestore();
      expect(storage.kind).toBe('memory');
      await storage.putStand(document('a'), { revision: 0, now });
      expect(await storage.stands()).toHaveLength(1);
    },
  );

  it.each(['UnknownError', 'QuotaExceededError'])(
    'that is there and cannot be opened (%s) is told as it is, not taken for a private window (fault 123)',
    async (name) => {
      const open = jest.spyOn(indexedDB, 'open').mockImplementation(() => {
        throw new DOMException('Internal error opening backing store', name);
      });
      await expect(openStorage('damaged')).rejects.toMatchObject({
        fault: name === 'UnknownError' ? 'damaged' : 'full',
      });
      open.mockRestore();
    },
  );

  it('that is broken otherwise is not passed over in favour of an empty one', async () => {
    const open = jest.spyOn(indexedDB, 'open').mockImplementation(() => {
      throw new DOMException('broken', 'DataError');
    });
    await expect(openStorage('broken')).rejects.toMatchObject({ fault: 'failed' });
    open.mockRestore();
  });
});

it('a database is there again when it is opened anew', async () => {
  const first = await idbStorage('again');
  await first.putStand(document('a'), { revision: 0, now });
  first.close();
  const second = await idbStorage('again');
  expect(await second.stands()).toHaveLength(1);
  second.close();
});
