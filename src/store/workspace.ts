import { createStore } from 'zustand/vanilla';
import {
  backupFileName,
  documentKind,
  type FileResult,
  readBackupFile,
  readBagFile,
  readGlassCsv,
  readStandFile,
  standFileName,
  writeBackupFile,
  writeBagFile,
  writeGlassCsv,
  writeStandFile,
} from '@/files';
import {
  type BackupHistory,
  type Bag,
  bagForStand,
  bringsNothingNew,
  isBackupDue,
  type KeptStand,
  mergeBag,
  type MergeReport,
  mergeStands,
  type Named,
  nextName,
  nextStand,
  sampleBag,
  type Stand,
  type StandDocument,
  standToBegin,
  withArchived,
} from '@/model';
import { type StandRecord, StorageError, type WorkspaceStorage } from '@/persist';
import { createDocumentStore, type DocumentStore } from './document-store';
import { createPictureShelf } from './pictures';
import { openFile, withPictures } from './with-pictures';
import { combineSaving, createSaver, type Saver } from './saver';
import {
  type StorageProblem,
  type Workspace,
  type WorkspaceOptions,
  type WorkspaceState,
} from './workspace-types';

const ownName = (item: Named) => item.name ?? item.id;

const problemOf = (error: Error): StorageProblem => ({
  fault: error instanceof StorageError ? error.fault : 'failed',
  detail: error.message,
});

export function createWorkspace(options: WorkspaceOptions): Workspace {
  const { channel, newId, now, seeds, seedPicture, nameOf = ownName } = options;
  const state = createStore<WorkspaceState>()(() => ({
    phase: 'loading',
    problem: null,
    stands: [],
    saving: 'saved',
    temporary: false,
    backupDue: false,
    lastBackupMs: null,
    notice: null,
  }));
  const bag = createDocumentStore<Bag>(sampleBag());
  const open = new Map<string, DocumentStore<StandDocument>>();
  const savers = new Map<string, Saver<KeptStand | null>>();
  const revisions = new Map<string, number>();
  let storage: WorkspaceStorage;
  let bagRevision = 0;
  let takingOn = false;
  let history: BackupHistory = {};

  const failed = (error: Error) => state.setState({ saving: 'failed', problem: problemOf(error) });
  const pictures = createPictureShelf({ storage: () => storage, seedPicture, failed });
  /** The pictures that stands refer to. */
  const pictured = () =>
    state.getState().stands.flatMap(({ document: { stand } }) => stand.picture?.sha256 ?? []);
  const saving = combineSaving((all, error) => {
    // a fault is told until everything is written: not only until the next try
    if (error) state.setState({ saving: all, problem: problemOf(error) });
    else state.setState(all === 'saved' ? { saving: all, problem: null } : { saving: all });
  });

  const list = (kept: KeptStand) => {
    const { id } = kept.document.stand;
    const others = state.getState().stands.filter((s) => s.id !== id);
    state.setState({ stands: [{ id, ...kept }, ...others] });
  };
  const unlist = (id: string) =>
    state.setState({ stands: state.getState().stands.filter((s) => s.id !== id) });

  /** Writes a stand, or that it is deleted: both go through the same queue, so that neither overtakes the other. */
  const write = (id: string) => async (kept: KeptStand | null) => {
    if (kept) {
      const from = { revision: revisions.get(id) ?? 0, now: kept.updatedAt };
      const result = await storage.putStand(kept.document, from);
      if (!result.ok) return keepBoth(kept.document, result.current);
      revisions.set(id, result.record.revision);
    } else {
      await storage.removeStand(id);
      revisions.delete(id);
    }
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

  const save = (id: string, kept: KeptStand | null) => {
    const saver = savers.get(id) ?? createSaver(write(id), saving.report(id));
    savers.set(id, saver);
    saver.save(kept);
  };

  const hold = (document: StandDocument): DocumentStore<StandDocument> => {
    const store = createDocumentStore(document);
    open.set(document.stand.id, store);
    store.state.subscribe(({ value }) => {
      if (!takingOn) add(value);
    });
    return store;
  };

  const add = (document: StandDocument, updatedAt = now()): string => {
    const { id } = document.stand;
    list({ document, updatedAt });
    save(id, { document, updatedAt });
    return id;
  };

  /** Shows what another tab has written. */
  const takeOn = (record: StandRecord) => {
    revisions.set(record.id, record.revision);
    list({ document: record.document, updatedAt: record.updatedAt });
    takingOn = true;
    open.get(record.id)?.replace(record.document);
    takingOn = false;
  };

  /** Brings another bag in: nothing that is here is altered, and of what differs both versions are kept. */
  const takeIn = (theirs: Bag, from: string): MergeReport => {
    const { bag: both, report } = mergeBag(bag.state.getState().value, theirs, { nameOf, from });
    bag.edit(() => both);
    return report;
  };

  const bagSaver = createSaver<Bag>(async (value) => {
    const result = await storage.putBag(value, { revision: bagRevision });
    if (result.ok) {
      bagRevision = result.record.revision;
      channel?.post({ bag: true });
      return;
    }
    takeOnBag(result.current);
    takeIn(value, 'other tab');
    state.setState({
      notice:
        'The bag was changed in another tab at the same time. What either tab has put in is kept; the holder is as the other tab has it.',
    });
  }, saving.report('bag'));

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

  const remember = (change: BackupHistory) => {
    history = { ...history, ...change };
    tellHistory();
    storage.putHistory(history).catch(() => {}); // a reminder that comes once too often loses nothing
  };
  const tellHistory = () =>
    state.setState({
      lastBackupMs: history.lastBackupMs ?? null,
      backupDue: isBackupDue(history, state.getState().stands, Date.parse(now())),
    });

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

  const seed = async (receive: Workspace['receive']) => {
    for (const text of [...((await seeds?.()) ?? [])].reverse()) {
      const result = receive(text);
      if (!result.ok) throw new Error(`demo file: ${result.error.path}: ${result.error.message}`);
    }
    bag.history.getState().clear();
  };

  const documentOf = (id: string) => state.getState().stands.find((s) => s.id === id)?.document ?? null;

  return {
    state,
    bag,
    async load() {
      try {
        storage = await options.open();
        storage.onClosed(() => failed(new StorageError('closed', 'taken over by a newer version')));
        const [records, kept] = await Promise.all([storage.stands(), storage.bag()]);
        history = await storage.history();
        for (const record of records) revisions.set(record.id, record.revision);
        const newestFirst = [...records].sort((a, b) => b.updatedAt.localeCompare(a.updatedAt));
        if (kept) takeOnBag(kept);
        state.setState({
          temporary: storage.kind === 'memory',
          stands: newestFirst.map(({ id, updatedAt, document }) => ({ id, updatedAt, document })),
        });
        if (!kept && !records.length && seeds) {
          bagSaver.save(bag.state.getState().value);
          await seed((text) => this.receive(text));
        }
        state.setState({ phase: 'ready' });
        if (seeds) for (const sha256 of pictured()) void pictures.find(sha256);
        // what undo could bring back is gone when the page is opened anew
        await pictures.collect(new Set(pictured()));
        if (!seeds) tellHistory();
      } catch (error) {
        state.setState({ phase: 'failed', problem: problemOf(error as Error) });
      }
    },
    open(id) {
      const document = documentOf(id);
      return open.get(id) ?? (document && hold(document));
    },
    createStand() {
      const { stands } = state.getState();
      const like = stands[0]?.document.stand;
      const made = { id: newId(), name: 'New stand', createdAt: now() };
      const stand = standToBegin(made, { like, bag: bag.state.getState().value });
      return add({ stand, bag: null, used: [], minor: 0 });
    },
    duplicateStand(id) {
      const document = documentOf(id);
      if (!document) return null;
      const { name } = document.stand;
      const copy: Stand = { ...document.stand, id: newId(), name: `${name} (copy)`, createdAt: now() };
      return add({ ...document, stand: withArchived(copy, false) });
    },
    nextStand(id) {
      const document = documentOf(id);
      if (!document) return null;
      const names = state.getState().stands.map((s) => s.document.stand.name);
      const name = nextName(document.stand.name, names);
      return add({ ...document, stand: nextStand(document.stand, { id: newId(), name, createdAt: now() }) });
    },
    archiveStand(id, archived) {
      this.open(id)?.edit((d) => ({ ...d, stand: withArchived(d.stand, archived) }));
    },
    removeStand(id) {
      const removed = state.getState().stands.find((s) => s.id === id);
      unlist(id);
      open.delete(id);
      save(id, null);
      return () => {
        if (removed) add(removed.document, removed.updatedAt);
      };
    },
    importStand,
    receive(text) {
      switch (documentKind(text)) {
        case 'backup': {
          const read = this.restore(text);
          return read.ok ? { ok: true, value: { kind: 'backup', ...read.value } } : read;
        }
        case 'bag': {
          const read = this.importBag(text);
          return read.ok ? { ok: true, value: { kind: 'bag', report: read.value } } : read;
        }
        default: {
          const read = importStand(text);
          return read.ok ? { ok: true, value: { kind: 'stand', id: read.value } } : read;
        }
      }
    },
    exportStand(id) {
      const document = documentOf(id);
      if (!document) return null;
      const { stand, minor } = document;
      return {
        name: standFileName(stand),
        text: writeStandFile({ stand, minor, bag: bagForStand(document, bag.state.getState().value) }),
      };
    },
    async receiveFile(file) {
      const opened = await openFile(file, pictures);
      return opened.ok ? this.receive(opened.value) : opened;
    },
    async exportBundle(id) {
      const file = this.exportStand(id);
      const stand = documentOf(id)?.stand;
      return file && stand ? withPictures('stand', file, [stand], pictures) : null;
    },
    keepPicture: (picture) => pictures.keep(picture),
    findPicture: (sha256) => pictures.find(sha256),
    importBag(text) {
      const read = readBagFile(text);
      if (!read.ok) return read;
      return { ok: true, value: takeIn(read.value, 'from the file') };
    },
    exportBag: () => ({ name: 'bag.paleseam.json', text: writeBagFile(bag.state.getState().value) }),
    readGlass: (text) => readGlassCsv(text, bag.state.getState().value),
    exportGlass: () => ({ name: 'glass.csv', text: writeGlassCsv(bag.state.getState().value.filters) }),
    backup() {
      const madeAt = now();
      const { stands } = state.getState();
      const text = writeBackupFile({ madeAt, bag: bag.state.getState().value, stands });
      remember({ lastBackupMs: Date.parse(madeAt) });
      return { name: backupFileName(madeAt), text };
    },
    async backupWithPictures() {
      const stands = state.getState().stands.map((s) => s.document.stand);
      const file = this.backup();
      // a backup without pictures is better than none
      return (await withPictures('backup', file, stands, pictures).catch(() => null)) ?? file;
    },
    async restoreFile(file) {
      const opened = await openFile(file, pictures);
      return opened.ok ? this.restore(opened.value) : opened;
    },
    restore(text) {
      const read = readBackupFile(text);
      if (!read.ok) return read;
      const report = takeIn(read.value.bag, 'from the file');
      const { added, report: stands } = mergeStands(state.getState().stands, read.value.stands, newId);
      for (const { document, updatedAt } of [...added].reverse()) add(document, updatedAt);
      return { ok: true, value: { bag: report, stands } };
    },
    reminded: () => remember({ lastReminderMs: Date.parse(now()) }),
    retry() {
      bagSaver.retry();
      for (const saver of savers.values()) saver.retry();
    },
    async reset() {
      await this.settled();
      await storage.clear();
      saving.clear();
      open.clear();
      savers.clear();
      revisions.clear();
      bagRevision = 0;
      state.setState({ stands: [] });
      bag.replace(sampleBag());
      await seed((text) => this.receive(text));
    },
    async settled() {
      await bagSaver.settled();
      await Promise.all([...savers.values()].map((s) => s.settled()));
    },
  };
}
