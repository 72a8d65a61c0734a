import 'fake-indexeddb/auto';
import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { addReading, isBackupDue, withOffer } from '@/model';
import { memoryStorage, openStorage, StorageError, type WorkspaceStorage } from '@/persist';
import { testStand } from '@/testing/fixtures';
import { seededIds } from '@/testing/ids';
import { createWorkspace } from './workspace';
import { type Workspace, type WorkspaceOptions } from './workspace-types';

const newId = seededIds(21);
const make = (open: () => Promise<WorkspaceStorage>, options: Partial<WorkspaceOptions> = {}): Workspace =>
  createWorkspace({ open, newId, now: () => new Date().toISOString(), ...options });

const SEEDS = readdirSync('src/demo')
  .filter((f) => f.endsWith('.json'))
  .map((f) => readFileSync(path.join('src/demo', f), 'utf8'));
const deleteDatabase = (name: string) =>
  new Promise<void>((done, failed) => {
    const request = indexedDB.deleteDatabase(name);
    request.onsuccess = () => done();
    request.onerror = () => failed(request.error ?? new Error('not deleted'));
  });

describe('a workspace', () => {
  it('is loaded once in the life of its page, however often that is asked for (fault 3)', async () => {
    const storage = memoryStorage();
    const workspace = make(async () => storage);
    await workspace.load();
    const id = workspace.createStand();
    const refused = new StorageError('failed', 'busy');
    const stands = jest.spyOn(storage, 'putStand').mockRejectedValue(refused);
    workspace.open(id)!.edit((d) => ({ ...d, stand: { ...d.stand, name: 'not stored yet' } }));
    await workspace.settled();
    expect(workspace.state.getState().saving).toBe('failed');
    await workspace.load();
    expect(workspace.open(id)!.state.getState().value.stand.name).toBe('not stored yet');
    expect(workspace.state.getState().stands[0]!.document.stand.name).toBe('not stored yet');
    stands.mockRestore();
  });

  it('whose database is deleted says so, and begins it anew with all that is here (fault 75)', async () => {
    const name = 'deleted-while-open';
    const workspace = make(() => openStorage(name));
    await workspace.load();
    const id = workspace.createStand();
    workspace.bag.edit((bag) => ({ ...bag, slots: 3 }));
    await workspace.settled();
    await deleteDatabase(name);
    expect(workspace.state.getState()).toMatchObject({ saving: 'failed', problem: { fault: 'deleted' } });
    workspace.open(id)!.edit((d) => ({ ...d, stand: { ...d.stand, name: 'still worked on' } }));
    await workspace.settled();
    expect(workspace.state.getState().problem?.fault).toBe('deleted');
    await workspace.retry();
    await workspace.settled();
    expect(workspace.state.getState()).toMatchObject({ saving: 'saved', problem: null });
    const again = make(() => openStorage(name));
    await again.load();
    expect(again.state.getState().stands.map((s) => s.document.stand.name)).toEqual(['still worked on']);
    expect(again.bag.state.getState().value.slots).toBe(3);
  });

  it('has its seeds whole or not at all: a page that goes in its first moment leaves nothing (faults 14, 79)', async () => {
    const storage = memoryStorage();
    const never = new Promise<never>(() => {});
    for (const dying of [
      // gone while the seeds are fetched, and while they are written
      make(async () => storage, { seeds: () => never }),
      make(async () => ({ ...storage, seed: () => never }), { seeds: async () => SEEDS }),
    ]) {
      void dying.load();
      await new Promise((resolve) => setTimeout(resolve, 5));
    }
    expect([await storage.stands(), await storage.bag()]).toEqual([[], undefined]);
    const demo = make(async () => storage, { seeds: async () => SEEDS });
    await demo.load();
    expect(demo.state.getState().stands).toHaveLength(7);
    expect((await storage.stands()).length).toBe(7);
    expect(demo.bag.state.getState().value.cameras?.length).toBeGreaterThan(0);
  });

  it('has its seeds in their order, however long they take to be read', async () => {
    let ms = Date.UTC(2026, 2, 14);
    const now = () => new Date((ms += 3)).toISOString();
    const demo = make(async () => memoryStorage(), { seeds: async () => SEEDS, now });
    await demo.load();
    const files = SEEDS.map((text) => (JSON.parse(text) as { stand?: { name: string } }).stand?.name);
    const names = demo.state.getState().stands.map((s) => s.document.stand.name);
    expect(names).toEqual(files.filter((name) => name !== undefined));
  });

  it('that was left half seeded by an earlier version is seeded again, and one that was emptied by hand is not', async () => {
    const storage = memoryStorage();
    await storage.putBag({ filters: [] }, { revision: 0 });
    const demo = make(async () => storage, { seeds: async () => SEEDS });
    await demo.load();
    expect(demo.state.getState().stands).toHaveLength(7);
    for (const { id } of demo.state.getState().stands) demo.removeStand(id);
    await demo.settled();
    const again = make(async () => storage, { seeds: async () => SEEDS });
    await again.load();
    expect(again.state.getState().stands).toEqual([]);
  });

  it('whose seeds cannot be fetched says so, stores nothing, and asks for their pictures again (fault 14)', async () => {
    const storage = memoryStorage();
    let isOnline = false;
    const fetched = async () => {
      if (!isOnline) throw new TypeError('Failed to fetch');
      return SEEDS;
    };
    const demo = make(async () => storage, { seeds: fetched });
    await demo.load();
    expect(demo.state.getState()).toMatchObject({ phase: 'ready', notice: { code: 'no-seeds' }, stands: [] });
    isOnline = true;
    const again = make(async () => storage, {
      seeds: fetched,
      seedPhoto: async () => {
        throw new TypeError('Failed to fetch');
      },
    });
    await again.load();
    expect(again.state.getState().stands).toHaveLength(7);
    expect(await again.findPhoto('a'.repeat(64))).toBeNull();
  });

  it('with a bad record in it shows the others, offers it as a file, and backs it up (fault 70)', async () => {
    const storage = memoryStorage();
    const good = make(async () => storage);
    await good.load();
    const id = good.createStand();
    await good.settled();
    const bad = { id: 'x\ud800', revision: 1, updatedAt: 'once', document: { stand: { id: 'x\ud800' } } };
    const workspace = make(async () => ({
      ...storage,
      stands: async () => [bad as never, ...(await storage.stands())],
    }));
    await workspace.load();
    expect(workspace.state.getState().stands.map((s) => s.id)).toEqual([id]);
    expect(workspace.state.getState().broken).toEqual([{ id: bad.id, record: bad }]);
    expect(JSON.parse(workspace.exportRaw(bad.id)!.text)).toEqual(bad);
    const written = await workspace.backup();
    expect(written).toMatchObject({ ok: true, value: { unreadable: [{ what: 'stand' }] } });
    const elsewhere = make(async () => memoryStorage());
    await elsewhere.load();
    const restored = await elsewhere.restore(written.ok ? written.value.file.text : '');
    expect(restored).toMatchObject({
      ok: true,
      value: {
        stands: { added: ['New stand'] },
        refused: [{ what: 'stand', error: { path: 'stands[1].updatedAt' } }],
      },
    });
  });

  it('keeps out what cannot be kept, and says what and where', async () => {
    const workspace = make(async () => memoryStorage());
    await workspace.load();
    const id = workspace.createStand();
    const before = workspace.open(id)!.state.getState().value;
    workspace
      .open(id)!
      .edit((d) => ({ ...d, stand: addReading(d.stand, { id: 'x', role: 'sky', ev100: -20.3 }) }));
    expect(workspace.open(id)!.state.getState().value).toBe(before);
    expect(workspace.state.getState().notice).toMatchObject({
      code: 'not-taken',
      fault: { path: 'readings[0].ev100' },
    });
    expect(workspace.open(id)!.history.getState().pastStates).toHaveLength(0);
  });
});

it('the time of a picture is the time of its light, and makes no stand old (fault 11)', () => {
  const born = '2026-11-25T06:00:00Z';
  const stand = withOffer(testStand({ createdAt: born }), { of: 'time', takenAt: '2019-01-01T00:00:00Z' });
  expect(stand).toMatchObject({ createdAt: born, lightAt: '2019-01-01T00:00:00Z' });
  const kept = { updatedAt: born, document: { stand, bag: null, used: [], minor: 0 } };
  expect(isBackupDue({}, [kept], Date.parse(born) + 86_400_000)).toBe(false);
});
