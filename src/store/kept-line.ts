import { type WriteResult } from '@/persist';
import { type SaveState } from './saving';

/** Within a gesture so long lies between two writes, ms. */
const GESTURE_WRITE_MS = 200;
/** A hand that has changed nothing for so long rests, ms. */
const HAND_RESTS_MS = 1_000;

interface Revised {
  readonly revision: number;
}

export interface LineOptions<T, R extends Revised> {
  /** What is stored; undefined where it is not. */
  readonly read: () => Promise<R | undefined>;
  /** Writes a value that was made on a revision. */
  readonly write: (value: T, revision: number) => Promise<WriteResult<R | undefined>>;
  /** Whether a stored record is a value already. */
  readonly isSame: (record: R | undefined, value: T) => boolean;
  /** Shows what is stored in the place of what is here: another tab wrote it. */
  readonly show: (record: R | undefined) => void;
  /** Ours was made on a revision that is no longer the newest: sees to it that both are kept. */
  readonly keepBoth: (ours: T, theirs: R | undefined) => void;
  readonly isInGesture: () => boolean;
  readonly report: (state: SaveState, error?: Error) => void;
  /** Told when something was written, for the other tabs. */
  readonly onWritten: () => void;
}

/**
 * The way of one kept thing between this tab, its storage and the other tabs. Writes follow one another, never two at once;
 * each carries the revision that its value was made on, and a value that meets a newer revision never overwrites it.
 */
export interface KeptLine<T> {
  /** What was made here is to be written: at once, or within a gesture now and then. */
  readonly save: (value: T) => void;
  /** The revision that is known to be stored; from then on changes are made on it. */
  readonly known: (revision: number) => void;
  /** Another tab has written. */
  readonly arrived: () => Promise<void>;
  readonly gestureEnded: () => void;
  /** Writes what waits for its turn within a gesture at once. */
  readonly flush: () => void;
  /** Writes again what could not be written. */
  readonly retry: () => void;
  /** The storage has begun anew, with nothing in it: what is here is to be written into it. */
  readonly restart: (value: T) => void;
  /** Resolves when nothing is left to write, or the last write failed. */
  readonly settled: () => Promise<void>;
}

/** Waiting for a hand in the middle of a gesture. */
function patience(isInGesture: () => boolean) {
  let lastWriteAt = -Infinity;
  let wake: (() => void) | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const wait = (ms: number) =>
    new Promise<void>((resolve) => {
      wake = resolve;
      timer = setTimeout(resolve, ms);
    });
  return {
    written() {
      lastWriteAt = performance.now();
    },
    /** Waits for a write's turn within a gesture; its end, and a flush, are turns of their own. */
    async turn(): Promise<void> {
      const left = isInGesture() ? lastWriteAt + GESTURE_WRITE_MS - performance.now() : 0;
      if (left > 0) await wait(left);
    },
    /** A field that keeps the focus is a gesture too, and may be for an hour: a hand that rests has let go. */
    async letsGo(saves: () => number): Promise<void> {
      let known = -1;
      while (isInGesture() && saves() !== known) {
        known = saves();
        await wait(HAND_RESTS_MS);
      }
    },
    /** Ends what is waited for. */
    go() {
      clearTimeout(timer);
      const waiting = wake;
      wake = null;
      waiting?.();
    },
  };
}

export function createKeptLine<T, R extends Revised>(options: LineOptions<T, R>): KeptLine<T> {
  let revision = 0;
  let next: { readonly value: T } | null = null;
  let running: Promise<void> | null = null;
  let saves = 0;
  let isStale = false;
  let looking: Promise<void> | null = null;
  const hand = patience(options.isInGesture);

  /** A value met a newer revision: when the hand has let go, or rests, both are kept, and the next change is made on the newer. */
  const met = async (value: T, theirs: R | undefined) => {
    await hand.letsGo(() => saves);
    const ours = next ? next.value : value;
    next = null;
    revision = theirs?.revision ?? revision;
    if (options.isSame(theirs, ours)) options.show(theirs);
    else options.keepBoth(ours, theirs);
  };

  const writeOne = async (writing: { readonly value: T }) => {
    hand.written();
    const result = await options.write(writing.value, revision);
    if (!result.ok) return met(writing.value, result.current);
    revision = result.record ? result.record.revision : revision;
    options.onWritten();
  };

  const run = async () => {
    options.report('saving');
    for (;;) {
      await hand.turn();
      const writing: { readonly value: T } | null = next;
      if (!writing) break;
      next = null;
      try {
        await writeOne(writing);
      } catch (error) {
        if (next) continue;
        next = writing;
        running = null;
        options.report('failed', error as Error);
        return;
      }
    }
    running = null;
    options.report('saved');
    if (isStale) void look();
  };

  const isOurs = () => running !== null || next !== null || options.isInGesture();
  const lookAgain = async () => {
    while (isStale && !isOurs()) {
      isStale = false;
      const before = saves;
      const record = await options.read();
      // an answer from before a write of our own says nothing of what is stored now
      if (isOurs() || saves !== before) isStale = true;
      else if (!record || record.revision > revision) {
        revision = record?.revision ?? revision;
        options.show(record);
      }
    }
  };
  /**
   * Looks whether another tab's version is newer than what is known here, where nothing of our own is under way. One look
   * after the other: an answer that was long on its way must not come after a later one.
   */
  const look = (): Promise<void> => {
    isStale = true;
    looking ??= lookAgain().finally(() => (looking = null));
    return looking;
  };

  return {
    save(value) {
      saves++;
      next = { value };
      running ??= run();
    },
    known(stored) {
      revision = stored;
    },
    arrived: look,
    gestureEnded() {
      hand.go();
      if (isStale && !running) void look();
    },
    flush: () => hand.go(),
    retry() {
      if (next) running ??= run();
    },
    restart(value) {
      saves++;
      revision = 0;
      next = { value };
      running ??= run();
    },
    settled: async () => {
      await running;
    },
  };
}
