import { type DocumentFault } from '@/model/schema/faults';
import { type WriteResult } from '@/persist';
import { createDocumentStore, type DocumentStore } from './document-store';
import { createKeptLine } from './kept-line';
import { type SaveState } from './saving';

/** Something of which a workspace has one: kept, changed, and kept in step with other tabs. */
export interface KeptOne<T, R> {
  readonly document: DocumentStore<T>;
  /** Shows what is stored. */
  show(record: R): void;
  arrived(): Promise<void>;
  flush(): void;
  retry(): void;
  /** The storage has begun anew: what is here is written into it. */
  restart(): void;
  /** Forgets everything. */
  clear(): void;
  settled(): Promise<void>;
}

interface Revised {
  readonly revision: number;
}

export interface KeptOneOptions<T, R extends Revised> {
  /** What it is before anything is said. */
  readonly nothing: () => T;
  readonly valueOf: (record: R) => T;
  readonly read: () => Promise<R | undefined>;
  readonly write: (value: T, revision: number) => Promise<WriteResult<R>>;
  readonly isSame: (a: T, b: T) => boolean;
  /** Two versions that were made of one in two tabs, as one; and tells of it. */
  readonly join: (versions: { readonly base: T; readonly ours: T; readonly theirs: T }) => T;
  readonly settle?: (before: T, after: T) => T;
  readonly admit: (before: T, after: T) => DocumentFault | null;
  readonly onRefused: (fault: DocumentFault) => void;
  readonly report: (state: SaveState, error?: Error) => void;
  /** Told when something was written, for the other tabs. */
  readonly onWritten: () => void;
}

export function createKeptOne<T, R extends Revised>(options: KeptOneOptions<T, R>): KeptOne<T, R> {
  const { nothing, valueOf, isSame } = options;
  /** What is known to be stored: what was changed here since is ours. */
  let base = nothing();

  const show = (record: R | undefined) => {
    if (!record) return;
    base = valueOf(record);
    document.replace(base);
  };
  const line = createKeptLine<T, R>({
    read: options.read,
    write: async (value, revision) => {
      const result = await options.write(value, revision);
      if (result.ok) base = value;
      return result;
    },
    isSame: (record, value) => !!record && isSame(valueOf(record), value),
    show,
    keepBoth: (ours, record) => {
      if (!record) return;
      const joined = options.join({ base, ours, theirs: valueOf(record) });
      show(record);
      document.edit(() => joined);
    },
    isInGesture: () => document.isInGesture(),
    report: options.report,
    onWritten: options.onWritten,
  });
  const document = createDocumentStore<T>(nothing(), {
    ...(options.settle ? { settle: options.settle } : {}),
    admit: options.admit,
    onRefused: options.onRefused,
    onChange: (value) => line.save(value),
    onGestureEnd: () => line.gestureEnded(),
  });

  return {
    document,
    show(record) {
      line.known(record.revision);
      show(record);
    },
    arrived: line.arrived,
    flush: line.flush,
    retry: line.retry,
    restart: () => line.restart(document.state.getState().value),
    clear() {
      line.known(0);
      base = nothing();
      document.replace(base);
    },
    settled: line.settled,
  };
}
