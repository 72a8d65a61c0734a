import { type LightReading, readingsFor } from '@/core/field';
import { mean } from '@/core/numerics';
import { type SensorWindow } from '@/core/sensor';
import { type Look, type NoPlanReason, type Side } from './types';

/** The two sides of the seam as the readings tell them (solver: the target). */
export interface Sides<R extends LightReading = LightReading> {
  /** Null where the look asks for no reading. */
  readonly spanStops: number | null;
  readonly neededStops: number;
  readonly brighter: Side;
  readonly bright: readonly R[];
  readonly dark: readonly R[];
  /** Mean plain EV of the brighter side's readings. */
  readonly brightMeanEv: number;
  /** Mean of EV minus wanted tone of the darker side's readings. */
  readonly darkMeanEv: number;
}

export type SidesResult<R extends LightReading = LightReading> =
  | { readonly ok: true; readonly sides: Sides<R> }
  | { readonly ok: false; readonly reason: NoPlanReason; readonly spanStops: number | null };

/** EV at which a reading would lie at mid-grey as the photographer wants it. */
export const wantedEv = (reading: LightReading): number => reading.ev100 - (reading.wantedToneStops ?? 0);

/** A needed dimming under this is nothing (solver: the target). */
const NOTHING = 1e-6;

/** Readings of a side that count in means; water's stand for land's where there are none of land. */
export function sideReadings<R extends LightReading>(side: Side, readings: readonly R[]): readonly R[] {
  return readingsFor(
    side,
    readings.filter((r) => !r.limit),
  );
}

/** Span of the readings: mean of the sky minus mean of the land, wanted tones counted; null without one of the sides. */
export function spanOf(readings: readonly LightReading[]): number | null {
  const sky = sideReadings('sky', readings);
  const land = sideReadings('land', readings);
  return sky.length && land.length ? mean(sky.map(wantedEv)) - mean(land.map(wantedEv)) : null;
}

/** Brightest minus darkest of all readings, stops; null for none. */
export function reachOf(readings: readonly LightReading[]): number | null {
  if (!readings.length) return null;
  const evs = readings.map((r) => r.ev100);
  return Math.max(...evs) - Math.min(...evs);
}

/** Room left under the highlight room for a reading through the glass, stops (physics 5). */
export const CAP_MARGIN = 0.5;

/** Which side is the brighter, and how much of it the look wants taken away. */
export function sidesOf<R extends LightReading>(
  readings: readonly R[],
  look: Look,
  window: SensorWindow,
): SidesResult<R> {
  if (look.school === 'sun') return guessedSides(look);
  const sky = sideReadings('sky', readings);
  const land = sideReadings('land', readings);
  if (!sky.length) return { ok: false, reason: 'no-sky-reading', spanStops: null };
  if (!land.length) return { ok: false, reason: 'no-land-reading', spanStops: null };
  const spanStops = mean(sky.map(wantedEv)) - mean(land.map(wantedEv));
  const heavy = look.school === 'heavy';
  if (heavy && spanStops < 0) return { ok: false, reason: 'sky-already-darker', spanStops };
  const brighter: Side = spanStops >= 0 ? 'sky' : 'land';
  const [bright, dark] = brighter === 'sky' ? [sky, land] : [land, sky];
  const darkMeanEv = mean(dark.map(wantedEv));
  const most = heavy ? spanStops - look.gapStops : Math.abs(spanStops) - look.gapStops;
  const brightest = Math.max(...readings.map((r) => r.ev100));
  const beyondWindow = brightest - darkMeanEv - (window.highlightRoom - CAP_MARGIN) - window.printRoom;
  const need = Math.max(0, look.school === 'least' ? Math.min(most, beyondWindow) : most);
  return {
    ok: true,
    sides: {
      spanStops,
      neededStops: need < NOTHING ? 0 : need,
      brighter,
      bright,
      dark,
      brightMeanEv: mean(bright.map((r) => r.ev100)),
      darkMeanEv,
    },
  };
}

/** By the sun nothing is read: the sky is taken as the brighter by what the sun's direction usually makes it. */
function guessedSides<R extends LightReading>({ guessStops }: Look): SidesResult<R> {
  if (guessStops === undefined) return { ok: false, reason: 'no-sun-direction', spanStops: null };
  return {
    ok: true,
    sides: {
      spanStops: null,
      neededStops: guessStops,
      brighter: 'sky',
      bright: [],
      dark: [],
      brightMeanEv: NaN,
      darkMeanEv: NaN,
    },
  };
}
