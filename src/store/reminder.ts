import { type BackupHistory, isBackupDue } from '@/model';
import { type WorkspaceStorage } from '@/persist';
import { type StoreApi } from 'zustand/vanilla';
import { type WorkspaceState } from './workspace-types';

export interface Reminder {
  readonly show: (history: BackupHistory) => void;
  readonly backedUp: (atMs: number) => void;
  readonly reminded: () => void;
}

export interface ReminderOptions {
  readonly storage: () => WorkspaceStorage;
  readonly nowMs: () => number;
  readonly state: StoreApi<WorkspaceState>;
}

/** Remembers when a backup was made, and says when it is time for the next. */
export function createReminder({ storage, nowMs, state }: ReminderOptions): Reminder {
  let history: BackupHistory = {};
  const show = (known: BackupHistory) => {
    history = known;
    const { lastBackupMs = null } = history;
    state.setState({ lastBackupMs, backupDue: isBackupDue(history, state.getState().stands, nowMs()) });
  };
  const remember = (change: BackupHistory) => {
    show({ ...history, ...change });
    storage()
      .putHistory(history)
      .catch(() => {}); // a reminder that comes once too often loses nothing
  };
  return {
    show,
    backedUp: (lastBackupMs) => remember({ lastBackupMs }),
    reminded: () => remember({ lastReminderMs: nowMs() }),
  };
}
