import { createStore } from 'zustand/vanilla';
import { joinPreferences, NO_PREFERENCES, type Preferences as OwnPreferences } from '@/model';
import { schemas } from '@/model/schema/schema';

/** What this device is asked to remember beside the work itself. */
export interface Preferences extends OwnPreferences {
  /** That the browser was asked to keep the storage for good. */
  readonly askedToPersist: boolean;
  /** That it was said what a page over plain HTTP lacks. */
  readonly toldInsecure: boolean;
}

const KEY = 'pale-seam-preferences';
/** What is true of this device alone. */
const OF_DEVICE = { askedToPersist: false, toldInsecure: false };

/** What is kept here, key by key: one that is not as it should be is as if nothing had been said. */
function kept(): Preferences {
  try {
    const read = JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Record<string, unknown>> | null;
    const { shape } = schemas('strict').preferences;
    const said = Object.entries(shape).flatMap(([key, schema]) => {
      const parsed = schema.safeParse(read?.[key]);
      return parsed.success ? [[key, parsed.data] as const] : [];
    });
    return {
      ...NO_PREFERENCES,
      ...(Object.fromEntries(said) as Partial<OwnPreferences>),
      askedToPersist: read?.askedToPersist === true,
      toldInsecure: read?.toldInsecure === true,
    };
  } catch {
    return { ...NO_PREFERENCES, ...OF_DEVICE };
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

/** How the photographer works, as a backup has it: without what is true of this device alone. */
export function ownPreferences(): OwnPreferences {
  const { askedToPersist: _, toldInsecure: __, ...own } = preferences.getState();
  return own;
}

/** Takes over what a backup says of how one works, where nothing was said here; whether that changed anything. */
export function takePreferences(theirs: OwnPreferences): boolean {
  const own = ownPreferences();
  const joined = joinPreferences(own, theirs);
  if (joined !== own) prefer(joined);
  return joined !== own;
}
