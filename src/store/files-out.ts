import {
  backupFileName,
  type FileResult,
  type OpenedStand,
  outingFileName,
  standFileName,
  writeBackupSteps,
  writeBagFile,
  writeOutingFile,
  writeStandFile,
} from '@/files';
import { bagForStand } from '@/model';
import { type KeptBag } from './bag';
import { type KeptPlans } from './plans';
import { withPhotos } from './files';
import { type PhotoShelf } from './pictures';
import { runSteps } from './run-steps';
import { type Stands } from './stands';
import { type Files, type NamedText, type PreferenceRoom, type WrittenBackup } from './workspace-types';

export interface FilesOutOptions {
  readonly stands: Stands;
  readonly bag: KeptBag;
  readonly plans: KeptPlans;
  readonly pictures: PhotoShelf;
  readonly now: () => string;
  readonly preferences?: PreferenceRoom | undefined;
  /** Told how far the writing of a backup is; null when it is done. */
  readonly onProgress: (part: number | null) => void;
  /** Told that a backup was made. */
  readonly onBackup: (atMs: number) => void;
}

type FilesOut = Pick<
  Files,
  | 'exportStand'
  | 'carryStand'
  | 'exportBundle'
  | 'exportRaw'
  | 'backup'
  | 'backupWithPhotos'
  | 'exportBag'
  | 'exportGlass'
  | 'exportOuting'
>;

/** What goes out to files. */
export function createFilesOut(options: FilesOutOptions): FilesOut {
  const { stands, bag, plans, pictures, now, onProgress, onBackup, preferences } = options;
  const ownBag = () => bag.document.state.getState().value;
  const ownPlans = () => plans.document.state.getState().value;

  /** A stand with the bag that it is solved with. */
  const openedOf = (id: string): OpenedStand | null => {
    const document = stands.documentOf(id);
    if (!document) return null;
    const { stand, minor } = document;
    return { stand, minor, bag: bagForStand(document, ownBag()) };
  };

  const exportStand = (id: string): FileResult<NamedText> | null => {
    const opened = openedOf(id);
    if (!opened) return null;
    const text = writeStandFile(opened);
    return text.ok ? { ok: true, value: { name: standFileName(opened.stand), text: text.value } } : text;
  };

  const backup = async (): Promise<FileResult<WrittenBackup<NamedText>>> => {
    const madeAt = now();
    const { stands: kept, broken } = stands.state.getState();
    const records = broken.map((b) => b.record);
    const steps = writeBackupSteps({
      madeAt,
      bag: ownBag(),
      plans: ownPlans(),
      preferences: preferences?.own() ?? null,
      stands: kept,
      broken: records,
    });
    const written = await runSteps(steps, onProgress).finally(() => onProgress(null));
    if (!written.ok) return written;
    onBackup(Date.parse(madeAt));
    const { text, unreadable } = written.value;
    return { ok: true, value: { file: { name: backupFileName(madeAt), text }, unreadable, missing: 0 } };
  };

  return {
    exportStand,
    carryStand: async (id) => {
      const opened = openedOf(id);
      // seldom asked for: what packs comes when it is
      const { carriedText } = await import('@/files/carry');
      return opened && carriedText(opened);
    },
    backup,
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
    exportOuting(id) {
      const { outings, places } = ownPlans();
      const outing = outings.find((o) => o.id === id);
      if (!outing) return null;
      const place = places.find((p) => p.id === outing.placeId);
      const text = writeOutingFile({ outing, place });
      return text.ok ? { ok: true, value: { name: outingFileName(outing), text: text.value } } : text;
    },
    exportGlass: async () => {
      const { writeGlassCsv } = await import('@/files/glass-csv');
      return { name: 'glass.csv', text: writeGlassCsv(ownBag().filters) };
    },
  };
}
