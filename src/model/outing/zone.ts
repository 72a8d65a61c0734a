import { DateTime, IANAZone } from 'luxon';

/** Hours of a place: what a clock on the wall shows there, through every change of clocks. */

/** Whether a zone has rules here; one that has not is told in universal time. */
export const isZone = (zone: string): boolean => IANAZone.isValidZone(zone);

const known = (zone: string): string => (isZone(zone) ? zone : 'utc');

/** The first moment of a day, and the first that is no longer of it, ms since the epoch: 23, 24 or 25 hours apart. */
export function dayBounds(day: string, zone: string): { readonly fromMs: number; readonly toMs: number } {
  const from = DateTime.fromISO(day, { zone: known(zone) }).startOf('day');
  return { fromMs: from.toMillis(), toMs: from.plus({ days: 1 }).startOf('day').toMillis() };
}

/**
 * The moment at which the clock of a zone shows an hour of a day, ms since the epoch. An hour that the change of clocks leaves
 * out is as much later as the clocks go on; of one that comes twice it is the first.
 *
 * @param hour HH:mm
 */
export const momentAt = (day: string, hour: string, zone: string): number =>
  DateTime.fromISO(`${day}T${hour}`, { zone: known(zone) }).toMillis();

/** What the clock of a zone shows: HH:mm. */
export const hourOf = (atMs: number, zone: string): string =>
  DateTime.fromMillis(atMs, { zone: known(zone) }).toFormat('HH:mm');

/** The day that it is in a zone: YYYY-MM-DD. */
export const dayOf = (atMs: number, zone: string): string =>
  DateTime.fromMillis(atMs, { zone: known(zone) }).toISODate() ?? '';

/** Whole hours of the clock within a day, with the moment of each: what a strip is marked with. */
export function clockHours(
  day: string,
  zone: string,
  every: number,
): readonly { readonly atMs: number; readonly hour: string }[] {
  const { fromMs, toMs } = dayBounds(day, zone);
  const found: { atMs: number; hour: string }[] = [];
  for (let h = 0; h <= 24; h += every) {
    const atMs = h === 24 ? toMs : momentAt(day, `${String(h).padStart(2, '0')}:00`, zone);
    if (atMs >= fromMs && atMs <= toMs) found.push({ atMs, hour: h === 24 ? '24:00' : hourOf(atMs, zone) });
  }
  return found;
}

/** Whether a change of clocks makes an hour of a day come twice, or never; null on every other night. */
export function hourDoubt(day: string, hour: string, zone: string): 'twice' | 'never' | null {
  const at = DateTime.fromISO(`${day}T${hour}`, { zone: known(zone) });
  if (at.toFormat('HH:mm') !== hour) return 'never';
  return at.getPossibleOffsets().length > 1 ? 'twice' : null;
}
