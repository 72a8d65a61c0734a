import * as z from 'zod';
import { ROLES } from '@/core/field';
import { shutterFromFileText } from '@/core/units';
import {
  LIMITS,
  MAX_CELLS,
  MAX_EARLIER,
  MAX_FILTERS,
  MAX_NOTES,
  MAX_PHOTO_SIDE,
  MAX_POINTS,
  MAX_READINGS,
  MAX_SHAPES,
  MAX_TIME_TEXT,
} from '../stand/limits';
import { LOOKS, SCHOOLS } from '../stand/looks';
import { ASSUMABLES, ORIENTATIONS, PHOTO_TYPES, SUN_SIDES, TREATMENTS } from '../stand/terms';
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
} from './schema-parts';

/** What a stand is. */
export function standSchema(object: ObjectOf) {
  const drawnPoint = object({ u: number('drawn'), v: number('drawn') });
  const pixels = z.number().int().min(1).max(MAX_PHOTO_SIDE);
  const cells = z.number().int().min(1).max(MAX_CELLS);
  const line = z.array(drawnPoint).max(MAX_POINTS);

  const camera = object({ ...size, orientation: z.enum(ORIENTATIONS).optional(), ...sensor });

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
  const metered = {
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
  const light = object(metered).superRefine(lightOrSettings);
  const reading = object({
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

  const look = object({
    school: z.enum(SCHOOLS),
    gapStops: z.number().optional(),
    follow: number('follow').optional(),
    landPlacementStops: number('toneStops').optional(),
    sunAzimuthDeg: number('azimuthDeg').optional(),
    viewAzimuthDeg: number('azimuthDeg').optional(),
    sunAltitudeDeg: number('altitudeDeg').optional(),
    sun: z.enum(SUN_SIDES).optional(),
  }).superRefine((l, ctx) => {
    if (l.gapStops === undefined) return;
    const gap = LOOKS[l.school].gap;
    if (!gap) fault(ctx, 'not-allowed', ['gapStops'], `the look "${l.school}" has no gap`);
    else if (l.gapStops < gap.range[0] || l.gapStops > gap.range[1])
      fault(
        ctx,
        'out-of-range',
        ['gapStops'],
        `the gap of "${l.school}" lies between ${gap.range[0]} and ${gap.range[1]} stops`,
      );
  });

  const picture = object({
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
    camera,
    lens: object({
      name: text.optional(),
      focalLengthMm: number('focalLengthMm'),
      /** Entrance pupil to the slot of a single grad, mm; absent: estimated. */
      pupilToFilterMm: number('lengthMm').optional(),
      /** The holder stands on a collar round a front that bulges, which moves the estimate. */
      bulgingFront: z.boolean().optional(),
      /** What the finder looks through, f-number. */
      widestAperture: number('aperture').optional(),
      /** The nearest thing in the frame, from the lens, m; absent: everything is taken as far. */
      nearestSubjectM: number('subjectM').optional(),
    }),
    exposure: object({ aperture: number('aperture'), iso: number('iso') }),
    skyline: line.min(2),
    /** The picture that fills the frame; absent: a drawn ground. */
    picture: picture.optional(),
    /** What is printed of the frame: the largest of its proportions, `at` 0 left or top to 1 right or bottom; absent: all of it. */
    crop: object({
      width: number('ratio'),
      height: number('ratio'),
      at: number('placed').optional(),
    }).optional(),
    /** Where the tripod stands. */
    place: object({ latitudeDeg: number('latitudeDeg'), longitudeDeg: number('longitudeDeg') }).optional(),
    /** What is to be kept out of the frame, a thing a line. */
    leaveOut: z.array(text).max(MAX_NOTES).optional(),
    shapes: z
      .array(
        object({
          id: id.optional(),
          name: text.optional(),
          region: z.enum([...ROLES, 'ignore']),
          treat: z.enum(TREATMENTS).optional(),
          points: line.min(3),
        }),
      )
      .max(MAX_SHAPES)
      .superRefine(uniqueIds)
      .optional(),
    readings: z.array(reading).max(MAX_READINGS).superRefine(uniqueIds),
    /** One time for everything, without sky or land, for those who only want times through glass; it serves until a sky is read. */
    wholeScene: light.optional(),
    /** The photographer was asked for something to be held, and there is nothing. */
    nothingToHold: z.boolean().optional(),
    look,
    /** What is on the lens beside the grads. */
    fitted: z
      .array(
        object({
          filterId: id,
          slot: number('slots').int().optional(),
          /** A polariser's transmission axis: 0 upright, positive clockwise from behind the camera. */
          axisDeg: number('turnDeg').optional(),
        }),
      )
      .max(MAX_FILTERS)
      .optional(),
    /** The glass and the seat that the photographer chose over the computed ones. */
    choice: object({
      filterIds: z.array(id).max(2),
      offsetMm: number('offsetMm'),
      turnDeg: number('turnDeg'),
    }).optional(),
    /** What the photographer has not set for this stand: taken over from the last one, or usual. */
    assumed: z.array(z.enum(ASSUMABLES)).max(ASSUMABLES.length).optional(),
    archived,
  });
}
