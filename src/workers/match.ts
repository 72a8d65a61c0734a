import { type FileMatches, type LedgerEntry, matchFiles, type ShotFile } from '@/model/ledger';
import { type Stand } from '@/model';

/** Files that look for their shots. */
export interface FilesToMatch {
  readonly files: readonly ShotFile[];
  readonly entries: readonly LedgerEntry[];
  readonly stands: readonly Stand[];
  /** How far the camera's clock is ahead, ms; absent: found. */
  readonly aheadMs?: number | undefined;
}

/** Finds the shots of files; what comes back are copies, which their names and ids tell. */
export async function* matched({
  files,
  entries,
  stands,
  aheadMs,
}: FilesToMatch): AsyncGenerator<number, FileMatches> {
  yield 0;
  return matchFiles(files, { entries, stands }, aheadMs);
}
