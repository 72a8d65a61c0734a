import {
  backupFileName,
  documentKind,
  type FileResult,
  readBackupSteps,
  readBagFile,
  readGlassCsv,
  readStandFile,
  type RefusedThing,
  standFileName,
  writeBackupSteps,
  writeBagFile,
  writeGlassCsv,
  writeStandFile,
} from '@/files';
import {
  bagForStand,
  type Bringing,
  bringsNothingNew,
  broughtStand,
  MAX_BACKUP_BYTES,
  mergeBag,
  mergeStands,
  type Named,
  type NewId,
  withCopies,
} from '@/model';
import { type KeptBag } from './bag';
import { openFile, withPhotos } from './files';
import { type PhotoShelf } from './pictures';
import { runSteps } from './run-steps';
import { type Stands } from './stands';
import { type Files, type NamedText, type RestoreReport, type WrittenBackup } from './workspace-types';

export interface FilesOptions {
  readonly stands: Stands;
  readonly bag: KeptBag;
  readonly pictures: PhotoShelf;
  readonly newId: NewId;
  readonly now: () => string;
  readonly nameOf: (item: Named) => string;
  /** Told how far the writing or reading of a backup is; null when it is done. */
  readonly onProgress: (part: number | null) => void;
  /** Told that a backup was made. */
  readonly onBackup: (atMs: number) => void;
}

/** What goes out to files and comes in from them. */
export function createFiles(options: FilesOptions): Files {
  const { stands, bag, pictures, newId, now, nameOf, onProgress, onBackup } = options;
  const bringing: Bringing = { nameOf, from: 'from the file', newId };
  const ownBag = () => bag.document.state.getState().value;

  const importStand = (text: string): FileResult<string> => {
    const read = readStandFile(text);
    if (!read.ok) return read;
    const { stand, bag: brought, minor } = read.value;
    const isTaken = stands.documentOf(stand.id) !== null;
    const id = isTaken ? newId('st') : stand.id;
    const own = brought.filters.length ? brought : null;
    const document = { stand: { ...stand, id }, bag: own, used: [], minor };
    const kept = bringsNothingNew(document, ownBag()) ? { ...document, bag: null } : document;
    stands.add([{ document: withCopies(kept, ownBag()), updatedAt: now() }]);
    return { ok: true, value: id };
  };

  const importBag: Files['importBag'] = (text) => {
    const read = readBagFile(text);
    if (!read.ok) return read;
    const merged = mergeBag(ownBag(), read.value, bringing);
    bag.document.edit(() => merged.bag);
    return { ok: true, value: merged.report };
  };

  const restore = async (text: string): Promise<FileResult<RestoreReport>> => {
    const read = await runSteps(readBackupSteps(text), onProgress).finally(() => onProgress(null));
    if (!read.ok) return read;
    const { bag: theirs, stands: entries, refused } = read.value;
    const merged = mergeBag(ownBag(), theirs, bringing);
    const brought = entries.map((kept) => ({
      ...kept,
      document: broughtStand(kept.document, theirs, merged.ids),
    }));
    const { added, report } = mergeStands(stands.state.getState().stands, brought, bringing);
    bag.document.edit(() => merged.bag);
    stands.add(added);
    return { ok: true, value: { bag: merged.report, stands: report, refused } };
  };

  const receive: Files['receive'] = async (text) => {
    switch (documentKind(text, MAX_BACKUP_BYTES)) {
      case 'backup': {
        const read = await restore(text);
        return read.ok ? { ok: true, value: { kind: 'backup', ...read.value } } : read;
      }
      case 'bag': {
        const read = importBag(text);
        return read.ok ? { ok: true, value: { kind: 'bag', report: read.value, refused: [] } } : read;
      }
      default: {
        const read = importStand(text);
        return read.ok ? { ok: true, value: { kind: 'stand', id: read.value, refused: [] } } : read;
      }
    }
  };

  /** Takes a picked or dropped file in, and with it the pictures that it brings. */
  const takeIn = async <T extends { readonly refused: readonly RefusedThing[] }>(
    file: Blob,
    take: (text: string) => Promise<FileResult<T>>,
  ): Promise<FileResult<T>> => {
    const opened = await openFile(file, pictures);
    if (!opened.ok) return opened;
    const taken = await take(opened.value.text);
    if (!taken.ok) return taken;
    const bad = await opened.value.keepPhotos();
    return { ok: true, value: { ...taken.value, refused: [...taken.value.refused, ...bad] } };
  };

  const exportStand = (id: string): FileResult<NamedText> | null => {
    const document = stands.documentOf(id);
    if (!document) return null;
    const { stand, minor } = document;
    const text = writeStandFile({ stand, minor, bag: bagForStand(document, ownBag()) });
    return text.ok ? { ok: true, value: { name: standFileName(stand), text: text.value } } : text;
  };

  const backup = async (): Promise<FileResult<WrittenBackup<NamedText>>> => {
    const madeAt = now();
    const { stands: kept, broken } = stands.state.getState();
    const records = broken.map((b) => b.record);
    const steps = writeBackupSteps({ madeAt, bag: ownBag(), stands: kept, broken: records });
    const written = await runSteps(steps, onProgress).finally(() => onProgress(null));
    if (!written.ok) return written;
    onBackup(Date.parse(madeAt));
    const { text, unreadable } = written.value;
    return { ok: true, value: { file: { name: backupFileName(madeAt), text }, unreadable, missing: 0 } };
  };

  return {
    importStand,
    importBag,
    receive,
    restore,
    exportStand,
    backup,
    receiveFile: (file) => takeIn(file, receive),
    restoreFile: (file) => takeIn(file, restore),
    async exportBundle(id) {
      const file = exportStand(id);
      const stand = stands.documentOf(id)?.stand;
      if (!file?.ok || !stand) return null;
      const bundle = await withPhotos('stand', file.value, [stand], pictures);
      return bundle?.file ?? null;
    },
    exportRaw(id) {
      const { stands: kept, broken } = stands.state.getState();
      const record = broken.find((b) => b.id === id)?.record ?? kept.find((s) => s.id === id);
      return record ? { name: 'stand.raw.json', text: `${JSON.stringify(record, null, 2)}\n` } : null;
    },
    async backupWithPhotos() {
      const all = stands.state.getState().stands.map((s) => s.document.stand);
      const plain = await backup();
      if (!plain.ok) return plain;
      const bundle = await withPhotos('backup', plain.value.file, all, pictures).catch(() => null);
      // a backup without pictures is better than none
      if (!bundle?.file.ok) return plain;
      return { ok: true, value: { ...plain.value, file: bundle.file.value, missing: bundle.missing } };
    },
    exportBag() {
      const text = writeBagFile(ownBag());
      return text.ok ? { ok: true, value: { name: 'bag.paleseam.json', text: text.value } } : text;
    },
    readGlass: (text) => readGlassCsv(text, ownBag(), newId),
    exportGlass: () => ({ name: 'glass.csv', text: writeGlassCsv(ownBag().filters) }),
  };
}
