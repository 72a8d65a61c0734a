import { ev100 } from '@/core/exposure';
import { type Role, skylineAt, strayPart, strayStops } from '@/core/field';
import { mean } from '@/core/numerics';
import {
  APERTURE_MARKS,
  exactAperture,
  exactIso,
  type ExactSeconds,
  nearestShutterMark,
  nominalOf,
} from '@/core/units';
import { circleOn } from './photo-meter';
import { frameOf } from '../resolve/lens';
import { meteredEv, readingSeconds } from '../stand/metered';
import { type EnteredReading, type Reading, type Stand } from '../stand/stand';

/** Why a reading is asked about; it is never refused for it. */
export type Doubt =
  /** Brighter than anything but the sun itself, or darker than any night. */
  | { readonly code: 'brighter-than-day' | 'darker-than-night'; readonly ev100: number }
  /** Aperture and shutter make sense the other way round. */
  | { readonly code: 'swapped'; readonly aperture: number; readonly shutter: string; readonly ev100: number }
  /** Darker than the land, which a sky seldom is. */
  | { readonly code: 'sky-below-land'; readonly stops: number }
  /** A time beside a mark: either the mark was meant, or the exact time. */
  | { readonly code: 'beside-mark'; readonly mark: string; readonly stops: number }
  /** The meter's circle took in so much of the other side of the skyline, and reads so many stops off for it. */
  | { readonly code: 'circle-crosses'; readonly part: number; readonly stops: number | null }
  /** Sky and land were read so far apart in time that the light may have moved. */
  | { readonly code: 'apart-in-time'; readonly minutes: number };

/** Luminous things of a landscape by day and by night, EV at ISO 100: sunlit snow and the darkest starlight. */
const BRIGHTEST_DAY = 17;
const DARKEST_NIGHT = -7;
/** Stops by which a sky must lie under the land to be asked about. */
const BELOW = 0.3;
/** Off a mark by more than rounding, and by less than a third of a stop. */
const BESIDE = [0.004, 0.13] as const;

/** What is to be asked about a reading, as it stands with the others. */
export function doubtsOf(reading: EnteredReading, { readings }: Pick<Stand, 'readings'>): Doubt[] {
  const ev = meteredEv(reading);
  const others = readings.filter((r) => r.id !== reading.id);
  const swapped = swappedDoubt(reading, ev);
  const doubts: (Doubt | null)[] = [
    swapped,
    !swapped && !reading.limit && ev > BRIGHTEST_DAY ? { code: 'brighter-than-day', ev100: ev } : null,
    !swapped && ev < DARKEST_NIGHT ? { code: 'darker-than-night', ev100: ev } : null,
    skyDoubt(reading, ev, others),
    besideMark(reading),
  ];
  return doubts.filter((d) => d !== null);
}

/** An aperture that no lens has beside a time that would be one: they were typed the wrong way round. */
function swappedDoubt({ aperture, shutter, iso }: EnteredReading, ev: number): Doubt | null {
  if (aperture === undefined || shutter === undefined || iso === undefined) return null;
  const seconds = readingSeconds(shutter);
  const asAperture = 1 / seconds;
  const mark = APERTURE_MARKS.find((m) => Math.abs(nominalOf(m.name) / asAperture - 1) < 0.06);
  if (!mark || aperture < 36 || nominalOf(mark.name) > 32) return null;
  const turned = nearestShutterMark(1 / aperture);
  if (!turned) return null;
  const swapped = ev100({
    aperture: exactAperture(nominalOf(mark.name)),
    iso: exactIso(iso),
    seconds: turned.mark.exact as ExactSeconds,
  });
  return Math.abs(swapped - ev) < 0.5
    ? null
    : { code: 'swapped', aperture: nominalOf(mark.name), shutter: turned.mark.name, ev100: swapped };
}

function skyDoubt({ role, limit }: EnteredReading, ev: number, others: readonly Reading[]): Doubt | null {
  const side = (of: Role) => others.filter((r) => r.role === of && !r.limit).map(meteredEv);
  if (limit || (role !== 'sky' && role !== 'land')) return null;
  const own = side(role);
  const other = side(role === 'sky' ? 'land' : 'sky');
  if (!other.length) return null;
  const [sky, land] = role === 'sky' ? [mean([...own, ev]), mean(other)] : [mean(other), mean([...own, ev])];
  return land - sky > BELOW ? { code: 'sky-below-land', stops: land - sky } : null;
}

function besideMark({ shutter }: EnteredReading): Doubt | null {
  if (typeof shutter !== 'number') return null;
  const near = nearestShutterMark(shutter);
  const off = near && Math.abs(near.errorStops);
  return near && off !== null && off > BESIDE[0] && off < BESIDE[1]
    ? { code: 'beside-mark', mark: near.mark.name, stops: near.errorStops }
    : null;
}

/** A circle with less of the other side than this is as good as clear of it. */
const STRAY_PART = 0.02;

/** Whether a reading's circle crosses the skyline, and what that costs; null where it does not, or its angle is not known. */
export function strayDoubt(reading: Reading, stand: Stand): Doubt | null {
  const { readings, skyline } = stand;
  const { u, v, spotAngleDeg, role } = reading;
  if (u === undefined || v === undefined || spotAngleDeg === undefined) return null;
  const frame = frameOf(stand.camera);
  const circle = circleOn(stand, { u, v }, spotAngleDeg);
  const part = strayPart(circle, skylineAt(skyline), frame.widthMm / frame.heightMm);
  if (part < STRAY_PART) return null;
  const other = readings.filter((r) => !r.limit && (r.role === 'sky') !== (role === 'sky')).map(meteredEv);
  const stops = other.length ? strayStops(meteredEv(reading), mean(other), part) : null;
  return { code: 'circle-crosses', part, stops };
}

/** Minutes between readings of sky and land from which on the light has moved, near sunrise and sunset. */
const APART_MINUTES = 3;

/** Whether sky and land were read too far apart in time; null where they were not, or do not say when. */
export function apartInTime({ readings }: Pick<Stand, 'readings'>): Doubt | null {
  const latest = (role: Role) => {
    const times = readings.flatMap((r) => (r.role === role && r.takenAt ? [Date.parse(r.takenAt)] : []));
    return times.length ? Math.max(...times) : null;
  };
  const [sky, land] = [latest('sky'), latest('land')];
  if (sky === null || land === null) return null;
  const minutes = Math.abs(sky - land) / 60_000;
  return minutes >= APART_MINUTES ? { code: 'apart-in-time', minutes } : null;
}
