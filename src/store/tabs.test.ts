import { addReading, putFilter, type StandDocument } from '@/model';
import { newOuting, putOuting } from '@/model/outing';
import { memoryStorage, type WorkspaceStorage } from '@/persist';
import { seededIds } from '@/testing/ids';
import { type Chance, chanceOf } from '@/testing/mutate';
import { slowness, type Slowness, slowStorage } from '@/testing/slow-storage';
import { type Channel, lockPresence, notePresence, type TabMessage } from './tabs';
import { createWorkspace } from './workspace';
import { type Workspace } from './workspace-types';

/** So many orders of things are tried with two tabs, and with three. */
const RUNS = Number(process.env.TABS_RUNS ?? 300);
const DEEDS_A_RUN = 25;

/** A tab, and the marks that it has made and not taken back. */
interface Tab {
  readonly workspace: Workspace;
  /** Marks whose tab has not said yet that they are saved. */
  unsaved: string[];
}

const marksOf = (document: StandDocument): string[] => document.stand.readings.map((r) => r.id);
const filtersOf = (workspace: Workspace) => workspace.bag.state.getState().value.filters;

/** Messages from tab to tab, which take their time too. */
function channels(count: number, { turn }: Slowness): Channel[] {
  const listeners: ((message: TabMessage) => void)[][] = Array.from({ length: count }, () => []);
  return listeners.map((own) => ({
    post: (message) =>
      listeners
        .filter((l) => l !== own)
        .flat()
        .forEach((listener) => void turn().then(() => listener(message))),
    onMessage: (listener) => void own.push(listener),
  }));
}

type Act = (tab: Tab, chance: Chance, mark: string) => readonly string[];

const someStand = ({ workspace }: Tab, chance: Chance) => {
  const { stands } = workspace.state.getState();
  return stands.length ? chance.pick(stands) : null;
};

/** What a tab does with a mark that no other thing has; gives the marks that it has knowingly taken away. */
const ACTS: Record<string, Act> = {
  read: (tab, chance, mark) => {
    const stand = someStand(tab, chance);
    if (!stand) return [];
    tab.workspace
      .open(stand.id)
      ?.edit((d) => ({ ...d, stand: addReading(d.stand, { id: mark, role: 'land', ev100: 9 }) }));
    tab.unsaved.push(mark);
    return [];
  },
  'begin a drag': (tab, chance) => {
    const stand = someStand(tab, chance);
    if (stand) tab.workspace.open(stand.id)?.beginGesture();
    return [];
  },
  'end all drags': (tab) => {
    for (const { id } of tab.workspace.state.getState().stands) tab.workspace.open(id)?.endGesture();
    return [];
  },
  'put a filter in': (tab, _, mark) => {
    tab.workspace.bag.edit((bag) => putFilter(bag, { id: mark, kind: 'neutral', stops: 6 }));
    tab.unsaved.push(mark);
    return [];
  },
  'plan an outing': (tab, _, mark) => {
    const made = { name: mark, createdAt: '2026-03-28T18:00:00Z', day: '2026-03-29', zone: 'UTC' };
    tab.workspace.plans.edit((plans) => putOuting(plans, newOuting({ id: mark, ...made })));
    tab.unsaved.push(mark);
    return [];
  },
  create: (tab, _, mark) => {
    const id = tab.workspace.createStand();
    tab.workspace
      .open(id)
      ?.edit((d) => ({ ...d, stand: addReading(d.stand, { id: mark, role: 'sky', ev100: 12 }) }));
    tab.unsaved.push(mark);
    return [];
  },
  remove: (tab, chance) => {
    const stand = someStand(tab, chance);
    if (!stand) return [];
    tab.workspace.removeStand(stand.id);
    return marksOf(stand.document);
  },
  'remove, and take that back': (tab, chance) => {
    const stand = someStand(tab, chance);
    if (stand) tab.workspace.removeStand(stand.id)();
    return [];
  },
  undo: (tab, chance) => {
    const stand = someStand(tab, chance);
    const document = stand && tab.workspace.open(stand.id);
    if (!document) return [];
    const before = marksOf(document.state.getState().value);
    document.undo();
    const after = new Set(marksOf(document.state.getState().value));
    return before.filter((mark) => !after.has(mark));
  },
};
const ACT_NAMES = ['read', 'read', 'read', ...Object.keys(ACTS)];

async function run(seed: number, count: number) {
  const chance = chanceOf(seed);
  const slow = slowness(chance);
  const shared = memoryStorage();
  const ways = channels(count, slow);
  const tabs: Tab[] = [];
  for (let k = 0; k < count; k++) {
    const workspace = createWorkspace({
      open: async () => slowStorage(shared, slow),
      channel: ways[k]!,
      newId: seededIds(seed * 10 + k),
      now: () => new Date().toISOString(),
    });
    const loaded = workspace.load();
    while (workspace.state.getState().phase === 'loading') await slow.step();
    await loaded;
    tabs.push({ workspace, unsaved: [] });
  }
  const [saved, gone] = [new Set<string>(), new Set<string>()];
  const noteSaved = () => {
    for (const tab of tabs)
      if (tab.workspace.state.getState().saving === 'saved')
        for (const mark of tab.unsaved.splice(0)) saved.add(mark);
  };
  for (let n = 0; n < DEEDS_A_RUN; n++) {
    const tab = chance.pick(tabs);
    for (const mark of ACTS[chance.pick(ACT_NAMES)]!(tab, chance, `mark-${n}`)) gone.add(mark);
    for (let s = chance.below(4); s > 0; s--) await slow.step();
    noteSaved();
  }
  for (const tab of tabs) ACTS['end all drags']!(tab, chance, '');
  let idle = 0;
  while (idle < 3) idle = (await slow.step()) ? 0 : idle + 1;
  noteSaved();
  return { tabs, shared, saved, gone };
}

async function lost(seed: number, count: number): Promise<string[]> {
  const { tabs, shared, saved, gone } = await run(seed, count);
  const faults: string[] = [];
  const records = await shared.stands();
  const kept = new Set([
    ...records.flatMap((r) => marksOf(r.document)),
    ...((await shared.bag())?.bag.filters ?? []).map((f) => f.id),
    ...((await shared.plans())?.plans.outings ?? []).map((o) => o.id),
  ]);
  for (const mark of saved)
    if (!kept.has(mark) && !gone.has(mark)) faults.push(`${mark} was said to be saved`);
  for (const [k, { workspace, unsaved }] of tabs.entries()) {
    if (unsaved.length) faults.push(`tab ${k} never said that ${unsaved.join(' ')} is saved`);
    const shown = workspace.state.getState().stands.map((s) => JSON.stringify([s.id, marksOf(s.document)]));
    const stored = records.map((r) => JSON.stringify([r.id, marksOf(r.document)]));
    if (shown.toSorted().join() !== stored.toSorted().join())
      faults.push(`tab ${k} shows other stands than are stored`);
    const bag = (await shared.bag())?.bag.filters.map((f) => f.id);
    if (
      bag &&
      filtersOf(workspace)
        .map((f) => f.id)
        .join() !== bag.join()
    )
      faults.push(`tab ${k} shows another bag`);
    const planned = (await shared.plans())?.plans.outings.map((o) => o.id);
    const shownPlans = workspace.plans.state.getState().value.outings.map((o) => o.id);
    if (planned && shownPlans.join() !== planned.join()) faults.push(`tab ${k} shows other outings`);
  }
  return faults;
}

describe.each([2, 3])('%i tabs on a slow storage', (count) => {
  it(`lose nothing that was said to be saved, in ${RUNS} orders of things, and end up alike (fault 73)`, async () => {
    const faults: string[] = [];
    for (let seed = 1; seed <= RUNS; seed++)
      for (const fault of await lost(1000 * count + seed, count)) faults.push(`seed ${seed}: ${fault}`);
    expect(faults).toEqual([]);
  });
});

/** Tabs that hear of one another at once. */
async function tabsOn(storage: WorkspaceStorage, count: number): Promise<Workspace[]> {
  const listeners: ((message: TabMessage) => void)[][] = Array.from({ length: count }, () => []);
  const tabs = listeners.map((own, k) =>
    createWorkspace({
      open: async () => storage,
      channel: {
        post: (message) =>
          listeners.filter((l) => l !== own).forEach((l) => l.forEach((hear) => hear(message))),
        onMessage: (listener) => void own.push(listener),
      },
      newId: seededIds(500 + k),
      now: () => new Date().toISOString(),
    }),
  );
  for (const tab of tabs) await tab.load();
  return tabs;
}
const turns = async () => {
  for (let i = 0; i < 10; i++) await new Promise((resolve) => setTimeout(resolve));
};

describe('a stand that is changed in two tabs', () => {
  it('in the middle of a drag keeps both: the drag goes on, and at its end becomes a stand of its own (fault 5)', async () => {
    const storage = memoryStorage();
    const [a, b] = (await tabsOn(storage, 2)) as [Workspace, Workspace];
    const id = a.createStand();
    await a.settled();
    await turns();
    const nameOf = (w: Workspace) => w.open(id)!.state.getState().value.stand.name;
    const rename = (w: Workspace, name: string) =>
      w.open(id)!.edit((d) => ({ ...d, stand: { ...d.stand, name } }));
    b.open(id)!.beginGesture();
    rename(a, 'from the other tab');
    await turns();
    rename(b, 'dragged a little');
    await turns();
    rename(b, 'dragged further');
    await turns();
    expect(nameOf(b)).toBe('dragged further');
    b.open(id)!.endGesture();
    await turns();
    await b.settled();
    const stored = (await storage.stands()).map((r) => r.document.stand.name);
    expect(stored.toSorted()).toEqual(['dragged further (other tab)', 'from the other tab']);
    expect(nameOf(b)).toBe('from the other tab');
    expect(b.state.getState().notice).toEqual({ code: 'both-kept', name: 'from the other tab' });
  });

  it('to be deleted is kept where the other tab has changed it meanwhile, and both say so', async () => {
    const storage = memoryStorage();
    const [a, b] = (await tabsOn(storage, 2)) as [Workspace, Workspace];
    const id = a.createStand();
    await a.settled();
    await turns();
    a.open(id)!.edit((d) => ({ ...d, stand: { ...d.stand, name: 'worked on' } }));
    b.removeStand(id);
    await turns();
    expect((await storage.stands()).map((r) => r.document.stand.name)).toEqual(['worked on']);
    for (const tab of [a, b]) expect(tab.state.getState().stands.map((s) => s.id)).toEqual([id]);
    expect(b.state.getState().notice).toEqual({ code: 'not-deleted', name: 'worked on' });
  });

  it('alike is one stand', async () => {
    const storage = memoryStorage();
    const [a] = (await tabsOn(storage, 1)) as [Workspace];
    const id = a.createStand();
    await a.settled();
    const [b] = (await tabsOn(storage, 1)) as [Workspace];
    for (const tab of [a, b])
      tab.open(id)!.edit((d) => ({ ...d, stand: { ...d.stand, name: 'the same thought' } }));
    await turns();
    expect(await storage.stands()).toHaveLength(1);
    expect(b.state.getState().notice).toBeNull();
  });
});

describe('a drag', () => {
  afterEach(() => jest.useRealTimers());

  it('writes now and then, and at its end', async () => {
    jest.useFakeTimers({ doNotFake: ['setImmediate', 'nextTick', 'queueMicrotask'] });
    const storage = memoryStorage();
    let writes = 0;
    const [tab] = (await tabsOn(
      { ...storage, putStand: (...args) => (writes++, storage.putStand(...args)) },
      1,
    )) as [Workspace];
    const id = tab.createStand();
    await tab.settled();
    writes = 0;
    const document = tab.open(id)!;
    document.beginGesture();
    for (let i = 0; i < 60; i++) {
      document.edit((d) => ({ ...d, stand: { ...d.stand, notes: `at ${i}` } }));
      await jest.advanceTimersByTimeAsync(5);
    }
    const during = writes;
    // it was written as it was begun, and then once in 200 ms of the 300 that the drag takes, however slow the machine
    expect(during).toBe(1);
    document.endGesture();
    await jest.advanceTimersByTimeAsync(0);
    await tab.settled();
    jest.useRealTimers();
    expect(writes).toBe(during + 1);
    expect((await storage.stand(id))!.document.stand.notes).toBe('at 59');
    expect(document.history.getState().pastStates).toHaveLength(1);
    // a page that goes out of sight does not wait for its turn
    document.beginGesture();
    document.edit((d) => ({ ...d, stand: { ...d.stand, notes: 'a' } }));
    document.edit((d) => ({ ...d, stand: { ...d.stand, notes: 'last' } }));
    tab.flush();
    await turns();
    expect((await storage.stand(id))!.document.stand.notes).toBe('last');
  });
});

describe('whether other tabs are there', () => {
  it('is told by the browser’s locks, one a tab', async () => {
    const held: { name: string }[] = [];
    const locks = {
      request: async (name: string, _: unknown, hold: () => Promise<unknown>) => {
        held.push({ name });
        return hold();
      },
      query: async () => ({ held }),
    };
    const storage = memoryStorage();
    const [a, b] = [lockPresence(locks, 'x'), lockPresence(locks, 'x')];
    await a.enter(storage);
    expect(await a.isAlone(storage)).toBe(true);
    await lockPresence(locks, 'another').enter(storage);
    expect(await a.isAlone(storage)).toBe(true);
    await b.enter(storage);
    expect(await a.isAlone(storage)).toBe(false);
  });

  it('is told by notes where there are no locks, through a clock that is set back', async () => {
    const storage = memoryStorage();
    const day = 86_400_000;
    let now = 10 * day;
    const ticks: (() => void)[] = [];
    const tab = (tabId: string) =>
      notePresence({ tabId, nowMs: () => now, every: (_, run) => void ticks.push(run) });
    const [a, b] = [tab('a'), tab('b')];
    await a.enter(storage);
    expect(await a.isAlone(storage)).toBe(true);
    await b.enter(storage);
    expect(await a.isAlone(storage)).toBe(false);
    now = 3 * day;
    expect(await a.isAlone(storage)).toBe(false);
    now = 13 * day;
    expect(await a.isAlone(storage)).toBe(true);
    ticks[1]!();
    expect(await a.isAlone(storage)).toBe(false);
  });
});
