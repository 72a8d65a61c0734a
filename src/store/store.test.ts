import { createHash } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { writeStandFile } from '@/files';
import {
  addReading,
  newcomerBag,
  sampleBag,
  type Solution,
  solutionKey,
  solveStand,
  withPhoto,
} from '@/model';
import { memoryStorage, StorageError, type WorkspaceStorage } from '@/persist';
import { testStand } from '@/testing/fixtures';
import { type JobResult } from '@/workers';
import { keepAnswers } from './answers';
import { createDocumentStore } from './document-store';
import { createWorkspace } from './workspace';
import { seededIds } from '@/testing/ids';
import { valueOf } from '@/testing/results';
import { type Channel } from './tabs';

describe('a document under edit', () => {
  const value = (store: ReturnType<typeof createDocumentStore<number>>) => store.state.getState().value;

  it('goes back and forth through its steps', () => {
    const store = createDocumentStore(0);
    for (let i = 1; i <= 3; i++) store.edit(() => i);
    store.undo();
    store.undo();
    expect(value(store)).toBe(1);
    store.redo();
    expect(value(store)).toBe(2);
    store.edit(() => 9);
    store.redo();
    expect(value(store)).toBe(9);
  });

  it('keeps what was recorded through undo and redo, and makes no step of it', () => {
    interface Doc {
      readonly text: string;
      readonly made: readonly number[];
    }
    const told: string[] = [];
    const store = createDocumentStore<Doc>(
      { text: '', made: [] },
      {
        withRecords: (restored, now) => ({ ...restored, made: now.made }),
        onChange: ({ text, made }) => told.push(`${text}${made.join('')}`),
      },
    );
    const now = () => store.state.getState().value;
    store.edit((d) => ({ ...d, text: 'a' }));
    store.record((d) => ({ ...d, made: [...d.made, 1] }));
    store.edit((d) => ({ ...d, text: 'b' }));
    store.record((d) => ({ ...d, made: [...d.made, 2] }));
    store.undo();
    expect(now()).toEqual({ text: 'a', made: [1, 2] });
    store.undo();
    expect(now()).toEqual({ text: '', made: [1, 2] });
    store.redo();
    store.redo();
    expect(now()).toEqual({ text: 'b', made: [1, 2] });
    expect(told).toEqual(['a', 'a1', 'b1', 'b12', 'a12', '12', 'a12', 'b12']);
  });

  it('makes one step of a gesture, however many changes it holds', () => {
    const store = createDocumentStore(0);
    store.edit(() => 1);
    store.beginGesture();
    for (let i = 2; i < 50; i++) store.edit(() => i);
    store.endGesture();
    expect(value(store)).toBe(49);
    store.undo();
    expect(value(store)).toBe(1);
    store.redo();
    expect(value(store)).toBe(49);
  });

  it('makes no step of a gesture or an edit that changes nothing, and ends a gesture that undo cuts short', () => {
    const store = createDocumentStore(0);
    store.beginGesture();
    store.endGesture();
    store.edit((v) => v);
    expect(store.history.getState().pastStates).toHaveLength(0);
    store.beginGesture();
    store.edit(() => 5);
    store.undo();
    expect(value(store)).toBe(0);
  });

  it('remembers 200 steps and forgets them when a value comes from elsewhere', () => {
    const store = createDocumentStore(0);
    for (let i = 1; i <= 250; i++) store.edit(() => i);
    expect(store.history.getState().pastStates).toHaveLength(200);
    store.replace(7);
    store.undo();
    expect(value(store)).toBe(7);
  });
});

const newId = seededIds();

describe('a workspace', () => {
  const make = (storage: WorkspaceStorage = memoryStorage(), channel?: Channel, seeds?: string[]) => {
    return createWorkspace({
      open: async () => storage,
      newId,
      now: () => new Date().toISOString(),
      ...(channel ? { channel } : {}),
      ...(seeds ? { seeds: async () => seeds } : {}),
    });
  };
  const file = valueOf(writeStandFile({ stand: testStand(), bag: newcomerBag(), minor: 0 }));

  it('keeps what is done to a stand across a reload', async () => {
    const storage = memoryStorage();
    const workspace = make(storage);
    await workspace.load();
    const id = workspace.createStand();
    workspace
      .open(id)!
      .edit((d) => ({ ...d, stand: addReading(d.stand, { id: newId('r'), role: 'land', ev100: 9 }) }));
    workspace.bag.edit((b) => ({ ...b, slots: 3 }));
    await workspace.settled();
    expect(workspace.state.getState().saving).toBe('saved');
    const again = make(storage);
    await again.load();
    expect(again.open(id)!.state.getState().value.stand.readings).toHaveLength(1);
    expect(again.bag.state.getState().value.slots).toBe(3);
  });

  it('deletes with a way back, and duplicates under an id of its own', async () => {
    const workspace = make();
    await workspace.load();
    const id = workspace.createStand();
    const copy = workspace.duplicateStand(id)!;
    expect(copy).not.toBe(id);
    expect(workspace.state.getState().stands.map((s) => s.document.stand.name)).toEqual([
      'New stand (copy)',
      'New stand',
    ]);
    const undo = await workspace.removeStand(id);
    expect(workspace.open(id)).toBeNull();
    undo();
    await workspace.settled();
    expect(workspace.open(id)).not.toBeNull();
    expect(workspace.duplicateStand('nowhere')).toBeNull();
  });

  it('imports a file as a stand of its own and exports the same again', async () => {
    const workspace = make();
    await workspace.load();
    const first = workspace.importStand(file);
    const second = workspace.importStand(file);
    expect(first).toEqual({ ok: true, value: 'st-test' });
    expect(second.ok && second.value).not.toBe('st-test');
    expect(valueOf(workspace.exportStand('st-test'))).toEqual({
      name: 'hesk-terraces.paleseam.json',
      text: file,
    });
    expect(workspace.importStand('{}')).toMatchObject({ ok: false, error: { path: 'format' } });
    expect(workspace.state.getState().stands).toHaveLength(2);
    expect(workspace.exportStand('nowhere')).toBeNull();
  });

  it("keeps a file's own bag beside the workspace's where they differ", async () => {
    const workspace = make();
    await workspace.load();
    const own = { slots: 1, filters: [{ id: 'x', kind: 'graduated' as const, stops: 2.5, transitionMm: 8 }] };
    workspace.importStand(valueOf(writeStandFile({ stand: testStand(), bag: own, minor: 0 })));
    expect(workspace.open('st-test')!.state.getState().value.bag).toEqual(own);
    expect(workspace.bag.state.getState().value).toEqual(newcomerBag());
  });

  it('keeps the pictures that its stands refer to, and lets the others go when it is opened a day later', async () => {
    const storage = memoryStorage();
    const workspace = make(storage);
    await workspace.load();
    const id = workspace.createStand();
    const stored = (sha256: string) => ({ sha256, type: 'image/jpeg', bytes: new ArrayBuffer(4) });
    const [used, undone] = ['a'.repeat(64), 'b'.repeat(64)];
    const light = { columns: 1, rows: 1, topStops: 0, cells: '80' };
    const fill = (sha256: string) =>
      workspace.open(id)!.edit((d) => ({
        ...d,
        stand: withPhoto(d.stand, { sha256, type: 'image/jpeg', columns: 3, rows: 2, light }),
      }));
    for (const sha256 of [used, undone]) {
      await workspace.keepPhoto(stored(sha256));
      fill(sha256);
    }
    workspace.open(id)!.undo();
    await workspace.settled();
    // redo can bring it back for as long as the page is open
    expect(await workspace.findPhoto(undone)).toEqual(stored(undone));
    const dayLater = new Date(Date.now() + 86_400_000).toISOString();
    const again = createWorkspace({ open: async () => storage, newId, now: () => dayLater });
    await again.load();
    expect(await again.findPhoto(used)).toEqual(stored(used));
    expect(await again.findPhoto(undone)).toBeNull();
  });

  it('puts its pictures into a backup, and has them again from it elsewhere', async () => {
    const [here, there] = [make(), make()];
    await Promise.all([here.load(), there.load()]);
    const id = here.createStand();
    const alone = valueOf(await here.backupWithPhotos()).file;
    expect(alone.name).toMatch(/\.json$/);
    const bytes = new Uint8Array(await readFile('src/demo/pictures/marl-pan.jpg'));
    const sha256 = createHash('sha256').update(bytes).digest('hex');
    const picture = { sha256, type: 'image/jpeg' as const, bytes: bytes.slice().buffer };
    await here.keepPhoto(picture);
    const light = { columns: 1, rows: 1, topStops: 0, cells: '80' };
    here.open(id)!.edit((d) => ({
      ...d,
      stand: withPhoto(d.stand, { sha256, type: 'image/jpeg', columns: 3, rows: 2, light }),
    }));
    const whole = valueOf(await here.backupWithPhotos()).file;
    expect(whole.name).toMatch(/\.zip$/);
    if (!('bytes' in whole)) throw new Error('no bytes');
    expect(await there.restoreFile(new Blob([whole.bytes]))).toMatchObject({
      ok: true,
      value: { stands: { added: [expect.any(String)] } },
    });
    expect(await there.findPhoto(sha256)).toEqual(picture);
    expect(there.open(id)!.state.getState().value.stand.picture?.sha256).toBe(sha256);
    // a stand is no backup, in a bundle or not
    const stand = await here.exportBundle(id);
    expect(await there.restoreFile(new Blob([valueOf(stand).bytes]))).toMatchObject({ ok: false });
  });

  it('keeps a picture for the page when the storage is full, and says so', async () => {
    const full = {
      ...memoryStorage(),
      putPhoto: () => Promise.reject(new StorageError('full', 'no room')),
    };
    const workspace = make(full);
    await workspace.load();
    const picture = { sha256: 'c'.repeat(64), type: 'image/jpeg', bytes: new ArrayBuffer(2) };
    await workspace.keepPhoto(picture);
    expect(workspace.state.getState()).toMatchObject({ saving: 'failed', problem: { fault: 'full' } });
    expect(await workspace.findPhoto(picture.sha256)).toBe(picture);
  });

  it('fetches the pictures of its seeds once', async () => {
    const storage = memoryStorage();
    const seedPhoto = jest.fn(async (sha256: string) => ({
      sha256,
      type: 'image/jpeg',
      bytes: new ArrayBuffer(1),
    }));
    const workspace = createWorkspace({
      open: async () => storage,
      newId,
      now: () => new Date().toISOString(),
      seedPhoto,
    });
    await workspace.load();
    for (let i = 0; i < 3; i++) expect(await workspace.findPhoto('d')).toMatchObject({ sha256: 'd' });
    expect(seedPhoto).toHaveBeenCalledTimes(1);
  });

  it('seeds an empty workspace once and again on reset', async () => {
    const storage = memoryStorage();
    const workspace = make(storage, undefined, [file]);
    await workspace.load();
    await workspace.settled();
    expect(workspace.state.getState().stands).toHaveLength(1);
    await workspace.removeStand('st-test');
    const again = make(storage, undefined, [file]);
    await again.load();
    expect(again.state.getState().stands).toHaveLength(0);
    await again.reset();
    expect(again.state.getState().stands).toHaveLength(1);
  });

  it('keeps both versions when two tabs change one stand', async () => {
    const storage = memoryStorage();
    const [a, b] = [make(storage), make(storage)];
    await a.load();
    a.importStand(file);
    await a.settled();
    await b.load();
    const rename = (w: typeof a, name: string) =>
      w.open('st-test')!.edit((d) => ({ ...d, stand: { ...d.stand, name } }));
    rename(a, 'from a');
    await a.settled();
    rename(b, 'from b');
    await b.settled();
    await b.settled();
    expect((await storage.stands()).map((r) => r.document.stand.name).sort()).toEqual([
      'from a',
      'from b (other tab)',
    ]);
    expect(b.open('st-test')!.state.getState().value.stand.name).toBe('from a');
    expect(b.state.getState().notice).toEqual({ code: 'both-kept', name: 'from a' });
  });

  it('shows what another tab has written', async () => {
    const storage = memoryStorage();
    const listeners: Parameters<Channel['onMessage']>[0][] = [];
    const channel: Channel = {
      post: (m) => listeners.forEach((l) => l(m)),
      onMessage: (l) => listeners.push(l),
    };
    const [a, b] = [make(storage, channel), make(storage, channel)];
    await a.load();
    await b.load();
    a.importStand(file);
    await a.settled();
    await new Promise(setImmediate);
    expect(b.state.getState().stands.map((s) => s.id)).toEqual(['st-test']);
    a.bag.edit((bag) => ({ ...bag, slots: 2 }));
    await a.settled();
    await new Promise(setImmediate);
    expect(b.bag.state.getState().value.slots).toBe(2);
    await a.removeStand('st-test');
    await new Promise(setImmediate);
    expect(b.state.getState().stands).toEqual([]);
  });

  it('tells when the storage fails, and loses nothing in the page', async () => {
    const storage = memoryStorage();
    const workspace = make({ ...storage, putStand: async () => Promise.reject(new Error('disk full')) });
    await workspace.load();
    const id = workspace.createStand();
    await workspace.settled();
    expect(workspace.state.getState()).toMatchObject({
      saving: 'failed',
      problem: { fault: 'failed', detail: 'disk full' },
    });
    expect(workspace.open(id)).not.toBeNull();
    const refused = make({ ...storage, stands: async () => Promise.reject(new Error('refused')) });
    await refused.load();
    expect(refused.state.getState()).toMatchObject({
      phase: 'failed',
      problem: { fault: 'failed', detail: 'refused' },
    });
  });
});

describe('answers that are kept', () => {
  const bag = sampleBag();
  const client = () => {
    const asked: {
      settle: (r: JobResult<'solve'>) => void;
      onProgress: ((part: number) => void) | undefined;
    }[] = [];
    return {
      asked,
      request: (_: unknown, onProgress?: (part: number) => void) =>
        new Promise<JobResult<'solve'>>((settle) => asked.push({ settle, onProgress })),
      cancel: () => {},
      dispose: () => {},
    };
  };
  const tick = () => new Promise((r) => setTimeout(r));

  it('asks once for a stand, marks the old answer until the new one comes, and drops late ones', async () => {
    const worker = client();
    const solver = keepAnswers(worker);
    const [first, second] = [testStand(), addReading(testStand(), { id: 'r3', role: 'sky', ev100: 14 })];
    solver.ask(first, bag);
    solver.ask({ ...first, name: 'another name' }, bag);
    expect(worker.asked).toHaveLength(1);
    const answer: Solution = solveStand(first, bag, { workedOut: 0 });
    worker.asked[0]!.settle({ type: 'done', output: answer });
    await tick();
    expect(solver.state.getState()).toEqual({ answer, work: 'idle', progress: null });
    solver.ask(second, bag);
    expect(solver.state.getState()).toEqual({ answer, work: 'working', progress: null });
    worker.asked[1]!.onProgress?.(0.4);
    expect(solver.state.getState().progress).toBe(0.4);
    solver.ask(first, bag);
    worker.asked[1]!.settle({ type: 'done', output: { ...answer, key: 'late' } });
    await tick();
    expect(solver.state.getState().answer?.key).toBe(solutionKey(first, bag));
  });

  it('tells a failure, and asks again at the next change', async () => {
    const worker = client();
    const solver = keepAnswers(worker);
    solver.ask(testStand(), bag);
    worker.asked[0]!.settle({ type: 'failed', code: 'crashed', message: 'broke' });
    await tick();
    expect(solver.state.getState().work).toBe('failed');
    solver.ask(testStand(), bag);
    expect(worker.asked).toHaveLength(2);
  });
});
