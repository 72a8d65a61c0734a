import { readingMinutes } from './age';
import { MAX_EARLIER } from '../terms/limits';
import { type MeteredLight, type Reading, type Stand } from '../stand/stand';

export const addReading = (stand: Stand, reading: Reading): Stand => ({
  ...stand,
  readings: [...stand.readings, reading],
});

export const changeReading = (stand: Stand, id: string, change: Partial<Reading>): Stand => ({
  ...stand,
  readings: stand.readings.map((r) => (r.id === id ? { ...r, ...change } : r)),
});

/** The reading stands for its whole region again. */
export const withoutPlace = (stand: Stand, id: string): Stand => ({
  ...stand,
  readings: stand.readings.map((r) => {
    if (r.id !== id) return r;
    const { u, v, ...rest } = r;
    return rest;
  }),
});

export const removeReading = (stand: Stand, id: string): Stand => ({
  ...stand,
  readings: stand.readings.filter((r) => r.id !== id),
});

/** A meter's figure that is changed sooner than this was mistyped; after it, the spot was read again. */
const CORRECTED_WITHIN_MINUTES = 1;

/**
 * What the same spot shows now: the old light stays in the reading's history, unless it was only mistyped.
 *
 * @param instead what is taken where the reading is not there any more, so that what was read is not lost
 */
export function readAgain(stand: Stand, id: string, light: MeteredLight, instead?: Reading): Stand {
  if (instead && !stand.readings.some((r) => r.id === id)) return addReading(stand, instead);
  return {
    ...stand,
    readings: stand.readings.map((reading) => (reading.id === id ? readAnew(reading, light) : reading)),
  };
}

function readAnew(reading: Reading, light: MeteredLight): Reading {
  const { aperture, shutter, iso, ev100, takenAt, fromPicture, throughFilterIds, seat, ...spot } = reading;
  const before = { aperture, shutter, iso, ev100, takenAt, fromPicture, throughFilterIds, seat };
  const minutes = light.takenAt ? readingMinutes(reading, Date.parse(light.takenAt)) : null;
  // what was on the lens does not change with a figure that was mistyped
  if (minutes !== null && minutes < CORRECTED_WITHIN_MINUTES)
    return { ...spot, ...light, throughFilterIds, seat };
  const kept = Object.fromEntries(Object.entries(before).filter(([, value]) => value !== undefined));
  return { ...spot, ...light, earlier: [...(spot.earlier ?? []), kept].slice(-MAX_EARLIER) };
}

/** The reading without its history. */
export const forgetEarlier = (stand: Stand, id: string): Stand =>
  changeReading(stand, id, { earlier: undefined });
