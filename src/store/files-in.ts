import {
  documentKind,
  type FileResult,
  readBackupSteps,
  readBagFile,
  readOutingFile,
  readStandFile,
  type RefusedThing,
} from '@/files';
import {
  type Bringing,
  bringsNothingNew,
  broughtStand,
  MAX_BACKUP_BYTES,
  mergeBag,
  mergePlans,
  mergeStands,
  type Named,
  type NewId,
  withCopies,
} from '@/model';
import { type KeptBag } from './bag';
import { type KeptPlans } from './plans';
import { openFile } from './files';
import { type PhotoShelf } from './pictures';
import { runSteps } from './run-steps';
import { type Stands } from './stands';
import { type Files, type PreferenceRoom, type RestoreReport } from './workspace-types';

export interface FilesInOptions {
  readonly stands: Stands;
  readonly bag: KeptBag;
  readonly plans: KeptPlans;
  readonly pictures: PhotoShelf;
  readonly newId: NewId;
  readonly now: () => string;
  readonly nameOf: (item: Named) => string;
  readonly preferences?: PreferenceRoom | undefined;
  /** Told how far the reading of a backup is; null when it is done. */
  readonly onProgress: (part: number | null) => void;
}

type FilesIn = Pick<
  Files,
  | 'importStand'
  | 'importBag'
  | 'importOuting'
  | 'receive'
  | 'restore'
  | 'receiveFile'
  | 'restoreFile'
  | 'readGlass'
>;

/** An outing that comes by itself goes by the ids that it brings. */
const NONE: ReadonlyMap<string, string> = new Map();
const NO_IDS = { stands: NONE, glass: NONE, lenses: NONE, cameras: NONE, holders: NONE };

/** What comes in from files. */
export function createFilesIn(options: FilesInOptions): FilesIn {
  const { stands, bag, plans, pictures, newId, now, nameOf, onProgress, preferences } = options;
  const bringing: Bringing = { nameOf, from: 'from the file', newId };
  const ownBag = () => bag.document.state.getState().value;
  const ownPlans = () => plans.document.state.getState().value;

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

  const importOuting: Files['importOuting'] = (text) => {
    const read = readOutingFile(text);
    if (!read.ok) return read;
    const { outing, place } = read.value;
    const brought = { outings: [outing], places: place ? [place] : [] };
    const { plans: merged, report } = mergePlans(ownPlans(), brought, NO_IDS, bringing);
    plans.document.edit(() => merged);
    return { ok: true, value: report };
  };

  const restore = async (text: string): Promise<FileResult<RestoreReport>> => {
    const read = await runSteps(readBackupSteps(text), onProgress).finally(() => onProgress(null));
    if (!read.ok) return read;
    const { bag: theirs, stands: entries, plans: planned, preferences: worked, refused } = read.value;
    const merged = mergeBag(ownBag(), theirs, bringing);
    const brought = entries.map((kept) => ({
      ...kept,
      document: broughtStand(kept.document, theirs, merged.ids),
    }));
    const { added, report, ids } = mergeStands(stands.state.getState().stands, brought, bringing);
    bag.document.edit(() => merged.bag);
    stands.add(added);
    const plan = mergePlans(ownPlans(), planned, { ...merged.ids, stands: ids }, bringing);
    plans.document.edit(() => plan.plans);
    const isPreferred = worked ? (preferences?.take(worked) ?? false) : false;
    const reports = {
      bag: merged.report,
      stands: report,
      plans: plan.report,
      preferences: isPreferred,
    };
    return { ok: true, value: { ...reports, refused } };
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
      case 'outing': {
        const read = importOuting(text);
        return read.ok ? { ok: true, value: { kind: 'outing', report: read.value, refused: [] } } : read;
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

  return {
    importStand,
    importBag,
    importOuting,
    receive,
    restore,
    receiveFile: (file) => takeIn(file, receive),
    restoreFile: (file) => takeIn(file, restore),
    // seldom asked for: what understands tables comes when it is
    readGlass: async (text) => (await import('@/files/glass-csv')).readGlassCsv(text, ownBag(), newId),
  };
}
