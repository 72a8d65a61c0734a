import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { readBackupFile } from '@/files';
import {
  newcomerBag,
  NO_PREFERENCES,
  ownedBag,
  type Preferences,
  sameContent,
  sampleBag,
  type StandDocument,
} from '@/model';
import { memoryStorage, openStorage, StorageError, type WorkspaceStorage } from '@/persist';
import { createWorkspace } from './workspace';
import { valueOf } from '@/testing/results';
import { seededIds } from '@/testing/ids';
import { type Channel } from './tabs';
import { type Workspace } from './workspace-types';

let names = 0;
const ADAPTERS: [string, () => Promise<WorkspaceStorage>][] = [
  ['memory', async () => memoryStorage()],
  ['a database', () => openStorage(`kept-${names++}`)],
];

const newId = seededIds();
const backedUp = async (workspace: Workspace) => valueOf(await workspace.backup()).file.text;
const make = (storage: WorkspaceStorage, channel?: Channel): Workspace =>
  createWorkspace({
    open: async () => storage,
    newId,
    now: () => new Date().toISOString(),
    ...(channel ? { channel } : {}),
  });
const opened = async (storage: WorkspaceStorage, channel?: Channel) => {
  const workspace = make(storage, channel);
  await workspace.load();
  return workspace;
};
const tick = () => new Promise((resolve) => setTimeout(resolve));

/** What became of the write at which the phone died: it never got there, or got there and was never answered. */
type Death = 'before' | 'after';

/** A storage whose page dies at a write: from then on nothing is answered. */
function mortal(storage: WorkspaceStorage, atWrite: number, death: Death) {
  let writes = 0;
  let isDead = false;
  const never = new Promise<never>(() => {});
  const write =
    <A extends unknown[], R>(run: (...args: A) => Promise<R>) =>
    async (...args: A): Promise<R> => {
      if (isDead) return never;
      if (writes++ < atWrite) return run(...args);
      isDead = true;
      if (death === 'after') await run(...args);
      return never;
    };
  return {
    ...storage,
    putStand: write(storage.putStand),
    putBag: write(storage.putBag),
    removeStand: write(storage.removeStand),
  };
}

type Deed = 'create' | 'rename' | 'slots' | 'remove';

describe.each(ADAPTERS)('work kept in %s', (_, open) => {
  it('outlives the phone’s dying at any write: what was said to be saved is there, and nothing is half written', async () => {
    const deeds = fc.array(fc.constantFrom<Deed>('create', 'rename', 'rename', 'slots', 'remove'), {
      minLength: 2,
      maxLength: 10,
    });
    await fc.assert(
      fc.asyncProperty(
        deeds,
        fc.nat({ max: 9 }),
        fc.constantFrom<Death>('before', 'after'),
        async (all, at, death) => {
          const storage = await open();
          const dying = mortal(storage, at, death);
          const workspace = await opened(dying);
          /** By stand: the names it had since it was last said to be saved, that one first. */
          const possible = new Map<string, (string | null)[]>();
          const slots = [2];
          let ids: string[] = [];
          for (const [i, deed] of ['create' as Deed, ...all].entries()) {
            const id = ids[i % Math.max(1, ids.length)];
            if (deed === 'create') {
              const made = workspace.createStand();
              ids.push(made);
              possible.set(made, [null, 'New stand']);
            } else if (deed === 'slots') {
              workspace.bag.edit((b) => ({ ...b, slots: 1 + (i % 4) }));
              slots.push(1 + (i % 4));
            } else if (id && deed === 'rename') {
              const name = `name ${i}`;
              workspace.open(id)!.edit((d) => ({ ...d, stand: { ...d.stand, name } }));
              possible.get(id)!.push(name);
            } else if (id) {
              ids = ids.filter((other) => other !== id);
              possible.get(id)!.push(null);
              workspace.removeStand(id);
            }
            for (let turn = 0; turn < 6; turn++) await tick();
            if (workspace.state.getState().saving === 'saved') {
              for (const versions of possible.values()) versions.splice(0, versions.length - 1);
              slots.splice(0, slots.length - 1);
            }
          }
          const after = await opened(storage);
          const stands = new Map(
            after.state.getState().stands.map((s) => [s.id, s.document.stand.name as string | null]),
          );
          for (const [id, versions] of possible) expect(versions).toContain(stands.get(id) ?? null);
          expect(slots).toContain(after.bag.state.getState().value.slots);
          expect(valueOf(readBackupFile(await backedUp(after))).refused).toEqual([]);
          storage.close();
        },
      ),
      { numRuns: 40 },
    );
  });

  it('that finds the storage full is told, kept in the page, and written when there is room again', async () => {
    const storage = await open();
    let isFull = false;
    const full = async () => {
      throw new StorageError('full', 'quota exceeded');
    };
    const workspace = await opened({
      ...storage,
      putStand: (...args) => (isFull ? full() : storage.putStand(...args)),
    });
    const id = workspace.createStand();
    await workspace.settled();
    isFull = true;
    const rename = (name: string) => workspace.open(id)!.edit((d) => ({ ...d, stand: { ...d.stand, name } }));
    rename('while it was full');
    await workspace.settled();
    expect(workspace.state.getState()).toMatchObject({ saving: 'failed', problem: { fault: 'full' } });
    // another document that can be written does not hide it
    workspace.bag.edit((b) => ({ ...b, slots: 2 }));
    await workspace.settled();
    expect(workspace.state.getState().saving).toBe('failed');
    expect(workspace.open(id)!.state.getState().value.stand.name).toBe('while it was full');
    expect((await storage.stands())[0]!.document.stand.name).toBe('New stand');
    isFull = false;
    await workspace.retry();
    await workspace.settled();
    expect(workspace.state.getState()).toMatchObject({ saving: 'saved', problem: null });
    expect((await storage.stands())[0]!.document.stand.name).toBe('while it was full');
  });

  it('deletes again what could not be deleted, and nothing that was taken back meanwhile', async () => {
    const storage = await open();
    let refuses = true;
    const workspace = await opened({
      ...storage,
      removeStand: async (id, from) => {
        if (refuses) throw new StorageError('failed', 'busy');
        return storage.removeStand(id, from);
      },
    });
    const [gone, back] = [workspace.createStand(), workspace.createStand()];
    await workspace.settled();
    workspace.removeStand(gone);
    const undo = workspace.removeStand(back);
    await workspace.settled();
    expect(workspace.state.getState().saving).toBe('failed');
    undo();
    await workspace.settled();
    refuses = false;
    await workspace.retry();
    await workspace.settled();
    expect(workspace.state.getState()).toMatchObject({ saving: 'saved', problem: null });
    expect((await storage.stands()).map((s) => s.id)).toEqual([back]);
  });

  it('keeps what either of two tabs has put into the bag at the same time', async () => {
    const storage = await open();
    const [a, b] = [await opened(storage), await opened(storage)];
    const add = (w: Workspace, id: string, stops: number) =>
      w.bag.edit((bag) => ({ ...bag, filters: [...bag.filters, { id, kind: 'neutral', stops }] }));
    add(a, 'n1', 6);
    await a.settled();
    add(b, 'n2', 10);
    await b.settled();
    await b.settled();
    const kept = (await storage.bag())!.bag.filters.map((f) => f.id);
    expect(kept).toEqual(expect.arrayContaining(['n1', 'n2']));
    expect(b.state.getState().notice).toMatchObject({ code: 'bag-joined', settingsAreTheirs: false });
  });

  it('is there again from a backup, with a report, and a second time changes nothing', async () => {
    const from = await opened(await open());
    const id = from.createStand();
    from.open(id)!.edit((d) => ({ ...d, stand: { ...d.stand, name: 'Quill Rim' } }));
    from.bag.edit((b) => ({ ...b, filters: [...b.filters, { id: 'n6', kind: 'neutral', stops: 6 }] }));
    const text = await backedUp(from);
    const into = await opened(await open());
    expect(await into.restore(text)).toMatchObject({
      ok: true,
      value: { stands: { added: ['Quill Rim'], inConflict: [] }, bag: { inConflict: [], leftOut: [] } },
    });
    await into.settled();
    expect(sameContent(into.bag.state.getState().value, from.bag.state.getState().value)).toBe(true);
    const changed = (w: Workspace) => w.state.getState().stands.find((s) => s.id === id)!.updatedAt;
    expect(changed(into)).toBe(changed(from));
    expect(into.open(id)!.state.getState().value.stand.name).toBe('Quill Rim');
    expect(await into.restore(text)).toMatchObject({
      value: {
        stands: { added: [], kept: ['Quill Rim'], inConflict: [] },
        bag: { added: [], inConflict: [] },
      },
    });
    into.open(id)!.edit((d) => ({ ...d, stand: { ...d.stand, name: 'Quill Rim, fog' } }));
    expect(await into.restore(text)).toMatchObject({ value: { stands: { inConflict: ['Quill Rim'] } } });
    const listed = into.state.getState().stands.map((s) => s.document.stand.name);
    expect(listed.sort()).toEqual(['Quill Rim (from the file)', 'Quill Rim, fog']);
    expect(await into.restore('{}')).toMatchObject({ ok: false, error: { path: 'format' } });
  });

  it('takes along how one works: settings, place and what was learnt (fault 132)', async () => {
    const said = { ...NO_PREFERENCES, timerSeconds: 10, place: { latitudeDeg: 54, longitudeDeg: -3 } };
    const taken: Preferences[] = [];
    const storage = await open();
    const from = createWorkspace({
      open: async () => storage,
      newId,
      now: () => new Date().toISOString(),
      preferences: { own: () => said, take: (theirs) => taken.push(theirs) > 0 },
    });
    await from.load();
    expect(valueOf(await from.restore(await backedUp(from))).preferences).toBe(true);
    expect(taken).toEqual([said]);
    expect(
      readBackupFile((await backedUp(from)).replace('"seatBy":"line"', '"seatBy":"feel"')),
    ).toMatchObject({
      ok: true,
      value: { preferences: null, refused: [{ what: 'preferences', error: { path: 'preferences.seatBy' } }] },
    });
  });

  it('remembers across a reload when it was backed up and reminded of', async () => {
    const storage = await open();
    const old = new Date(Date.now() - 30 * 86_400_000).toISOString();
    const document: StandDocument = {
      stand: { ...(await standOf(storage)), createdAt: old },
      bag: null,
      used: [],
      minor: 2,
    };
    await storage.putStand(document, { revision: 0, now: new Date().toISOString() });
    const workspace = await opened(storage);
    expect(workspace.state.getState()).toMatchObject({ backupDue: true, lastBackupMs: null });
    workspace.reminded();
    await tick();
    expect((await opened(storage)).state.getState().backupDue).toBe(false);
    await workspace.backup();
    await tick();
    expect((await opened(storage)).state.getState().lastBackupMs).toBeGreaterThan(Date.now() - 60_000);
  });
});

/** A stand as a workspace makes it, taken out of the storage again. */
async function standOf(storage: WorkspaceStorage) {
  const workspace = await opened(storage);
  const id = workspace.createStand();
  await workspace.settled();
  const removed = await storage.removeStand(id, { revision: 1 });
  if (!removed.ok) throw new Error('not removed');
  return removed.record!.document.stand;
}

describe('a workspace in trouble', () => {
  it.each(['bag', 'plans'] as const)(
    'opens beside a damaged record (%s), which is named and kept, also in a backup (fault 129)',
    async (what) => {
      const storage = await openStorage(`damaged-${what}`);
      const first = await opened(storage);
      const id = first.createStand();
      first.bag.edit(ownedBag);
      first.plans.edit((p) => ({ ...p, extras: [{ id: 'x1', name: 'rope' }] }));
      await first.settled();
      const damaged = [7, null] as never;
      if (what === 'bag') await storage.putBag(damaged, { revision: (await storage.bag())!.revision });
      else await storage.putPlans(damaged, { revision: (await storage.plans())!.revision });
      const again = await opened(await openStorage(`damaged-${what}`));
      expect(again.state.getState()).toMatchObject({ phase: 'ready', problem: null });
      expect(again.open(id)).not.toBeNull();
      const [broken] = again.state.getState().broken;
      expect(broken?.record).toMatchObject({ damaged: what });
      expect(again.exportRaw(broken!.id)?.text).toContain('7');
      const { file, unreadable } = valueOf(await again.backup());
      expect(file.text).toContain(`"damaged":"${what}"`);
      expect(unreadable).toHaveLength(1);
      // what is said from now on is kept
      again.bag.edit((b) => ({ ...b, slots: 1 }));
      again.plans.edit((p) => ({ ...p, extras: [{ id: 'x2', name: 'lamp' }] }));
      await again.settled();
      const last = await opened(await openStorage(`damaged-${what}`));
      expect(last.bag.state.getState().value.slots).toBe(1);
      expect(last.plans.state.getState().value.extras).toMatchObject([{ id: 'x2' }]);
    },
  );

  it('says that it is temporary where the browser keeps nothing', async () => {
    const workspace = await opened(memoryStorage());
    expect(workspace.state.getState()).toMatchObject({ phase: 'ready', temporary: true });
  });

  it('says which storage fault keeps it from opening', async () => {
    const workspace = createWorkspace({
      open: async () => Promise.reject(new StorageError('newer', 'version 99')),
      newId,
      now: () => new Date().toISOString(),
    });
    await workspace.load();
    expect(workspace.state.getState()).toMatchObject({ phase: 'failed', problem: { fault: 'newer' } });
  });

  it('says so when a newer version takes the database over, and keeps the work in the page', async () => {
    const name = `taken-over-${names++}`;
    const workspace = await opened(await openStorage(name));
    const id = workspace.createStand();
    await workspace.settled();
    await new Promise<void>((resolve) => {
      const newer = indexedDB.open(name, 99);
      newer.onsuccess = () => {
        newer.result.close();
        resolve();
      };
    });
    expect(workspace.state.getState()).toMatchObject({ saving: 'failed', problem: { fault: 'closed' } });
    workspace.open(id)!.edit((d) => ({ ...d, stand: { ...d.stand, name: 'still here' } }));
    await workspace.settled();
    expect(workspace.state.getState().problem?.fault).toBe('closed');
    expect(await backedUp(workspace)).toContain('still here');
  });

  it('begins a stand as the last one was, else as the bag is, and goes on from one', async () => {
    const workspace = await opened(memoryStorage());
    workspace.bag.edit(() => ({
      ...sampleBag(),
      lenses: [{ id: 'l1', name: '70-200', shortestMm: 70, longestMm: 200 }],
    }));
    const stand = (id: string) => workspace.open(id)!.state.getState().value.stand;
    const first = workspace.createStand();
    expect(stand(first).lens).toMatchObject({ name: '70-200', focalLengthMm: 70 });
    workspace.open(first)!.edit((d) => ({ ...d, stand: { ...d.stand, lens: { focalLengthMm: 180 } } }));
    expect(stand(workspace.createStand())).toMatchObject({ lens: { focalLengthMm: 180 }, readings: [] });
    const next = workspace.nextStand(first)!;
    expect(stand(next).name).toBe('New stand (2)');
    expect(workspace.nextStand('nowhere')).toBeNull();
    workspace.archiveStand(first, true);
    expect(stand(first).archived).toBe(true);
    expect(stand(workspace.duplicateStand(first)!)).not.toHaveProperty('archived');
    workspace.archiveStand(first, false);
    expect(stand(first)).not.toHaveProperty('archived');
  });

  it('brings a bag file in and alters nothing that is there', async () => {
    const [from, into] = [await opened(memoryStorage()), await opened(memoryStorage())];
    into.bag.edit(ownedBag);
    from.bag.edit((b) => ({ ...b, slots: 3, filters: [{ id: 'hard-1', kind: 'neutral', stops: 6 }] }));
    expect(into.importBag(valueOf(from.exportBag()).text)).toMatchObject({
      ok: true,
      value: { inConflict: ['hard-1'] },
    });
    const { slots, filters } = into.bag.state.getState().value;
    expect(slots).toBe(2);
    expect(filters.slice(0, -1)).toEqual(newcomerBag().filters);
    expect(into.importBag(await backedUp(from))).toMatchObject({
      ok: false,
      error: { code: 'wrong-kind' },
    });
  });
});
