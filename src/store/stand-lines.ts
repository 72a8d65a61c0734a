import { type KeptStand, sameDocument } from '@/model';
import { type StandRecord, type WorkspaceStorage } from '@/persist';
import { createKeptLine, type KeptLine } from './kept-line';
import { type PhotoShelf } from './pictures';
import { type Saving } from './saving';
import { type Channel } from './tabs';

export interface StandLinesOptions {
  readonly storage: () => WorkspaceStorage;
  readonly pictures: Pick<PhotoShelf, 'ensureStored'>;
  readonly channel: Channel;
  readonly saving: Saving;
  readonly show: (id: string, record: StandRecord | undefined) => void;
  readonly keepBoth: (ours: KeptStand | null, theirs: StandRecord | undefined) => void;
  readonly isInGesture: (id: string) => boolean;
}

/** The lines by which stands are written, one each, made when it is first asked for. */
export interface StandLines {
  readonly of: (id: string) => KeptLine<KeptStand | null>;
  readonly known: (id: string) => KeptLine<KeptStand | null> | undefined;
  readonly all: () => readonly KeptLine<KeptStand | null>[];
  readonly clear: () => void;
}

export function createStandLines(options: StandLinesOptions): StandLines {
  const { storage, pictures, channel, saving, show, keepBoth, isInGesture } = options;
  const lines = new Map<string, KeptLine<KeptStand | null>>();

  const write = async (id: string, kept: KeptStand | null, revision: number) => {
    if (!kept) return storage().removeStand(id, { revision });
    const result = await storage().putStand(kept.document, { revision, now: kept.updatedAt });
    // a stand is not saved before its picture is; what keeps that from being stored is told by the pictures
    const sha256 = kept.document.stand.picture?.sha256;
    if (sha256) await pictures.ensureStored(sha256).catch(() => {});
    return result;
  };

  return {
    of(id) {
      const known = lines.get(id);
      if (known) return known;
      const line = createKeptLine<KeptStand | null, StandRecord>({
        read: () => storage().stand(id),
        write: (kept, revision) => write(id, kept, revision),
        isSame: (record, kept) =>
          record && kept ? sameDocument(record.document, kept.document) : !record && !kept,
        show: (record) => show(id, record),
        keepBoth,
        isInGesture: () => isInGesture(id),
        report: saving.report(`stand ${id}`),
        onWritten: () => channel.post({ standId: id }),
      });
      lines.set(id, line);
      return line;
    },
    known: (id) => lines.get(id),
    all: () => [...lines.values()],
    clear: () => lines.clear(),
  };
}
