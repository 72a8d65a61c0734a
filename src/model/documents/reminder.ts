import { type KeptStand } from './document';

/** A backup is old when work has gone on for so long since, days. */
const OLD_AFTER_DAYS = 14;
/** It is reminded of once in so many days at most. */
const REMIND_EVERY_DAYS = 7;
const DAY_MS = 86_400_000;

export interface BackupHistory {
  /** When the last backup was made, ms since the epoch; absent: never. */
  readonly lastBackupMs?: number | undefined;
  readonly lastReminderMs?: number | undefined;
}

/** Whether it is time to remind of a backup: there is work older than the last one covers, and no reminder of late. */
export function isBackupDue(
  { lastBackupMs, lastReminderMs }: BackupHistory,
  stands: readonly KeptStand[],
  nowMs: number,
): boolean {
  if (lastReminderMs !== undefined && nowMs - lastReminderMs < REMIND_EVERY_DAYS * DAY_MS) return false;
  const since = stands
    .filter((s) => Date.parse(s.updatedAt) > (lastBackupMs ?? -Infinity))
    .map((s) => lastBackupMs ?? Date.parse(s.document.stand.createdAt));
  const oldest = since.reduce((a, b) => Math.min(a, b), Infinity);
  return nowMs - oldest > OLD_AFTER_DAYS * DAY_MS;
}
