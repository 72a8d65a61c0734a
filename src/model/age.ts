import { type Reading, type Stand } from './stand';

/** Age of a reading in minutes at a time in ms since the epoch; null where it does not say when it was taken. */
export function readingMinutes(reading: Reading, now: number): number | null {
  return reading.takenAt === undefined ? null : Math.max(0, (now - Date.parse(reading.takenAt)) / 60_000);
}

/** Age of the oldest reading that says when it was taken, minutes. */
export function oldestReadingMinutes(stand: Stand, now: number): number | null {
  const ages = stand.readings.flatMap((r) => readingMinutes(r, now) ?? []);
  return ages.length ? Math.max(...ages) : null;
}
