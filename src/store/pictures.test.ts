import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { writeStandFile } from '@/files';
import { writeBundle } from '@/files/bundle';
import { nextStand, type StandDocument, withoutPhoto, withPhoto } from '@/model';
import { memoryStorage, StorageError, type WorkspaceStorage } from '@/persist';
import { testStand } from '@/testing/fixtures';
import { seededIds } from '@/testing/ids';
import { valueOf } from '@/testing/results';
import { type Presence } from './tabs';
import { createWorkspace } from './workspace';
import { type Workspace } from './workspace-types';

const DAY = 86_400_000;
const HASH = 'a'.repeat(64);
const stored = (sha256 = HASH) => ({ sha256, type: 'image/jpeg', bytes: new ArrayBuffer(4) });
const picture = (sha256 = HASH) => ({
  sha256,
  type: 'image/jpeg' as const,
  columns: 3,
  rows: 2,
  light: { columns: 1, rows: 1, topStops: 0, cells: '80' },
});

let nowMs = Date.UTC(2026, 2, 14);
const newId = seededIds(9);
const make = (storage: WorkspaceStorage, presence?: Presence) =>
  createWorkspace({
    open: async () => storage,
    newId,
    now: () => new Date(nowMs).toISOString(),
    ...(presence ? { presence } : {}),
  });
const opened = async (storage: WorkspaceStorage, presence?: Presence) => {
  const workspace = make(storage, presence);
  await workspace.load();
  return workspace;
};
const fill = (workspace: Workspace, id: string, sha256 = HASH) =>
  workspace.open(id)!.edit((d): StandDocument => ({ ...d, stand: withPhoto(d.stand, picture(sha256)) }));
const withPhotoIn = async (workspace: Workspace) => {
  const id = workspace.createStand();
  await workspace.keepPhoto(stored());
  fill(workspace, id);
  await workspace.settled();
  return id;
};

describe('the picture of a stand', () => {
  it('of the demo is fetched once, however many ask for it at a time', async () => {
    const seedPhoto = jest.fn(async () => stored());
    const workspace = createWorkspace({
      open: async () => memoryStorage(),
      newId,
      now: () => new Date(nowMs).toISOString(),
      seedPhoto,
    });
    await workspace.load();
    const found = await Promise.all([workspace.findPhoto(HASH), workspace.findPhoto(HASH)]);
    expect(found).toEqual([stored(), stored()]);
    expect(await workspace.findPhoto(HASH)).toEqual(stored());
    expect(seedPhoto).toHaveBeenCalledTimes(1);
  });

  it('that undo of this tab still refers to is not collected by another tab that opens (faults 3, 4)', async () => {
    const storage = memoryStorage();
    let tabs = 0;
    const presence: Presence = { enter: async () => void tabs++, isAlone: async () => tabs === 1 };
    const first = await opened(storage, presence);
    const id = await withPhotoIn(first);
    first.open(id)!.edit((d) => ({ ...d, stand: withoutPhoto(d.stand) }));
    await first.settled();
    nowMs += 2 * DAY;
    // its own page asked for again, and another tab
    await first.load();
    await opened(storage, presence);
    expect(await storage.hasPicture(HASH)).toBe(true);
    first.open(id)!.undo();
    await first.settled();
    expect(first.state.getState().saving).toBe('saved');
    expect(await first.findPhoto(HASH)).toEqual(stored());
  });

  it('is kept for a day after nothing refers to it, and by a clock that was set back too', async () => {
    const storage = memoryStorage();
    const first = await opened(storage);
    await first.keepPhoto(stored());
    const later = async (ms: number) => {
      nowMs += ms;
      await opened(storage);
      return storage.hasPicture(HASH);
    };
    expect(await later(DAY / 2)).toBe(true);
    expect(await later(-30 * DAY)).toBe(true);
    expect(await later(DAY / 2)).toBe(true);
    expect(await later(DAY)).toBe(false);
  });

  it('of a stand that another tab deletes and brings back is there (fault 69)', async () => {
    const storage = memoryStorage();
    let tabs = 0;
    const presence: Presence = { enter: async () => void tabs++, isAlone: async () => tabs === 1 };
    const first = await opened(storage, presence);
    const id = await withPhotoIn(first);
    const undo = first.removeStand(id);
    await first.settled();
    nowMs += 3 * DAY;
    await opened(storage, presence);
    undo();
    await first.settled();
    expect(await (await opened(storage, presence)).findPhoto(HASH)).toEqual(stored());
  });

  it('is part of what is saved: a stand is not, while its picture is not stored (faults 68, 69)', async () => {
    const storage = memoryStorage();
    let isFull = true;
    const full: WorkspaceStorage = {
      ...storage,
      putPhoto: async (...args) => {
        if (isFull) throw new StorageError('full', 'no room');
        return storage.putPhoto(...args);
      },
    };
    const workspace = await opened(full);
    const id = await withPhotoIn(workspace);
    const told = () => [workspace.state.getState().saving, workspace.state.getState().problem?.fault];
    expect(told()).toEqual(['failed', 'full']);
    // neither another edit of it nor another stand hides that
    workspace.open(id)!.edit((d) => ({ ...d, stand: { ...d.stand, name: 'Ridge at 6' } }));
    workspace.createStand();
    await workspace.settled();
    expect(told()).toEqual(['failed', 'full']);
    expect(await workspace.findPhoto(HASH)).toEqual(stored());
    isFull = false;
    await workspace.retry();
    await workspace.settled();
    await new Promise((resolve) => setTimeout(resolve));
    expect(told()).toEqual(['saved', undefined]);
    expect(await storage.hasPicture(HASH)).toBe(true);
    expect((await storage.stand(id))!.document.stand.name).toBe('Ridge at 6');
  });

  it('comes in with its document, and not with one that is refused (fault 78)', async () => {
    const storage = memoryStorage();
    const drawn = sharp({ create: { width: 8, height: 6, channels: 3, background: 'red' } });
    const bytes = new Uint8Array(await drawn.jpeg().toBuffer());
    const sha256 = createHash('sha256').update(bytes).digest('hex');
    const pictures = [{ sha256, type: 'image/jpeg', bytes: bytes.buffer }];
    const bundled = async (text: string) => {
      return new Blob([valueOf(await writeBundle({ kind: 'stand', text, pictures }))]);
    };
    const stand = withPhoto(testStand(), picture(sha256));
    const text = valueOf(writeStandFile({ stand, minor: 0, bag: { filters: [] } }));
    const workspace = await opened(storage);
    const bad = await workspace.receiveFile(await bundled(text.replace('"readings"', '"readigns"')));
    expect(bad).toMatchObject({ ok: false });
    expect(await storage.hasPicture(sha256)).toBe(false);
    expect(await workspace.receiveFile(await bundled(text))).toMatchObject({ ok: true });
    expect(await storage.hasPicture(sha256)).toBe(true);
  });

  it('stays with its framing: the next stand from here has its light, and not its picture (fault 15)', () => {
    const stand = {
      ...withPhoto(testStand(), picture()),
      crop: { width: 1, height: 1 },
      lightAt: '2026-03-14T05:00:00Z',
    };
    const made = { id: 'b', name: 'b', createdAt: '2026-05-01T06:00:00Z' };
    const next = nextStand(stand, made);
    expect(next).not.toHaveProperty('picture');
    expect(next).not.toHaveProperty('crop');
    expect(next).not.toHaveProperty('lightAt');
    expect(next).toMatchObject({ ...made, readings: stand.readings, look: stand.look });
  });
});
