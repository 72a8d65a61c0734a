import { createStore } from 'zustand/vanilla';
import { type Place } from '@/core/sky';

/** What this device is asked to remember beside the work itself. */
export interface Preferences {
  /** Where the photographer is, for the sun. */
  readonly place: Place | null;
  /** That the browser was asked to keep the storage for good. */
  readonly askedToPersist: boolean;
  /** That it was said what a page over plain HTTP lacks. */
  readonly toldInsecure: boolean;
}

const KEY = 'pale-seam-preferences';
const NOTHING: Preferences = { place: null, askedToPersist: false, toldInsecure: false };

function kept(): Preferences {
  try {
    const read = JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Preferences>;
    const { latitudeDeg: north, longitudeDeg: east } = read.place ?? {};
    const isPlace = Number.isFinite(north) && Number.isFinite(east);
    return {
      place: isPlace ? { latitudeDeg: north as number, longitudeDeg: east as number } : null,
      askedToPersist: read.askedToPersist === true,
      toldInsecure: read.toldInsecure === true,
    };
  } catch {
    return NOTHING;
  }
}

/** The device's preferences; where nothing can be kept they hold for this visit. */
export const preferences = createStore<Preferences>()(kept);

export function prefer(change: Partial<Preferences>): void {
  preferences.setState(change);
  try {
    localStorage.setItem(KEY, JSON.stringify(preferences.getState()));
  } catch {
    // private mode
  }
}
