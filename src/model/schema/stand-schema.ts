import * as z from 'zod';
import { ROLES } from '@/core/field';
import { SKY_STATES } from '@/core/sky';
import { shutterFromFileText } from '@/core/units';
import {
  LIMITS,
  MAX_CELLS,
  MAX_EARLIER,
  MAX_EXPOSURES,
  MAX_FILTERS,
  MAX_NOTES,
  MAX_PHOTO_SIDE,
  MAX_POINTS,
  MAX_READINGS,
  MAX_SEEN,
  MAX_SHAPES,
  MAX_TAKES,
  MAX_TIME_TEXT,
} from '../terms/limits';
import { BENCH_AIRS, BENCH_LANDSCAPES, EXERCISES, GRADES } from '../terms/bench';
import {
  ASSUMABLES,
  BRACKETS,
  ORIENTATIONS,
  PHOTO_TYPES,
  REDONE,
  TREATMENTS,
  TRIPOD_STEPS,
  WAYS,
  WINDS,
} from '../terms/stand';
import { quoted } from './faults';
import {
  archived,
  fault,
  type Findings,
  id,
  moment,
  number,
  type ObjectOf,
  sensor,
  size,
  text,
  uniqueIds,
  laterSchema,
} from './schema-parts';
import {
  choiceSchema,
  cropSchema,
  exposedWithSchema,
  fittedSchema,
  lookSchema,
  wantedTimeSchema,
} from './set-up-schema';
import { pupilsSchema } from './bag-schema';
import { seenSchema, takeSchema } from './shots-schema';

/** A mark ("1/30", "15") or seconds as text, or exact seconds as a number. */
const shutter = z.union([z.string().max(MAX_TIME_TEXT), number('seconds')]).superRefine((time, ctx) => {
  const read = typeof time === 'string' ? shutterFromFileText(time) : null;
  if (read && !read.ok)
    fault(
      ctx,
      read.reason === 'not-a-time' ? 'wrong-type' : 'out-of-range',
      [],
      read.reason === 'not-a-time'
        ? `${quoted(String(time))} is no shutter time`
        : `a shutter time lies between ${LIMITS.seconds[0]} and ${LIMITS.seconds[1]} s`,
    );
});

const pixels = z.number().int().min(1).max(MAX_PHOTO_SIDE);
const cells = z.number().int().min(1).max(MAX_CELLS);

const lightOrSettings = (
  r: { aperture?: unknown; shutter?: unknown; iso?: unknown; ev100?: unknown },
  ctx: Findings,
) => {
  const settings = ['aperture', 'shutter', 'iso'] as const;
  const given = settings.filter((key) => r[key] !== undefined);
  if (r.ev100 !== undefined && given.length)
    fault(ctx, 'not-allowed', [given[0] as string], 'give ev100 or camera settings, not both');
  if (r.ev100 === undefined)
    for (const key of settings)
      if (r[key] === undefined) {
        fault(ctx, 'missing', [key], 'a reading has ev100, or aperture, shutter and iso');
        break;
      }
};

/** What a meter showed, and through what. */
function meteredParts(object: ObjectOf) {
  return {
    aperture: number('aperture').optional(),
    shutter: shutter.optional(),
    iso: number('iso').optional(),
    ev100: number('ev100').optional(),
    takenAt: moment.optional(),
    /** Read from the stand's picture, and not from the place. */
    fromPicture: z.boolean().optional(),
    throughFilterIds: z.array(id).max(MAX_FILTERS).optional(),
    seat: object({ filterId: id, offsetMm: number('offsetMm'), turnDeg: number('turnDeg') }).optional(),
  };
}

/** What the camera read through all that was on. */
function throughSchema(object: ObjectOf) {
  const metered = meteredParts(object);
  return object({
    ...metered,
    /** What it read just before through other glass, the oldest first. */
    earlier: z.array(object(metered).superRefine(lightOrSettings)).max(MAX_EARLIER).optional(),
  }).superRefine(lightOrSettings);
}

/** A reading of a spot. */
function readingSchema(object: ObjectOf) {
  const metered = meteredParts(object);
  const light = object(metered).superRefine(lightOrSettings);
  return object({
    id,
    role: z.enum(ROLES),
    u: number('placed').optional(),
    v: number('placed').optional(),
    ...metered,
    spotAngleDeg: number('spotAngleDeg').optional(),
    wantedToneStops: number('toneStops').optional(),
    limit: z.boolean().optional(),
    /** What the same spot showed before it was read again, the oldest first. */
    earlier: z.array(light).max(MAX_EARLIER).optional(),
  }).superRefine((r, ctx) => {
    if ((r.u === undefined) !== (r.v === undefined))
      fault(ctx, 'missing', [r.u === undefined ? 'u' : 'v'], 'u and v come together or not at all');
    lightOrSettings(r, ctx);
  });
}

/** The picture that fills the frame. */
function pictureSchema(object: ObjectOf) {
  return object({
    /** SHA-256 of the stored copy, in hexadecimal digits. */
    sha256: z.string().regex(/^[0-9a-f]{64}$/),
    type: z.enum(PHOTO_TYPES),
    /** How the stored copy holds light: absent, as a screen shows it (sRGB); `stops`, each channel in sixteenths of a stop up to the figures' top. */
    coding: z.literal('stops').optional(),
    /** Size of the stored copy. */
    columns: pixels,
    rows: pixels,
    /** What the file was called. */
    name: text.optional(),
    light: object({
      columns: cells,
      rows: cells,
      topStops: number('lightStops'),
      cells: z
        .string()
        .max(2 * MAX_CELLS * MAX_CELLS)
        .regex(/^[0-9a-f]*$/),
    }).superRefine((light, ctx) => {
      if (light.cells.length !== 2 * light.columns * light.rows)
        fault(
          ctx,
          'out-of-range',
          ['cells'],
          `cells has two digits for each of ${light.columns * light.rows} cells`,
        );
    }),
    /** How it was exposed, by its own data. */
    exposure: object({ aperture: number('aperture'), shutter, iso: number('iso') }).optional(),
    takenAt: moment.optional(),
  });
}

/** The lens, and what is near it. */
function lensSchema(object: ObjectOf) {
  return object({
    name: text.optional(),
    focalLengthMm: number('focalLengthMm'),
    /** Entrance pupil to the slot of a single grad, mm; absent: estimated. */
    pupilToFilterMm: number('lengthMm').optional(),
    /** The same of a zoom, where it was measured: it wins. */
    pupils: pupilsSchema(object),
    /** The holder stands on a collar round a front that bulges, which moves the estimate. */
    bulgingFront: z.boolean().optional(),
    /** What the finder looks through, f-number. */
    widestAperture: number('aperture').optional(),
    /** The nearest thing in the frame, from the lens, m; absent: everything is taken as far. */
    nearestSubjectM: number('subjectM').optional(),
    /** The farthest thing that matters; absent: to infinity. */
    farthestSubjectM: number('subjectM').optional(),
    /** What the lens was focused on; absent: the hyperfocal distance. */
    focusedM: number('subjectM').optional(),
  });
}

/** How a bracket is to be made; absent parts are usual. */
function bracketSchema(object: ObjectOf) {
  return object({
    /** A row of the camera's own, or one frame for each side; absent: as few frames as hold everything. */
    by: z.enum(BRACKETS).optional(),
    /** Of a row. */
    frames: number('bracketFrames').int().optional(),
    stepStops: number('bracketStepStops').optional(),
    /** The time stays, ND and ISO change. */
    alike: z.literal(true).optional(),
  });
}

/** The light to come, as far as the photographer has said how it will be. */
function comingSchema(object: ObjectOf) {
  return object({
    sky: z.enum(SKY_STATES).optional(),
    /** Whether the sun reaches the land of the frame; absent: for as long as it is up. */
    landLit: z.boolean().optional(),
    /** When something nearer than the horizon takes the sun from the land. */
    litUntil: moment.optional(),
    /** The moment that the glass was chosen for, by the forecast. */
    fitFor: moment.optional(),
  });
}

/** An exposure that was made by the countdown. */
function exposureSchema(object: ObjectOf) {
  return object({
    openedAt: moment,
    plannedSeconds: number('openSeconds'),
    /** How long it was open: longer or shorter than planned. */
    seconds: number('openSeconds'),
  });
}

/** A stand of the bench: the simulated scene that is practised on. */
function benchSchema(object: ObjectOf) {
  return object({
    landscape: z.enum(BENCH_LANDSCAPES),
    seed: number('seed').int(),
    sunAltitudeDeg: number('altitudeDeg'),
    /** From the viewing direction, to the right positive. */
    sunBearingDeg: number('azimuthDeg'),
    air: z.enum(BENCH_AIRS),
    exercise: z.enum(EXERCISES).optional(),
    /** Glass that is on the simulated lens without being said. */
    leftOn: z.array(id).max(MAX_FILTERS).optional(),
    /** The advice was looked at before the shot was told of. */
    advised: z.literal(true).optional(),
    /** What was told of a shot: what each choice cost, stops, and how it was graded. */
    told: object({
      takeId: id,
      glassStops: number('costStops'),
      seatStops: number('costStops'),
      timeStops: number('costStops'),
      grade: z.enum(GRADES),
    }).optional(),
  });
}

/** What of a stand is on the lens, is wanted of its time, and was done there. */
const donePartsOf = (object: ObjectOf) => ({
  /** The holder that is on, of those of the bag; absent: by the lens. */
  holderId: id.optional(),
  /** What is on the lens beside the grads. */
  fitted: z.array(fittedSchema(object)).max(MAX_FILTERS).optional(),
  wantedTime: wantedTimeSchema(object).optional(),
  coming: comingSchema(object).optional(),
  /** How far the list at the tripod has been gone through. */
  tripodUpTo: z.enum(TRIPOD_STEPS).optional(),
  wind: z.enum(WINDS).optional(),
  /** How often a wave comes, as it was tapped along with. */
  waveSeconds: number('wantedSeconds').optional(),
  exposures: z.array(exposureSchema(object)).max(MAX_EXPOSURES).optional(),
  /** What has to be done again before the next shot: something has happened since the last. */
  doAgain: z.array(z.enum(REDONE)).max(REDONE.length).optional(),
  /** Shots, in the order in which they were made. */
  takes: z.array(takeSchema(object)).max(MAX_TAKES).superRefine(uniqueIds).optional(),
  /** What they showed. */
  seen: z.array(seenSchema(object)).max(MAX_SEEN).superRefine(uniqueIds).optional(),
  /** The glass and the seat that the photographer chose over the computed ones. */
  choice: choiceSchema(object).optional(),
  /** What the photographer has not set for this stand: taken over from the last one, or usual. */
  assumed: z.array(z.enum(ASSUMABLES)).max(ASSUMABLES.length).optional(),
  /** The simulated scene that stands in place of a real one. */
  bench: benchSchema(object).optional(),
  /** What a later version has told of it that is not known here. */
  later: laterSchema(object),
});

/** What a stand is. */
export function standSchema(object: ObjectOf) {
  const drawnPoint = object({ u: number('drawn'), v: number('drawn') });
  const line = z.array(drawnPoint).max(MAX_POINTS);
  const shape = object({
    id: id.optional(),
    name: text.optional(),
    region: z.enum([...ROLES, 'ignore']),
    treat: z.enum(TREATMENTS).optional(),
    points: line.min(3),
  });
  return object({
    id,
    name: text,
    /** When the stand was begun, with its offset. */
    createdAt: moment,
    /** The moment of its light where that is another: the picture's time, or a time that was typed. */
    lightAt: moment.optional(),
    notes: text.optional(),
    /** What is to be held back, where it is not a sky: lit leaves above a fall, a white cliff. */
    skyName: text.optional(),
    camera: object({ ...size, orientation: z.enum(ORIENTATIONS).optional(), ...sensor }),
    lens: lensSchema(object),
    exposure: exposedWithSchema(object),
    skyline: line.min(2),
    /** The picture that fills the frame; absent: a drawn ground. */
    picture: pictureSchema(object).optional(),
    /** What is printed of the frame: the largest of its proportions, `at` 0 left or top to 1 right or bottom; absent: all of it. */
    crop: cropSchema(object).optional(),
    /** Where the tripod stands. */
    place: object({ latitudeDeg: number('latitudeDeg'), longitudeDeg: number('longitudeDeg') }).optional(),
    /** What is to be kept out of the frame, a thing a line. */
    leaveOut: z.array(text).max(MAX_NOTES).optional(),
    shapes: z.array(shape).max(MAX_SHAPES).superRefine(uniqueIds).optional(),
    readings: z.array(readingSchema(object)).max(MAX_READINGS).superRefine(uniqueIds),
    /** How the photographer began here; absent: not said yet. */
    way: z.enum(WAYS).optional(),
    /** What the camera read through all that was on: it sets the time until a sky is read, and needs neither sky nor land. */
    through: throughSchema(object).optional(),
    /** What `through` was called before minor 8. */
    wholeScene: object(meteredParts(object)).superRefine(lightOrSettings).optional(),
    /** The photographer was asked for something to be held, and there is nothing. */
    nothingToHold: z.boolean().optional(),
    look: lookSchema(object),
    bracket: bracketSchema(object).optional(),
    ...donePartsOf(object),
    archived,
  });
}
