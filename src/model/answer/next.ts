import { brightestPlace, type FramePoint, type Role, typicalPlace } from '@/core/field';
import { mean } from '@/core/numerics';
import { middleOfSide } from '../frame/sides';
import { isStale, lightMoves, readingMinutes } from '../readings/age';
import { type Derived } from './derive';
import { wayOf } from '../stand/way';
import { traitsOf } from '../terms/looks';
import { circleOn, photoReading, USUAL_ANGLE_DEG } from '../readings/photo-meter';
import { type Reading, type Stand, type StandShape, throughLight } from '../stand/stand';
import { type Study } from './study';

/** The reading that would help most now, and where it lies in the frame. */
export type NextReading =
  /** A side of which nothing is read. */
  | { readonly code: 'unread'; readonly role: Role; readonly place: FramePoint | null }
  /** The brightest that must keep detail, asked for once. */
  | { readonly code: 'to-hold'; readonly role: Role; readonly place: FramePoint | null }
  /** One that the light has left behind. */
  | { readonly code: 'stale'; readonly reading: Reading; readonly minutes: number }
  /** A feature whose light decides which glass is best. */
  | { readonly code: 'feature'; readonly shape: StandShape; readonly place: FramePoint }
  /** One that decides: if it is wrong, so is the glass. */
  | { readonly code: 'deciding'; readonly reading: Reading };

/** The reading to take next; null where none would change anything. */
export function nextReading(
  stand: Stand,
  { prepared }: Pick<Derived, 'prepared'>,
  study: Study | null,
  nowMs: number,
): NextReading | null {
  if (!traitsOf(stand).readsLight || wayOf(stand) !== 'meter' || throughLight(stand)) return null;
  const counted = new Set(stand.readings.filter((r) => !r.limit).map((r) => r.role));
  if (!counted.has('land') && !counted.has('water'))
    return { code: 'unread', role: 'land', place: placeIn(stand, prepared, 'land') };
  if (!counted.has('sky')) return { code: 'unread', role: 'sky', place: placeIn(stand, prepared, 'sky') };
  if (!stand.nothingToHold && !stand.readings.some((r) => r.limit))
    return { code: 'to-hold', role: 'sky', place: brightestIn(stand, prepared) };
  return oldest(stand, nowMs) ?? decidedBy(stand, study);
}

/** The oldest reading that has to be read again. */
function oldest(stand: Stand, nowMs: number): NextReading | null {
  if (!lightMoves(stand)) return null;
  const { readings } = stand;
  const aged = readings
    .map((reading) => ({ code: 'stale' as const, reading, minutes: readingMinutes(reading, nowMs) ?? 0 }))
    .filter((a) => isStale(a.minutes));
  return aged.length ? aged.reduce((a, b) => (b.minutes > a.minutes ? b : a)) : null;
}

/** What the study found to decide: a feature without a reading before a reading that is there. */
function decidedBy({ readings, shapes = [] }: Stand, study: Study | null): NextReading | null {
  const deciding = study?.safety.deciding ?? [];
  const missing = deciding.find((d) => d.kind === 'missing');
  const shape = missing && shapes.find((s) => s.id === missing.shape.id);
  if (shape)
    return {
      code: 'feature',
      shape,
      place: { u: mean(shape.points.map((p) => p.u)), v: mean(shape.points.map((p) => p.v)) },
    };
  const taken = deciding.find((d) => d.kind === 'taken');
  const reading = taken && readings.find((r) => r.id === taken.readingId);
  return reading ? { code: 'deciding', reading } : null;
}

type Light = NonNullable<Derived['prepared']>;

/** What the meter takes in: as wide as its readings say, else as spot meters usually are. */
const circleIn = (stand: Stand) => {
  const angleDeg = stand.readings.findLast((r) => r.spotAngleDeg)?.spotAngleDeg ?? USUAL_ANGLE_DEG;
  return (place: FramePoint) => circleOn(stand, place, angleDeg);
};

/** A place that stands for a side: by the picture's light where there is any, else the middle of it. */
function placeIn(stand: Stand, { input: { field } }: Light, role: 'sky' | 'land'): FramePoint | null {
  const typical = field.tie ? typicalPlace(field, role, circleIn(stand)) : null;
  if (typical) return typical;
  const middle = middleOfSide(stand, role);
  // from the middle of a side to the frame's edge is half its height
  const height = 2 * (role === 'sky' ? middle.v : 1 - middle.v);
  return height > 0.05 ? middle : null;
}

/** The brightest place of the sky, where a picture tells. */
const brightestIn = (stand: Stand, { input: { field } }: Light): FramePoint | null =>
  field.tie ? brightestPlace(field, 'sky', circleIn(stand)) : null;

/** How much brighter than the sky a spot must be to be held apart from it, stops. */
const WORTH_HOLDING = 0.5;

/**
 * Readings of a picture's middling sky and land, and of its brightest to be held, each as the usual spot meter would show
 * it; nothing where the picture's light is not known, or either side has no room for a spot.
 */
export function readingsFromPhoto(stand: Stand, light: Light): Omit<Reading, 'id'>[] {
  const { field } = light.input;
  if (!field.tie) return [];
  const readingAt = (role: Role, place: FramePoint | null) => {
    const spot = place && photoReading(stand, field, { role, place, angleDeg: USUAL_ANGLE_DEG });
    return spot?.isMeasured ? spot.reading : null;
  };
  const sky = readingAt('sky', placeIn(stand, light, 'sky'));
  const land = readingAt('land', placeIn(stand, light, 'land'));
  if (!sky || !land) return [];
  const brightest = readingAt('sky', brightestIn(stand, light));
  const isWorth = brightest && (brightest.ev100 ?? 0) > (sky.ev100 ?? 0) + WORTH_HOLDING;
  return [land, sky, ...(isWorth ? [{ ...brightest, limit: true }] : [])];
}
