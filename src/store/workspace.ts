import { createStore } from 'zustand/vanilla';
import { type WorkspaceStorage } from '@/persist';
import { createKeptBag } from './bag';
import { createKeptPlans } from './plans';
import { createFilesIn } from './files-in';
import { createFilesOut } from './files-out';
import { createKeeping } from './keeping';
import { createPhotoShelf } from './pictures';
import { createReminder } from './reminder';
import { combineSaving } from './saving';
import { createStands } from './stands';
import { type Channel, type Presence } from './tabs';
import { type Workspace, type WorkspaceOptions, type WorkspaceState } from './workspace-types';

const NO_CHANNEL: Channel = { post: () => {}, onMessage: () => {} };
const ALONE: Presence = { enter: async () => {}, isAlone: async () => true };

/** A workspace: its rooms put together, each of which knows its own matter (house, rule 3). */
export function createWorkspace(options: WorkspaceOptions): Workspace {
  const { newId, now, seedPhoto, channel = NO_CHANNEL, presence = ALONE } = options;
  const nameOf = options.nameOf ?? ((item) => item.name ?? item.id);
  const nowMs = () => Date.parse(now());
  const state = createStore<WorkspaceState>()(() => ({
    phase: 'loading',
    problem: null,
    stands: [],
    broken: [],
    saving: 'saved',
    temporary: false,
    backupDue: false,
    lastBackupMs: null,
    filing: null,
    notice: null,
  }));
  let storage: WorkspaceStorage;
  const shared = {
    storage: () => storage,
    channel,
    presence,
    newId,
    now,
    nowMs,
    nameOf,
    saving: combineSaving((saving, error) =>
      state.setState({ saving, ...keeping.problemWith(saving, error) }),
    ),
    notify: (notice: WorkspaceState['notice']) => state.setState({ notice }),
  };
  const pictures = createPhotoShelf({ ...shared, seedPhoto });
  const bag = createKeptBag(shared);
  const plans = createKeptPlans(shared);
  const stands = createStands({ ...shared, pictures, bag: () => bag.document.state.getState().value });
  const reminder = createReminder({ ...shared, state });
  const rooms = { stands, bag, plans, pictures, reminder };
  const keeping = createKeeping({ ...options, ...shared, ...rooms, state, hold: (s) => (storage = s) });
  const filing = {
    ...shared,
    ...rooms,
    preferences: options.preferences,
    onProgress: (part: number | null) => state.setState({ filing: part }),
  };
  stands.state.subscribe((all) => state.setState(all));
  channel.onMessage(keeping.heard);
  return {
    ...createFilesIn(filing),
    ...createFilesOut({ ...filing, onBackup: reminder.backedUp }),
    ...keeping.deeds,
    state,
    newId,
    bag: bag.document,
    plans: plans.document,
    open: (id) => stands.open(id),
    createStand: stands.create,
    beginStand: stands.beginWith,
    duplicateStand: stands.duplicate,
    nextStand: stands.goOn,
    archiveStand: (id, archived) => stands.archive(id, archived),
    renameStand: (id, name) => stands.rename(id, name),
    removeStand: stands.remove,
    removeBroken: stands.removeBroken,
    keepPhoto: pictures.keep,
    findPhoto: pictures.find,
    countdowns: {
      find: (standId) => storage.countdown(standId),
      keep: (standId, countdown) => storage.putCountdown(standId, countdown),
    },
    noticed: () => state.setState({ notice: null }),
    reminded: reminder.reminded,
  };
}
