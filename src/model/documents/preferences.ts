import { type z } from 'zod';
import { type Kept } from '../stand/stand';
import { sameContent } from '../records/alike';
import { MAX_FORGOTTEN } from '../terms/limits';
import { type Schemas } from '../schema/schema';

/** How the photographer works, wherever; what its fields mean stands in the schema. */
export type Preferences = Kept<z.infer<Schemas['preferences']>>;

export const NO_PREFERENCES: Preferences = {
  place: null,
  usualLook: null,
  seatBy: 'line',
  strengthsAs: 'printed',
  timerSeconds: 2,
  volume: 0.5,
  vibrates: true,
  speaksMinutes: false,
  ndGoes: 'last',
  paper: 'A5',
  fourToPage: true,
  heeded: { placementStops: null, placementSince: null, gapStops: null, liked: {}, forgotten: [] },
};

/** Ours where we have said something, else theirs. */
function joinKeys<T extends object>(ours: T, theirs: T, unsaid: T): T {
  const keys = Object.keys(unsaid) as (keyof T)[];
  return Object.fromEntries(
    keys.map((key) => [key, sameContent(ours[key], unsaid[key]) ? theirs[key] : ours[key]]),
  ) as T;
}

/** Preferences with those of a backup: what is said here holds, what is not is as it was there. The same where that brings nothing. */
export function joinPreferences(ours: Preferences, theirs: Preferences): Preferences {
  const own = ours.heeded;
  const other = theirs.heeded;
  const isPlaced = own.placementStops !== null;
  const heeded = {
    ...joinKeys(own, other, NO_PREFERENCES.heeded),
    // since when goes with what
    placementSince: isPlaced ? own.placementSince : other.placementSince,
    liked: { ...other.liked, ...own.liked },
    forgotten: [...new Set([...own.forgotten, ...other.forgotten])].slice(-MAX_FORGOTTEN),
  };
  const joined = { ...joinKeys(ours, theirs, NO_PREFERENCES), heeded };
  return sameContent(joined, ours) ? ours : joined;
}
