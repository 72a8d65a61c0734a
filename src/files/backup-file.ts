import { type Backup, MAX_BACKUP_BYTES } from '@/model';
import { readDocument, writeDocument } from './document';
import { type FileResult } from './errors';
import { type BackupFile } from './schema';
import { withShapeIds } from './stand-file';

/** Reads a backup of everything; refused with the path of the first fault. */
export function readBackupFile(text: string): FileResult<Backup> {
  const read = readDocument(text, 'backup', MAX_BACKUP_BYTES);
  if (!read.ok) return read;
  const { madeAt, bag, stands } = read.value.file;
  return {
    ok: true,
    value: {
      madeAt,
      bag,
      stands: stands.map((entry) => ({
        updatedAt: entry.updatedAt,
        document: {
          stand: withShapeIds(entry.stand),
          bag: entry.bag ?? null,
          used: entry.used ?? [],
          minor: entry.minor ?? 0,
        },
      })),
    },
  };
}

/** Writes everything as a document that `readBackupFile` reads back the same. */
export function writeBackupFile({ madeAt, bag, stands }: Backup): string {
  const entries = stands.map(({ updatedAt, document: { stand, bag: own, used, minor } }) => ({
    updatedAt,
    minor,
    stand,
    ...(own ? { bag: own } : {}),
    ...(used.length ? { used } : {}),
  }));
  const minor = Math.max(0, ...stands.map((s) => s.document.minor));
  return writeDocument('backup', { madeAt, bag, stands: entries } as unknown as BackupFile, minor);
}

/** Name for a backup's file, by the day it was made. */
export const backupFileName = (madeAt: string): string =>
  `pale-seam-${madeAt.slice(0, 10)}.backup.paleseam.json`;
