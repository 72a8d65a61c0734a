import { createStore, type StoreApi } from 'zustand/vanilla';
import { type FileResult, readStandFile, standFileName, writeStandFile } from '@/files';
import {
  type Bag,
  bagForStand,
  bringsNothingNew,
  newStand,
  sampleBag,
  type Stand,
  type StandDocument,
} from '@/model';
import { type StandRecord, type WorkspaceStorage } from '@/persist';
import { createDocumentStore, type DocumentStore } from './document-store';
import { createSaver, type Saver, type SaveState } from './saver';

export interface WorkspaceState {
  readonly phase: 'loading' | 'ready' | 'failed';
  /** What went wrong with the storage, in the browser's words. */
  readonly problem: string | null;
  /** Every stand as it is now, the one last changed first. */
  readonly stands: readonly StandSummary[];
  readonly saving: SaveState;
  /** Something the photographer must be told once; the shell shows it. */
  readonly notice: string | null;
}

export interface StandSummary {
  readonly id: string;
  readonly updatedAt: string;
  readonly document: StandDocument;
}

/** Tells other tabs what has been written. */
export interface Channel {
  post(message: { readonly standId?: string; readonly bag?: true }): void;
  onMessage(listener: (message: { readonly standId?: string; readonly bag?: true }) => void): void;
}

export interface WorkspaceOptions {
  readonly storage: WorkspaceStorage;
  readonly channel?: Channel;
  readonly newId: () => string;
  /** Now, ISO 8601. */
  readonly now: () => string;
  /** Files that a new or reset workspace starts with. */
  readonly seeds?: readonly string[];
}

/** A database of stands and a bag, and everything that can be done to it. */
export interface Workspace {
  readonly state: StoreApi<WorkspaceState>;
  readonly bag: DocumentStore<Bag>;
  load(): Promise<void>;
  open(id: string): DocumentStore<StandDocument> | null;
  createStand(): string;
  duplicateStand(id: string): string | null;
  /** Deletes a stand and gives the way back. */
  removeStand(id: string): Promise<() => void>;
  /** Opens a file as a new stand and gives its id; an id that is taken already is renewed. */
  importStand(text: string): FileResult<string>;
  exportStand(id: string): { readonly name: string; readonly text: string } | null;
  /** Clears everything and starts again from the seeds. */
  reset(): Promise<void>;
  /** Resolves when all that was changed is written. */
  settled(): Promise<void>;
}

export function createWorkspace({ storage, channel, newId, now, seeds = [] }: WorkspaceOptions): Workspace {
  const state = createStore<WorkspaceState>()(() => ({
    phase: 'loading',
    problem: null,
    stands: [],
    saving: 'saved',
    notice: null,
  }));
  const bag = createDocumentStore<Bag>(sampleBag());
  const open = new Map<string, DocumentStore<StandDocument>>();
  const savers = new Map<string, Saver<StandDocument>>();
  const revisions = new Map<string, number>();
  let bagRevision = 0;
  let takingOn = false;

  const failed = (error: Error) => state.setState({ saving: 'failed', problem: error.message });
  const onSaving = (saving: SaveState, error?: Error) =>
    error ? failed(error) : state.setState({ saving, ...(saving === 'saved' ? { problem: null } : {}) });

  const list = (document: StandDocument) => {
    const { id } = document.stand;
    const others = state.getState().stands.filter((s) => s.id !== id);
    state.setState({ stands: [{ id, updatedAt: now(), document }, ...others] });
  };
  const unlist = (id: string) =>
    state.setState({ stands: state.getState().stands.filter((s) => s.id !== id) });

  const write = (id: string) => async (document: StandDocument) => {
    const result = await storage.putStand(document, { revision: revisions.get(id) ?? 0, now: now() });
    if (!result.ok) return keepBoth(document, result.current);
    revisions.set(id, result.record.revision);
    channel?.post({ standId: id });
  };

  /** Another tab wrote first: its version keeps the name, ours becomes a stand of its own. */
  const keepBoth = (ours: StandDocument, theirs: StandRecord) => {
    takeOn(theirs);
    add({ ...ours, stand: { ...ours.stand, id: newId(), name: `${ours.stand.name} (other tab)` } });
    state.setState({
      notice: `“${theirs.document.stand.name}” was changed in another tab at the same time. Both versions are kept.`,
    });
  };

  const save = (document: StandDocument) => {
    const { id } = document.stand;
    const saver = savers.get(id) ?? createSaver(write(id), onSaving);
    savers.set(id, saver);
    saver.save(document);
  };

  const hold = (document: StandDocument): DocumentStore<StandDocument> => {
    const store = createDocumentStore(document);
    open.set(document.stand.id, store);
    store.state.subscribe(({ value }) => {
      list(value);
      if (!takingOn) save(value);
    });
    return store;
  };

  const add = (document: StandDocument): string => {
    list(document);
    save(document);
    return document.stand.id;
  };

  /** Shows what another tab has written. */
  const takeOn = (record: StandRecord) => {
    revisions.set(record.id, record.revision);
    takingOn = true;
    const store = open.get(record.id);
    if (store) store.replace(record.document);
    else list(record.document);
    takingOn = false;
  };

  const bagSaver = createSaver<Bag>(async (value) => {
    const result = await storage.putBag(value, { revision: bagRevision });
    if (result.ok) {
      bagRevision = result.record.revision;
      channel?.post({ bag: true });
      return;
    }
    takeOnBag(result.current);
    state.setState({
      notice: 'The bag was changed in another tab at the same time. That version is shown now.',
    });
  }, onSaving);

  const takeOnBag = (record: { readonly revision: number; readonly bag: Bag }) => {
    bagRevision = record.revision;
    takingOn = true;
    bag.replace(record.bag);
    takingOn = false;
  };
  bag.state.subscribe(({ value }) => {
    if (!takingOn) bagSaver.save(value);
  });

  const refresh = async (message: { readonly standId?: string; readonly bag?: true }) => {
    if (message.bag && !bagSaver.isBusy()) {
      const record = await storage.bag();
      if (record && record.revision > bagRevision) takeOnBag(record);
    }
    const { standId } = message;
    if (standId === undefined || savers.get(standId)?.isBusy()) return;
    const records = await storage.stands();
    const record = records.find((r) => r.id === standId);
    if (!record) return unlist(standId);
    if (record.revision > (revisions.get(standId) ?? 0)) takeOn(record);
  };
  channel?.onMessage((message) => void refresh(message).catch(failed));

  const importStand = (text: string): FileResult<string> => {
    const read = readStandFile(text);
    if (!read.ok) return read;
    const { stand, bag: own, minor } = read.value;
    const taken = state.getState().stands.some((s) => s.id === stand.id);
    const id = taken ? newId() : stand.id;
    const document: StandDocument = {
      stand: { ...stand, id },
      bag: own.filters.length ? own : null,
      used: [],
      minor,
    };
    const alike = bringsNothingNew(document, bag.state.getState().value);
    return { ok: true, value: add(alike ? { ...document, bag: null } : document) };
  };

  const seed = () => {
    for (const text of [...seeds].reverse()) {
      const result = importStand(text);
      if (!result.ok) throw new Error(`demo file: ${result.error.path}: ${result.error.message}`);
    }
  };

  const documentOf = (id: string) => state.getState().stands.find((s) => s.id === id)?.document ?? null;

  return {
    state,
    bag,
    async load() {
      try {
        const [records, kept] = await Promise.all([storage.stands(), storage.bag()]);
        for (const record of records) revisions.set(record.id, record.revision);
        const newestFirst = [...records].sort((a, b) => b.updatedAt.localeCompare(a.updatedAt));
        if (kept) takeOnBag(kept);
        state.setState({
          phase: 'ready',
          stands: newestFirst.map(({ id, updatedAt, document }) => ({ id, updatedAt, document })),
        });
        if (!kept && !records.length && seeds.length) {
          bagSaver.save(bag.state.getState().value);
          seed();
        }
      } catch (error) {
        state.setState({ phase: 'failed', problem: (error as Error).message });
      }
    },
    open(id) {
      const document = documentOf(id);
      return open.get(id) ?? (document && hold(document));
    },
    createStand: () =>
      add({
        stand: newStand({ id: newId(), name: 'New stand', createdAt: now() }),
        bag: null,
        used: [],
        minor: 0,
      }),
    duplicateStand(id) {
      const document = documentOf(id);
      if (!document) return null;
      const { name } = document.stand;
      const copy: Stand = { ...document.stand, id: newId(), name: `${name} (copy)`, createdAt: now() };
      return add({ ...document, stand: copy });
    },
    async removeStand(id) {
      const document = documentOf(id);
      unlist(id);
      open.delete(id);
      await savers.get(id)?.settled();
      savers.delete(id);
      revisions.delete(id);
      try {
        await storage.removeStand(id);
        channel?.post({ standId: id });
      } catch (error) {
        failed(error as Error);
      }
      return () => {
        if (document) add(document);
      };
    },
    importStand,
    exportStand(id) {
      const document = documentOf(id);
      if (!document) return null;
      const { stand, minor } = document;
      return {
        name: standFileName(stand),
        text: writeStandFile({ stand, minor, bag: bagForStand(document, bag.state.getState().value) }),
      };
    },
    async reset() {
      await this.settled();
      await storage.clear();
      open.clear();
      savers.clear();
      revisions.clear();
      bagRevision = 0;
      state.setState({ stands: [] });
      bag.replace(sampleBag());
      seed();
    },
    async settled() {
      await bagSaver.settled();
      await Promise.all([...savers.values()].map((s) => s.settled()));
    },
  };
}
