import { type WorkspaceStorage } from '@/persist';

/** What tabs of one workspace tell one another: what has been written. */
export interface TabMessage {
  readonly standId?: string;
  readonly bag?: true;
  readonly plans?: true;
  /** Everything was begun anew. */
  readonly all?: true;
}

/** Tells other tabs what has been written. */
export interface Channel {
  post(message: TabMessage): void;
  onMessage(listener: (message: TabMessage) => void): void;
}

/** Whether other tabs have the same workspace open. */
export interface Presence {
  /** Says that this tab has it open, for as long as it lives. */
  enter(storage: WorkspaceStorage): Promise<void>;
  /** Whether no other tab has it open; where that cannot be told, not. */
  isAlone(storage: WorkspaceStorage): Promise<boolean>;
}

/** The part of the browser's locks that is used. */
interface Locks {
  request(name: string, options: { readonly mode: 'shared' }, hold: () => Promise<unknown>): Promise<unknown>;
  query(): Promise<{ readonly held?: readonly { readonly name?: string }[] }>;
}

/** Presence by the browser's own locks: each tab holds one, which goes with it however it ends. */
export function lockPresence(locks: Locks, name: string): Presence {
  const own = `${name}: open`;
  return {
    enter: () =>
      new Promise((entered) => {
        void locks.request(own, { mode: 'shared' }, () => {
          entered();
          return new Promise(() => {});
        });
      }),
    isAlone: async () => {
      const { held = [] } = await locks.query();
      return held.filter((lock) => lock.name === own).length === 1;
    },
  };
}

/** A tab says so often that it is there, ms; frozen ones do not. */
const SAY_EVERY_MS = 60_000;
/** A tab that has said nothing for so long is gone, ms: a frozen one may come back. */
const GONE_AFTER_MS = 2 * 86_400_000;

export interface NotesOptions {
  readonly tabId: string;
  readonly nowMs: () => number;
  /** Does something again and again. */
  readonly every: (ms: number, run: () => void) => void;
}

/** Presence by notes in the storage, for pages in which the browser withholds its locks. */
export function notePresence({ tabId, nowMs, every }: NotesOptions): Presence {
  return {
    enter: async (storage) => {
      const note = () => storage.noteTab({ id: tabId, seenAt: nowMs() });
      every(SAY_EVERY_MS, () => void note().catch(() => {}));
      await note();
    },
    isAlone: async (storage) => {
      const others = (await storage.tabs()).filter((tab) => tab.id !== tabId);
      // a note from the future is of a clock that was set back since, and no sign that its tab is gone
      return others.every((tab) => nowMs() - tab.seenAt > GONE_AFTER_MS);
    },
  };
}
