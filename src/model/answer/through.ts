import { meanDimming, type SheetSet } from '@/core/balance';
import { type NdSet, secondsForEv, secondsThrough } from '@/core/exposure';
import { isDensity } from '@/core/glass';
import { type Seat } from '@/core/optics';
import { type Bag } from '../bag/bag';
import { fittedFilters } from '../bag/on-lens';
import { meteredEv } from '../stand/metered';
import { plainStops, setOf, totalStops } from '../resolve/glass';
import { type Prepared } from './prepare';
import { settingsOf } from '../resolve/lens';
import { MAX_EARLIER } from '../terms/limits';
import { type MeteredLight, type Stand, throughLight } from '../stand/stand';

/** Sheets on the lens, where they sit. */
interface SheetsOn {
  readonly filterIds: readonly string[];
  readonly set: SheetSet;
  readonly seat: Seat | null;
}

/** The exposure that the camera read through all that was on its lens, carried to what is on it now. */
export interface ThroughTime {
  readonly light: MeteredLight;
  /** Mean EV at ISO 100 over the frame, without any glass. */
  readonly ev100: number;
  /** At the stand's aperture and ISO, without any glass, s. */
  readonly bareSeconds: number;
  /** With all that is on the lens but its NDs, s: what each ND's time is reckoned from. */
  readonly baseSeconds: number;
  /** With all that is on the lens now, s. */
  readonly seconds: number;
  /** What the glass on the lens takes more than what was on it then, stops; 0 while it is the same. */
  readonly changedStops: number;
}

/**
 * A stand with what the camera read through all that is on, or without. What it read before through other glass stays in its
 * history: together they tell what that glass took.
 */
export function withThrough(stand: Stand, light: MeteredLight | undefined): Stand {
  const { through, wholeScene: _, ...rest } = stand;
  if (!light) return rest;
  const { earlier = [], ...before } = through ?? {};
  const isOther = through && String(before.throughFilterIds ?? []) !== String(light.throughFilterIds ?? []);
  const history = isOther ? [...earlier, before].slice(-MAX_EARLIER) : earlier;
  return { ...rest, through: { ...light, ...(history.length ? { earlier: history } : {}) } };
}

/** All that is on the lens, as what was read through: ND, polariser, and the sheets at their seat. */
export function allThatIsOn(
  stand: Stand,
  glass: SheetsOn | null,
): Pick<MeteredLight, 'throughFilterIds' | 'seat'> {
  const sheets = glass?.filterIds ?? [];
  const ids = [...(stand.fitted ?? []).map((f) => f.filterId), ...sheets];
  const [first] = sheets;
  return {
    ...(ids.length ? { throughFilterIds: ids } : {}),
    ...(glass?.seat && first !== undefined ? { seat: { filterId: first, ...glass.seat } } : {}),
  };
}

/** The camera's reading while it sets the time: a sky that is read for itself puts it aside. */
const servingThrough = (stand: Stand): MeteredLight | undefined =>
  stand.readings.some((r) => r.role === 'sky' && !r.limit) ? undefined : throughLight(stand);

/** What the sheets that were read through took over the frame, stops; those whose seat was not kept sit where the others do. */
function gradsThen(light: MeteredLight, bag: Bag, prepared: Prepared): number {
  const set = setOf(bag, light.throughFilterIds ?? []);
  return set.length ? meanDimming(prepared, set, light.seat ?? prepared.seatAlong(set)) : 0;
}

/**
 * What the camera's own reading asks for now: as it read it while the glass stays, longer by what has been put on since and
 * shorter by what has been taken off, a grad by its mean dimming over the frame. Null where it was not read, or serves no more.
 */
export function throughTimeOf(
  stand: Stand,
  bag: Bag,
  prepared: Prepared,
  glass: SheetsOn | null,
): ThroughTime | null {
  const light = servingThrough(stand);
  if (!light) return null;
  const then = plainStops(bag, light.throughFilterIds ?? []) + gradsThen(light, bag, prepared);
  const fitted = fittedFilters(stand, bag);
  const ndStops = totalStops(fitted.filter(isDensity));
  const grads = glass ? meanDimming(prepared, glass.set, glass.seat) : 0;
  const now = totalStops(fitted) + grads;
  const read = secondsForEv(meteredEv(light), settingsOf(stand));
  return {
    light,
    ev100: meteredEv(light) + then,
    bareSeconds: secondsThrough(read, -then),
    baseSeconds: secondsThrough(read, now - ndStops - then),
    seconds: secondsThrough(read, now - then),
    changedStops: now - then,
  };
}

/** A time behind an ND of the bag, or behind two. */
export interface TimeBehind {
  readonly filterIds: readonly string[];
  readonly stops: number;
  readonly seconds: number;
}

/** Times behind sets of NDs, the shortest first. */
export const timesThrough = (baseSeconds: number, sets: readonly NdSet[]): TimeBehind[] =>
  sets
    .map(({ ids, stops }) => ({ filterIds: ids, stops, seconds: secondsThrough(baseSeconds, stops) }))
    .sort((a, b) => a.stops - b.stops);
