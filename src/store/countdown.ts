import * as z from 'zod';
import { createStore, type StoreApi } from 'zustand/vanilla';
import {
  begin,
  type Clocks,
  type Countdown,
  leapTurned,
  look,
  type OpenPlan,
  resume,
  type Running,
} from '@/model/expose';

/** Where a countdown is kept beside the page: it is small, and must be there before anything else is. */
type Shelf = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;

/** What the database has of countdowns: it is written at once, where a shelf may be seconds late on the disk. */
export interface CountdownRecords {
  readonly find: (standId: string) => Promise<unknown>;
  readonly keep: (standId: string, countdown: object) => Promise<void>;
}

/** What a countdown is kept by: the device's and the page's clocks, a shelf, and word from other tabs. */
export interface CountdownHost {
  readonly shelf: Shelf;
  readonly wallMs: () => number;
  readonly pageMs: () => number;
  /** Calls back when the page has been out of sight or asleep; ends with what it returns. */
  readonly onAway: (listener: () => void) => () => void;
  /** Whether the page is out of sight now. */
  readonly isAway: () => boolean;
  /** Calls back when another tab has changed what a key holds. */
  readonly onOtherTab: (listener: (key: string) => void) => () => void;
}

export interface CountdownState {
  readonly running: Running | null;
}

/** The countdown of one stand, the same in every tab and over a reload. */
export interface KeptCountdown {
  readonly state: StoreApi<CountdownState>;
  readonly open: (plan: OpenPlan) => void;
  /** Looks at the clocks again. */
  readonly look: () => void;
  readonly turnLeap: () => void;
  /** Ends it, here and in other tabs; what it had come to. */
  readonly close: () => Countdown | null;
  /** Takes up what is kept, and follows other tabs; ends with what it returns. `onFound`: the database had one that the shelf had not. */
  start(onFound?: () => void): () => void;
}

const KEY = 'pale-seam-open';
/** It is kept again once a second: more often would tell nothing new. */
const KEEP_EVERY_MS = 1000;

const seconds = z.number().min(0);
const KEPT: z.ZodType<Countdown> = z.object({
  plan: z.object({
    frames: z.array(seconds).min(1),
    delaySeconds: seconds,
    pauseSeconds: seconds,
    hasDarkFrame: z.boolean(),
    isDarkFrame: z.boolean().optional(),
  }),
  begunMs: z.number(),
  ranMs: z.number(),
  seenMs: z.number(),
  leap: z.object({ ms: z.number(), isCounted: z.boolean() }).nullable(),
});

/** What the database holds: a countdown as it last was begun or turned, or one that was closed. */
const RECORD = z.union([
  z.object({ closedMs: z.number() }).transform(({ closedMs }) => ({ closedMs, open: null })),
  KEPT.transform((open) => ({ closedMs: null, open })),
]);

/** What a shelf has under a key; null for nothing, or what no countdown is. */
function countdownIn(shelf: Shelf, key: string): Countdown | null {
  try {
    const found = KEPT.safeParse(JSON.parse(shelf.getItem(key) ?? 'null'));
    return found.success ? found.data : null;
  } catch {
    return null;
  }
}

export function keepCountdown(
  standId: string,
  host: CountdownHost,
  records: CountdownRecords,
): KeptCountdown {
  const key = `${KEY} ${standId}`;
  const state = createStore<CountdownState>()(() => ({ running: null }));
  let wasAway = false;
  let keptMs = -Infinity;
  let closedMs: number | null = null;
  const clocks = (): Clocks => {
    const isAwake = !wasAway && !host.isAway();
    // a look while the page is out of sight says nothing of the sleep that may follow
    wasAway = host.isAway();
    return { wallMs: host.wallMs(), pageMs: host.pageMs(), isAwake };
  };
  const set = (running: Running | null) => {
    state.setState({ running });
    try {
      if (!running) host.shelf.removeItem(key);
      else {
        const { pageMs: _, ...kept } = running;
        host.shelf.setItem(key, JSON.stringify(kept));
        keptMs = host.pageMs();
      }
    } catch {
      // nothing can be kept here: it holds for this page
    }
  };
  /** Nothing waits for the database, and where it fails the shelf and the page still have it. */
  const record = (what: object) => void records.keep(standId, what).catch(() => {});
  /** Shows and keeps a countdown that has begun, leapt or been turned. */
  const turn = (running: Running) => {
    const { pageMs: _, ...kept } = running;
    record(kept);
    set(running);
  };
  /** What the database knows goes before a shelf that the browser had not written when it ended. */
  const takeUpRecord = async () => {
    const found = RECORD.safeParse(await records.find(standId).catch(() => null));
    if (!found.success) return;
    const { running } = state.getState();
    const { open, closedMs: ended } = found.data;
    if (running && running.begunMs === ended) return set(null);
    if (open && open.begunMs !== closedMs && (!running || running.begunMs < open.begunMs))
      set(resume(open, clocks()));
  };
  const takeUp = () => {
    const kept = countdownIn(host.shelf, key);
    // a tab that had not yet heard of the end has kept it once more
    if (kept && kept.begunMs === closedMs) return set(state.getState().running);
    keptMs = host.pageMs();
    state.setState({ running: kept && resume(kept, clocks()) });
  };
  return {
    state,
    open: (plan) => turn(begin(plan, clocks())),
    look: () => {
      const { running } = state.getState();
      if (!running) return;
      const next = look(running, clocks());
      if (next.leap !== running.leap) turn(next);
      else if (host.pageMs() - keptMs >= KEEP_EVERY_MS) set(next);
      else state.setState({ running: next });
    },
    turnLeap: () => {
      const { running } = state.getState();
      if (running) turn(leapTurned(running));
    },
    close: () => {
      const { running } = state.getState();
      const ended = running && look(running, clocks());
      closedMs = running && running.begunMs;
      if (running) record({ closedMs });
      set(null);
      return ended;
    },
    start: (onFound) => {
      takeUp();
      const before = state.getState().running;
      void takeUpRecord().then(() => !before && state.getState().running && onFound?.());
      const ends = [
        host.onAway(() => (wasAway = true)),
        host.onOtherTab((changed) => {
          if (changed === key) takeUp();
        }),
      ];
      return () => ends.forEach((end) => end());
    },
  };
}

/** The browser's own clocks and shelf. */
export const browserHost: CountdownHost = {
  shelf: {
    getItem: (key) => localStorage.getItem(key),
    setItem: (key, value) => localStorage.setItem(key, value),
    removeItem: (key) => localStorage.removeItem(key),
  },
  wallMs: () => Date.now(),
  pageMs: () => performance.now(),
  onAway: (listener) => {
    const away = () => {
      if (document.visibilityState === 'hidden') listener();
    };
    document.addEventListener('visibilitychange', away);
    document.addEventListener('freeze', listener);
    return () => {
      document.removeEventListener('visibilitychange', away);
      document.removeEventListener('freeze', listener);
    };
  },
  isAway: () => document.visibilityState === 'hidden',
  onOtherTab: (listener) => {
    const told = ({ key }: StorageEvent) => key !== null && listener(key);
    addEventListener('storage', told);
    return () => removeEventListener('storage', told);
  },
};
