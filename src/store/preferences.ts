import { createStore } from 'zustand/vanilla';
import { type Place } from '@/core/sky';
import { type Notation, NOTATIONS, PAPER_NAMES, type PaperName } from '@/core/units';
import { type Blur, BLURS, type Heeded, isWithin } from '@/model';

/** What this device is asked to remember beside the work itself. */
export interface Preferences {
  /** Where the photographer is, for the sun. */
  readonly place: Place | null;
  /** That the browser was asked to keep the storage for good. */
  readonly askedToPersist: boolean;
  /** That it was said what a page over plain HTTP lacks. */
  readonly toldInsecure: boolean;
  /** The look of a new stand; null while it was not asked for yet. */
  readonly usualLook: 'even' | 'natural' | null;
  /** How a seat is told first. */
  readonly seatBy: 'line' | 'mm';
  /** How the strengths of glass are told at a stand: as printed, or all in one notation. */
  readonly strengthsAs: 'printed' | Notation;
  /** The camera's own timer, s: the countdown waits as long. */
  readonly timerSeconds: number;
  /** How loud the countdown is, 0 (silent) to 1. */
  readonly volume: number;
  readonly vibrates: boolean;
  /** The minutes that are left are spoken. */
  readonly speaksMinutes: boolean;
  /** How a dense ND goes on: last, sealed to the lens, or it was in and is lifted out and put back for composing. */
  readonly ndGoes: 'last' | 'lifted';
  /** What a card is printed on. */
  readonly paper: PaperName;
  /** Four cards stand on a sheet of paper that holds them. */
  readonly fourToPage: boolean;
  /** What was learnt and taken, and what was forgotten. */
  readonly heeded: Heeded;
}

const KEY = 'pale-seam-preferences';
const NOTHING: Preferences = {
  place: null,
  askedToPersist: false,
  toldInsecure: false,
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

/** A number from 0 to a highest one; null for anything else. */
const within = (value: unknown, highest: number): number | null =>
  typeof value === 'number' && value >= 0 && value <= highest ? value : null;

function kept(): Preferences {
  try {
    const read = JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Preferences>;
    const { latitudeDeg: north, longitudeDeg: east } = read.place ?? {};
    const isPlace = Number.isFinite(north) && Number.isFinite(east);
    return {
      place: isPlace ? { latitudeDeg: north as number, longitudeDeg: east as number } : null,
      askedToPersist: read.askedToPersist === true,
      toldInsecure: read.toldInsecure === true,
      usualLook: read.usualLook === 'even' || read.usualLook === 'natural' ? read.usualLook : null,
      seatBy: read.seatBy === 'mm' ? 'mm' : 'line',
      strengthsAs: NOTATIONS.find((n) => n === read.strengthsAs) ?? 'printed',
      timerSeconds: within(read.timerSeconds, 60) ?? NOTHING.timerSeconds,
      volume: within(read.volume, 1) ?? NOTHING.volume,
      vibrates: read.vibrates !== false,
      speaksMinutes: read.speaksMinutes === true,
      ndGoes: read.ndGoes === 'lifted' ? 'lifted' : 'last',
      paper: PAPER_NAMES.find((name) => name === read.paper) ?? NOTHING.paper,
      fourToPage: read.fourToPage !== false,
      heeded: heededOf(read.heeded),
    };
  } catch {
    return NOTHING;
  }
}

/** What was learnt, as far as it can be read. */
function heededOf(read: unknown): Heeded {
  const { placementStops, placementSince, gapStops, liked, forgotten } = (read ?? {}) as Partial<Heeded>;
  const stops = (value: unknown) =>
    typeof value === 'number' && isWithin('toneStops', value) ? value : null;
  const times = BLURS.flatMap((blur): [Blur, number][] => {
    const seconds: unknown = liked?.[blur];
    return typeof seconds === 'number' && isWithin('wantedSeconds', seconds) ? [[blur, seconds]] : [];
  });
  return {
    placementStops: stops(placementStops),
    placementSince:
      typeof placementSince === 'string' && Number.isFinite(Date.parse(placementSince))
        ? placementSince
        : null,
    gapStops: stops(gapStops),
    liked: Object.fromEntries(times),
    forgotten: Array.isArray(forgotten) ? forgotten.filter((id) => typeof id === 'string').slice(-200) : [],
  };
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
