import {
  asSaid,
  type Bag,
  joinBags,
  type Named,
  type NewId,
  type Notice,
  sameContent,
  newcomerBag,
} from '@/model';
import { admitBag } from '@/model/documents/gate';
import { type BagRecord, type WorkspaceStorage } from '@/persist';
import { createDocumentStore, type DocumentStore } from './document-store';
import { createKeptLine } from './kept-line';
import { type Saving } from './saving';
import { type Channel } from './tabs';

export interface KeptBagOptions {
  readonly storage: () => WorkspaceStorage;
  readonly channel: Channel;
  readonly newId: NewId;
  readonly nameOf: (item: Named) => string;
  readonly saving: Saving;
  readonly notify: (notice: Notice) => void;
}

/** The bag of a workspace: kept, changed, and kept in step with other tabs. */
export interface KeptBag {
  readonly document: DocumentStore<Bag>;
  /** Shows what is stored. */
  show(record: BagRecord): void;
  arrived(): Promise<void>;
  flush(): void;
  retry(): void;
  /** The storage has begun anew: what is here is written into it. */
  restart(): void;
  /** Forgets everything. */
  clear(): void;
  settled(): Promise<void>;
}

export function createKeptBag(options: KeptBagOptions): KeptBag {
  const { storage, channel, newId, nameOf, saving, notify } = options;
  /** What is known to be stored: what was changed here since is ours. */
  let base = newcomerBag();

  const show = (record: BagRecord | undefined) => {
    if (!record) return;
    base = record.bag;
    document.replace(record.bag);
  };
  const line = createKeptLine<Bag, BagRecord>({
    read: () => storage().bag(),
    write: async (bag, revision) => {
      const result = await storage().putBag(bag, { revision });
      if (result.ok) base = bag;
      return result;
    },
    isSame: (record, bag) => !!record && sameContent(record.bag, bag),
    show,
    keepBoth: (ours, record) => {
      if (!record) return;
      const joined = joinBags({ base, ours, theirs: record.bag }, { nameOf, from: 'other tab', newId });
      show(record);
      document.edit(() => joined.bag);
      const { settingsAreTheirs, leftOut } = joined;
      notify({ code: 'bag-joined', settingsAreTheirs, leftOut });
    },
    isInGesture: () => document.isInGesture(),
    report: saving.report('bag'),
    onWritten: () => channel.post({ bag: true }),
  });
  const document = createDocumentStore<Bag>(newcomerBag(), {
    settle: asSaid,
    admit: admitBag,
    onRefused: (fault) => notify({ code: 'not-taken', fault }),
    onChange: (bag) => line.save(bag),
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
      base = newcomerBag();
      document.replace(base);
    },
    settled: line.settled,
  };
}
