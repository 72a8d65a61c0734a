import {
  type Bag,
  type KeptStand,
  markedName,
  type NewId,
  type Notice,
  type Stand,
  type StandDocument,
  withArchived,
  withCopies,
  withRecordsOf,
} from '@/model';
import { admitStand } from '@/model/documents/gate';
import { type StandRecord, type WorkspaceStorage } from '@/persist';
import { createStore, type StoreApi } from 'zustand/vanilla';
import { createDocumentStore, type DocumentStore } from './document-store';
import { waysToBegin } from './begin-stands';
import { type PhotoShelf } from './pictures';
import { type Saving } from './saving';
import { createStandLines } from './stand-lines';
import { type Channel } from './tabs';

export interface StandSummary extends KeptStand {
  readonly id: string;
}

/** A record that is no stand as this version knows it: kept as it is, and offered as a file. */
export interface BrokenStand {
  readonly id: string;
  readonly record: unknown;
}

export interface StandsState {
  /** Every stand as it is now, the one last changed first. */
  readonly stands: readonly StandSummary[];
  readonly broken: readonly BrokenStand[];
}

export interface StandsOptions {
  readonly storage: () => WorkspaceStorage;
  readonly bag: () => Bag;
  readonly pictures: PhotoShelf;
  readonly channel: Channel;
  readonly newId: NewId;
  /** Now, ISO 8601. */
  readonly now: () => string;
  readonly saving: Saving;
  readonly notify: (notice: Notice) => void;
}

/** The stands of a workspace: kept, changed, and kept in step with other tabs. */
export interface Stands {
  readonly state: StoreApi<StandsState>;
  /** Shows what is stored. */
  readonly show: (records: readonly StandRecord[]) => void;
  readonly open: (id: string) => DocumentStore<StandDocument> | null;
  readonly documentOf: (id: string) => StandDocument | null;
  /** Adds stands, the first of them on top, and gives their ids. */
  readonly add: (kept: readonly KeptStand[]) => readonly string[];
  /** Begins a stand with the camera and lens last used. */
  readonly create: () => string;
  /** Begins a stand that was made elsewhere, with the glass that it brings. */
  readonly beginWith: (stand: Stand, bag: Bag | null) => string;
  readonly duplicate: (id: string) => string | null;
  /** Begins the next framing from the same place, with camera, readings and glass kept. */
  readonly goOn: (id: string) => string | null;
  /** Puts a stand away, or takes it out again. */
  readonly archive: (id: string, archived: boolean) => void;
  readonly rename: (id: string, name: string) => void;
  /** Deletes a stand and gives the way back. */
  readonly remove: (id: string) => () => void;
  /** Deletes a record that is no stand. */
  readonly removeBroken: (id: string) => void;
  readonly arrived: (id: string) => Promise<void>;
  readonly flush: () => void;
  readonly retry: () => void;
  /** The storage has begun anew: everything that is here is written into it. */
  readonly restart: () => void;
  /** Forgets everything. */
  readonly clear: () => void;
  readonly settled: () => Promise<void>;
}

export function createStands(options: StandsOptions): Stands {
  const { newId, now, notify } = options;
  const state = createStore<StandsState>()(() => ({ stands: [], broken: [] }));
  const open = new Map<string, DocumentStore<StandDocument>>();

  const { documentOf, list, unlist } = listed(state);

  /** A stand that goes takes no gesture with it that nothing would ever end. */
  const close = (id: string) => {
    open.get(id)?.endGesture();
    open.delete(id);
  };

  /** Another tab's version keeps the name, ours becomes a stand of its own; one that was to be deleted is kept. */
  const keepBoth = (ours: KeptStand | null, theirs: StandRecord | undefined) => {
    if (theirs) showRecord(theirs.id, theirs);
    if (ours) {
      const { stand } = ours.document;
      const names = state.getState().stands.map((s) => s.document.stand.name);
      const copy = { ...stand, id: newId('st'), name: markedName(stand.name, 'other tab', names) };
      add([{ ...ours, document: { ...ours.document, stand: copy } }]);
    }
    const name = theirs?.document.stand.name ?? '';
    notify({ code: ours ? 'both-kept' : 'not-deleted', name });
  };

  const showRecord = (id: string, record: StandRecord | undefined) => {
    if (!record) {
      close(id);
      return unlist(id);
    }
    list([{ document: record.document, updatedAt: record.updatedAt }]);
    open.get(id)?.replace(record.document);
  };

  const lines = createStandLines({
    ...options,
    show: showRecord,
    keepBoth,
    isInGesture: (id) => open.get(id)?.isInGesture() ?? false,
  });

  const add = (kept: readonly KeptStand[]): readonly string[] => {
    list(kept);
    return kept.map((k) => {
      const { id } = k.document.stand;
      lines.of(id).save(k);
      return id;
    });
  };
  const hold = (document: StandDocument): DocumentStore<StandDocument> => {
    const { id } = document.stand;
    const store = createDocumentStore(document, {
      admit: admitStand,
      withRecords: withRecordsOf,
      onRefused: (fault) => notify({ code: 'not-taken', fault }),
      onChange: (value) => add([{ document: value, updatedAt: now() }]),
      onGestureEnd: () => lines.known(id)?.gestureEnded(),
    });
    open.set(id, store);
    return store;
  };

  const openStand = (id: string) => {
    const document = documentOf(id);
    return open.get(id) ?? (document && hold(document));
  };

  return {
    state,
    documentOf,
    add,
    show(records) {
      const [good, bad] = [records.filter(isStand), records.filter((r) => !isStand(r))];
      for (const { id, revision } of good) lines.of(id).known(revision);
      state.setState({
        stands: good.toSorted(newestFirst).map(({ id, updatedAt, document }) => ({
          id,
          updatedAt,
          document: withCopies(document, options.bag()),
        })),
        broken: bad.map((record) => ({ id: record.id, record })),
      });
    },
    open: openStand,
    ...waysToBegin({ ...options, here: () => state.getState().stands, documentOf, add }),
    rename: (id, name) => openStand(id)?.edit((d) => withStandAs(d, (s) => ({ ...s, name }))),
    archive: (id, archived) => openStand(id)?.edit((d) => withStandAs(d, (s) => withArchived(s, archived))),
    remove(id) {
      close(id);
      const removed = state.getState().stands.find((s) => s.id === id);
      unlist(id);
      lines.of(id).save(null);
      return () => {
        if (removed) add([{ document: removed.document, updatedAt: removed.updatedAt }]);
      };
    },
    removeBroken(id) {
      const record = state.getState().broken.find((b) => b.id === id)?.record as StandRecord | undefined;
      if (!record) return;
      state.setState({ broken: state.getState().broken.filter((b) => b.id !== id) });
      lines.of(id).known(typeof record.revision === 'number' ? record.revision : Infinity);
      lines.of(id).save(null);
    },
    arrived: (id) => lines.of(id).arrived(),
    flush: () => lines.all().forEach((line) => line.flush()),
    retry: () => lines.all().forEach((line) => line.retry()),
    restart() {
      for (const { id, ...kept } of state.getState().stands) lines.of(id).restart(kept);
    },
    clear() {
      open.clear();
      lines.clear();
      state.setState({ stands: [], broken: [] });
    },
    settled: async () => {
      await Promise.all(lines.all().map((line) => line.settled()));
    },
  };
}

/** A document with something about its stand changed that no answer depends on. */
const withStandAs = (document: StandDocument, change: (stand: Stand) => Stand): StandDocument => ({
  ...document,
  stand: change(document.stand),
});

/** The list of stands as it is shown. */
function listed(state: StoreApi<StandsState>) {
  const documentOf = (id: string) => state.getState().stands.find((s) => s.id === id)?.document ?? null;
  const list = (kept: readonly KeptStand[]) => {
    const summaries = kept.map((k) => ({ id: k.document.stand.id, ...k }));
    const ids = new Set(summaries.map((s) => s.id));
    state.setState({ stands: [...summaries, ...state.getState().stands.filter((s) => !ids.has(s.id))] });
  };
  const unlist = (id: string) =>
    state.setState({ stands: state.getState().stands.filter((s) => s.id !== id) });
  return { documentOf, list, unlist };
}

/** Orders by when they were last changed: ISO 8601. */
export const newestFirst = (a: { readonly updatedAt: string }, b: { readonly updatedAt: string }): number =>
  a.updatedAt < b.updatedAt ? 1 : a.updatedAt > b.updatedAt ? -1 : 0;

/** Whether a record has the bones of a stand, so that a list can show it; what else is wrong with it is told where it is opened. */
function isStand(record: StandRecord): boolean {
  const { updatedAt, document } = (record ?? {}) as Partial<StandRecord>;
  const { stand, used } = (document ?? {}) as Partial<StandDocument>;
  const { camera, lens, exposure, look } = (stand ?? {}) as Partial<Stand>;
  return (
    typeof record.id === 'string' &&
    stand?.id === record.id &&
    typeof stand.name === 'string' &&
    typeof updatedAt === 'string' &&
    Array.isArray(used) &&
    Array.isArray(stand.readings) &&
    Array.isArray(stand.skyline) &&
    [camera, lens, exposure, look].every((part) => typeof part === 'object' && part !== null)
  );
}
