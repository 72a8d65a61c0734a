import { type StoreApi } from 'zustand/vanilla';
import { type Bag, type Named } from '@/model';
import { type Plans } from '@/model/outing';
import {
  type Single,
  type StandRecord,
  StorageError,
  type StorageFault,
  type WorkspaceStorage,
} from '@/persist';
import { type KeptBag } from './bag';
import { type KeptPlans } from './plans';
import { type PhotoShelf } from './pictures';
import { type Reminder } from './reminder';
import { type Saving, type SaveState } from './saving';
import { seedsOf } from './seeds';
import { type Stands } from './stands';
import { type Channel, type Presence, type TabMessage } from './tabs';
import {
  type StorageProblem,
  type Workspace,
  type WorkspaceOptions,
  type WorkspaceState,
} from './workspace-types';

interface KeepingOptions extends Omit<WorkspaceOptions, 'nameOf' | 'channel' | 'presence'> {
  readonly state: StoreApi<WorkspaceState>;
  readonly storage: () => WorkspaceStorage;
  /** Takes a storage that was opened. */
  readonly hold: (storage: WorkspaceStorage) => void;
  readonly stands: Stands;
  readonly bag: KeptBag;
  readonly plans: KeptPlans;
  readonly pictures: PhotoShelf;
  readonly reminder: Reminder;
  readonly presence: Presence;
  readonly channel: Channel;
  readonly saving: Saving;
  readonly nameOf: (item: Named) => string;
  readonly notify: (notice: WorkspaceState['notice']) => void;
}

/** Ways in which a database goes away that leave room for a new one. */
const BEGUN_ANEW: readonly StorageFault[] = ['deleted', 'cleared'];

const areThings = (list: unknown): boolean =>
  Array.isArray(list) && list.every((thing) => typeof (thing as { id?: unknown } | null)?.id === 'string');
const areThingsIfAny = (list: unknown): boolean => list === undefined || areThings(list);

/** Whether a record holds what can be shown as a bag; it may hold anything at all. */
function isBag(bag: unknown): boolean {
  const { filters, lenses, cameras, holders } = (bag ?? {}) as Partial<Bag>;
  return areThings(filters) && [lenses, cameras, holders].every(areThingsIfAny);
}

/** Whether it holds what can be shown as what is planned. */
function arePlans(plans: unknown): boolean {
  const { outings, places, extras } = (plans ?? {}) as Partial<Plans>;
  return (
    areThings(outings) &&
    areThings(places) &&
    areThingsIfAny(extras) &&
    (outings ?? []).every(({ framings }) => areThings(framings))
  );
}

const problemOf = (error: Error): StorageProblem => ({
  fault: error instanceof StorageError ? error.fault : 'failed',
  detail: error.message,
});

/** How a workspace's storage is opened: with what it begins with, and without what is damaged. */
function opening(options: KeepingOptions, report: ReturnType<KeepingOptions['saving']['report']>) {
  const { state, storage, bag, plans, seeds, nameOf } = options;
  const open = async () => {
    const opened = await options.open();
    opened.onClosed((fault) => report('failed', new StorageError(fault, `the database is ${fault}`)));
    options.hold(opened);
    state.setState({ temporary: opened.kind === 'memory' });
    return opened;
  };

  /** Puts the seeds in where nothing is there yet; where they cannot be fetched that is told, and tried the next time. */
  const seed = async (records: readonly StandRecord[]) => {
    if (!seeds || records.length || (await storage().isSeeded())) return records;
    try {
      await storage().seed(seedsOf(await seeds(), { ...options, nameOf }));
    } catch {
      options.notify({ code: 'no-seeds' });
      return records;
    }
    return storage().stands();
  };

  /** A record that is no bag, or no plans, is put aside before anything is shown: all else opens without it. */
  const setDamagedAside = async () => {
    const [own, planned] = [await storage().bag(), await storage().plans()];
    if (own && !isBag(own.bag)) await aside('bag');
    if (planned && !arePlans(planned.plans)) await aside('plans');
  };
  const aside = (what: Single) => storage().setAside(what, options.newId(`damaged-${what}-`));

  const showOnes = async () => {
    const [own, planned] = [await storage().bag(), await storage().plans()];
    if (own) bag.show(own);
    if (planned) plans.show(planned);
  };
  return { open, seed, setDamagedAside, showOnes };
}

/** A workspace's life with its storage: loaded, kept in step with other tabs, lost and begun anew. */
export function createKeeping(options: KeepingOptions) {
  const { state, storage, stands, bag, plans, pictures, reminder, presence, saving, seeds } = options;
  /** What a workspace has one of. */
  const ones = [bag, plans] as const;
  const report = saving.report('storage');
  const { open, seed, setDamagedAside, showOnes } = opening(options, report);
  let loading: Promise<void> | null = null;

  const loadAll = async () => {
    try {
      const opened = await open();
      await presence.enter(opened).catch(() => {});
      await setDamagedAside();
      const records = await seed(await opened.stands());
      await showOnes();
      stands.show(records);
      state.setState({ phase: 'ready' });
      if (seeds) for (const sha256 of picturesIn(records)) void pictures.find(sha256).catch(() => {});
      else reminder.show(await opened.history());
      await pictures.collect(picturesIn(records));
    } catch (error) {
      state.setState({ phase: 'failed', problem: problemOf(error as Error) });
    }
  };

  /** Shows what is stored in the place of everything that is here. */
  const showAll = async () => {
    await settled();
    stands.clear();
    ones.forEach((one) => one.clear());
    await showOnes();
    stands.show(await storage().stands());
  };

  const settled = async () => {
    await Promise.all([...ones, stands].map((room) => room.settled()));
  };

  const retry = async () => {
    const { problem } = state.getState();
    if (problem && BEGUN_ANEW.includes(problem.fault)) {
      try {
        await open();
      } catch (error) {
        return report('failed', error as Error);
      }
      report('saved');
      pictures.restart();
      ones.forEach((one) => one.restart());
      stands.restart();
      return;
    }
    if (problem?.fault === 'failed') report('saved');
    pictures.retry();
    ones.forEach((one) => one.retry());
    stands.retry();
  };

  const deeds: Pick<Workspace, 'load' | 'retry' | 'flush' | 'reset' | 'settled'> = {
    load: () => (loading ??= loadAll()),
    retry,
    flush() {
      ones.forEach((one) => one.flush());
      stands.flush();
    },
    async reset() {
      await settled();
      await storage().clear();
      saving.clear();
      await seed([]);
      await showAll();
      options.channel.post({ all: true });
    },
    settled,
  };
  return {
    deeds,
    /** Another tab has written. */
    heard: ({ standId, bag: isBag, plans: isPlans, all }: TabMessage) => {
      if (loading === null) return;
      const failed = (error: Error) => report('failed', error);
      void loading.then(async () => {
        if (state.getState().phase !== 'ready') return;
        if (all) await showAll().catch(failed);
        if (isBag) await bag.arrived().catch(failed);
        if (isPlans) await plans.arrived().catch(failed);
        if (standId !== undefined) await stands.arrived(standId).catch(failed);
      });
    },
    /** A fault is told until everything is written: not only until the next try. */
    problemWith: (now: SaveState, error: Error | null): Partial<WorkspaceState> => {
      if (error) return { problem: problemOf(error) };
      return now === 'saved' ? { problem: null } : {};
    },
  };
}

/** The pictures that stored stands refer to, those among them that are no stands as this version knows them. */
const picturesIn = (records: readonly StandRecord[]): ReadonlySet<string> =>
  new Set(
    records.flatMap((r) => {
      const { document } = r as { document?: { stand?: { picture?: { sha256?: unknown } } } };
      const sha256 = document?.stand?.picture?.sha256;
      return typeof sha256 === 'string' ? sha256 : [];
    }),
  );
