import 'fake-indexeddb/auto';
import { sampleBag, type StandDocument } from '@/model';
import { testStand } from '@/testing/fixtures';
import { idbStorage } from './idb-storage';
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
      expect(await storage.removeStand(id)).toMatchObject({ id, revision: 1 });
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

  it('keeps the bag with revisions of its own', async () => {
    expect(await storage.putBag(sampleBag(), { revision: 0 })).toMatchObject({
      ok: true,
      record: { revision: 1 },
    });
    expect(await storage.putBag({ filters: [] }, { revision: 0 })).toMatchObject({ ok: false });
    expect((await storage.bag())?.bag).toEqual(sampleBag());
  });

  it('hands out copies that cannot change what is kept', async () => {
    const mutable = structuredClone(document('a')) as { stand: { name: string } } & StandDocument;
    await storage.putStand(mutable, { revision: 0, now });
    mutable.stand.name = 'changed outside';
    expect((await storage.stands())[0]?.document.stand.name).toBe('Quill Rim');
  });

  it('clears everything, and gives nothing for what is not there', async () => {
    await storage.putStand(document('a'), { revision: 0, now });
    await storage.putBag(sampleBag(), { revision: 0 });
    await storage.clear();
    expect([await storage.stands(), await storage.bag(), await storage.removeStand('a')]).toEqual([
      [],
      undefined,
      undefined,
    ]);
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
