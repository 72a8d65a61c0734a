import { type MeteredLight, type Reading, type Stand, throughLight } from '../stand/stand';

/** Light has moved on when readings are older than this, minutes. */
const STALE_AFTER_MINUTES = 10;
/** Readings older than this are a record of another day, and not to be read again, minutes. */
export const RECORD_AFTER_MINUTES = 12 * 60;

/** Whether a reading of an age has to be read again. */
export const isStale = (minutes: number | null): boolean =>
  minutes !== null && minutes > STALE_AFTER_MINUTES && minutes < RECORD_AFTER_MINUTES;

/** Age of a reading in minutes at a time in ms since the epoch; null where it does not say when it was taken. */
export function readingMinutes(reading: MeteredLight, now: number): number | null {
  return reading.takenAt === undefined ? null : Math.max(0, (now - Date.parse(reading.takenAt)) / 60_000);
}

/** Whether the light of a stand moves on: that of a simulated scene stays as it is. */
export const lightMoves = ({ bench }: Pick<Stand, 'bench'>): boolean => !bench;

/** Age of the oldest reading that says when it was taken, minutes; null where light does not move on. */
export function oldestReadingMinutes(stand: Stand, now: number): number | null {
  if (!lightMoves(stand)) return null;
  const through = throughLight(stand);
  const lights = stand.readings.length || !through ? stand.readings : [through];
  const ages = lights.flatMap((r) => readingMinutes(r, now) ?? []);
  return ages.length ? Math.max(...ages) : null;
}

/** The reading to be read again: a chosen one, else the one that was read longest ago. */
export function readingToRepeat({ readings }: Stand, chosenId: string | null): Reading | undefined {
  const takenAt = (r: Reading) => (r.takenAt === undefined ? -Infinity : Date.parse(r.takenAt));
  return readings.find((r) => r.id === chosenId) ?? readings.toSorted((a, b) => takenAt(a) - takenAt(b))[0];
}
