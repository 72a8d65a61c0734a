import { z } from 'zod';
import { ROLES } from '@/core/field';
import { shutterFromFileText } from '@/core/units';
import {
  GAPS,
  LIMITS,
  MAX_CELLS,
  MAX_EARLIER,
  MAX_FILTERS,
  MAX_GEAR,
  MAX_MINOR,
  MAX_NOTES,
  MAX_PICTURE_SIDE,
  MAX_POINTS,
  MAX_READINGS,
  MAX_RINGS,
  MAX_SAMPLES,
  MAX_SHAPES,
  MAX_STANDS,
  MAX_TEXT,
  MAX_TIME_TEXT,
  type Quantity,
} from '../limits';
import {
  ASSUMABLES,
  GLASS_BODIES,
  ORIENTATIONS,
  PICTURE_TYPES,
  SCHOOLS,
  SUN_SIDES,
  TREATMENTS,
} from '../terms';
import { type FaultCode, quoted } from './faults';
import { glassReferences } from './references';

/**
 * What the kept things are: the one definition of a stand, a bag and a backup, of their types (`kept-types.ts` infers
 * them), of what a file may hold and of what an edit may make.
 */

z.config({ jitless: true });

/** A finding of our own, with the code that the error will carry. */
function fault(
  ctx: {
    addIssue: (issue: { code: 'custom'; path: PropertyKey[]; message: string; params: object }) => void;
  },
  code: FaultCode,
  path: PropertyKey[],
  message: string,
) {
  ctx.addIssue({ code: 'custom', path, message, params: { code } });
}

const number = (quantity: Quantity) => z.number().min(LIMITS[quantity][0]).max(LIMITS[quantity][1]);
/** Half a character (a lone surrogate) can be written into no file. */
const wellFormed = (written: string, ctx: Parameters<typeof fault>[0]) => {
  if (!written.isWellFormed()) fault(ctx, 'not-allowed', [], 'half a character stands in it');
};
const text = z.string().max(MAX_TEXT).superRefine(wellFormed);
const id = z.string().min(1).max(MAX_TEXT).superRefine(wellFormed);
const moment = z.iso.datetime({ offset: true });

/** Ids must be unique in their list. */
function uniqueIds(items: readonly { id?: string | undefined }[], ctx: Parameters<typeof fault>[0]) {
  const seen = new Set<string>();
  items.forEach(({ id: own }, i) => {
    if (own === undefined) return;
    if (seen.has(own))
      fault(ctx, 'duplicate-id', [i, 'id'], `the id ${quoted(own)} stands twice in this list`);
    seen.add(own);
  });
}

/**
 * The schemas of format version 1. Strict about keys, but for files of a later minor version, whose unknown keys are kept
 * and written back.
 */
function schemasFor(keys: Keys) {
  const object = <T extends z.core.$ZodLooseShape>(shape: T) =>
    (keys === 'strict' ? z.strictObject(shape) : z.looseObject(shape)) as z.ZodObject<T, z.core.$strip>;
  const drawnPoint = object({ u: number('drawn'), v: number('drawn') });
  const pixels = z.number().int().min(1).max(MAX_PICTURE_SIDE);
  const cells = z.number().int().min(1).max(MAX_CELLS);
  const line = z.array(drawnPoint).max(MAX_POINTS);

  /** Put away: kept, but out of the lists that are worked with. */
  const archived = z.boolean().optional();
  const size = {
    name: text.optional(),
    /** Sensor size in landscape orientation, mm. */
    sensorWidthMm: number('lengthMm'),
    sensorHeightMm: number('lengthMm'),
  };
  const sensor = {
    highlightRoomStops: number('stops').optional(),
    shadowRoomStops: number('stops').optional(),
    printRoomStops: number('stops').optional(),
    lowestIso: number('iso').optional(),
    baseIso: number('iso').optional(),
    pixelPitchUm: number('lengthMm').optional(),
    fullWellElectrons: number('electrons').positive().optional(),
    readNoiseElectrons: number('electrons').optional(),
    /** Part of the frame's mean light that the lens spreads over all of it, 0 to 0.1; usually 0.005 to 0.02. */
    veilingGlarePart: number('glarePart').optional(),
  };
  const camera = object({ ...size, orientation: z.enum(ORIENTATIONS).optional(), ...sensor });

  /** A mark ("1/60", "30") or seconds as text, or exact seconds as a number. */
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
    ctx: Parameters<typeof fault>[0],
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
    const gap = GAPS[l.school];
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
    type: z.enum(PICTURE_TYPES),
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
  const stand = object({
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

  const named = { id, name: text.optional(), archived };
  const dimensions = {
    sheetLengthMm: number('lengthMm').optional(),
    sheetWidthMm: number('lengthMm').optional(),
    /** Where the seam lies, from the dark end; absent: at mid-sheet. */
    seamFromDarkEndMm: number('lengthMm').optional(),
  };
  const body = z.enum(GLASS_BODIES).optional();
  const seated = { ...named, ...dimensions, body, stops: number('stops'), transitionMm: number('lengthMm') };
  const filter = z
    .discriminatedUnion('kind', [
      object({ ...seated, kind: z.literal('graduated') }),
      object({
        ...seated,
        kind: z.literal('reverse'),
        fadeMm: number('lengthMm'),
        floorStops: number('stops'),
      }),
      object({ ...seated, kind: z.literal('band'), bandWidthMm: number('lengthMm') }),
      object({
        ...named,
        ...dimensions,
        body,
        kind: z.literal('measured'),
        samples: z
          .array(object({ mm: number('sampleMm'), stops: number('stops') }))
          .min(2)
          .max(MAX_SAMPLES),
      }),
      object({ ...named, ...dimensions, body, kind: z.literal('neutral'), stops: number('stops') }),
      object({ ...named, ...dimensions, kind: z.literal('polariser'), baseLossStops: number('stops') }),
    ])
    .superRefine((f, ctx) => {
      if (f.kind === 'reverse' && f.floorStops > f.stops)
        fault(ctx, 'out-of-range', ['floorStops'], `floorStops lies between 0 and stops (${f.stops})`);
      if (f.kind === 'measured')
        f.samples.forEach(({ mm }, i) => {
          if (i && mm <= (f.samples[i - 1]?.mm ?? -Infinity))
            fault(ctx, 'out-of-range', ['samples', i, 'mm'], 'samples stand in ascending order of mm');
        });
      if (f.seamFromDarkEndMm !== undefined && f.seamFromDarkEndMm > (f.sheetLengthMm ?? Infinity))
        fault(
          ctx,
          'out-of-range',
          ['seamFromDarkEndMm'],
          'the seam lies on the sheet: at most sheetLengthMm',
        );
    });
  /** Ends of the focal range are the same for a fixed focal length. */
  const lens = object({
    ...named,
    shortestMm: number('focalLengthMm'),
    longestMm: number('focalLengthMm'),
    widestAperture: number('aperture').optional(),
    pupilToFilterMm: number('lengthMm').optional(),
    bulgingFront: z.boolean().optional(),
  }).superRefine((l, ctx) => {
    if (l.longestMm < l.shortestMm)
      fault(ctx, 'out-of-range', ['longestMm'], `longestMm is at least shortestMm (${l.shortestMm})`);
  });
  const ownCamera = object({ id, archived, ...size, ...sensor });
  const bag = object({
    slots: number('slots').int().optional(),
    holder: object({
      sheetWidthMm: number('lengthMm').optional(),
      /** Length of the rail above the lens axis, mm; absent: half the sheet's width. */
      railAboveAxisMm: number('lengthMm').optional(),
      /** Clear width between the two edges of a slot, mm. */
      slotOpeningMm: number('lengthMm').optional(),
      /** How far each lies from the slot of a single grad, mm; positive towards the lens. */
      rings: z
        .array(object({ name: text, diameterMm: number('lengthMm'), behindSlotMm: number('offsetMm') }))
        .max(MAX_RINGS)
        .optional(),
    }).optional(),
    filters: z.array(filter).max(MAX_FILTERS).superRefine(uniqueIds),
    lenses: z.array(lens).max(MAX_GEAR).superRefine(uniqueIds).optional(),
    cameras: z.array(ownCamera).max(MAX_GEAR).superRefine(uniqueIds).optional(),
    /** Ids of the filters that are along today; absent: all of them. */
    pouch: z.array(id).max(MAX_FILTERS).optional(),
  });

  interface Brought {
    readonly stand: z.infer<typeof stand>;
    readonly bag?: z.infer<typeof bag> | undefined;
    readonly used?: readonly { readonly id: string }[] | undefined;
  }
  /** What a stand refers to must be in the bag that it brings, or among its copies; a seat of glass that it does not look through says nothing. */
  const bringsItsGlass = ({ stand: at, bag: own, used = [] }: Brought, ctx: Parameters<typeof fault>[0]) => {
    if (!own) return;
    const known = new Set([...own.filters, ...used].map((f) => f.id));
    for (const { id: filterId, path } of glassReferences(at))
      if (!known.has(filterId) && !path.includes('seat'))
        fault(ctx, 'unknown-filter', ['stand', ...path], `the bag has no filter ${quoted(filterId)}`);
  };
  const minor = z.number().int().min(0).max(MAX_MINOR).optional();
  const envelope = { format: z.literal('pale-seam'), version: z.literal(1), minor };
  const standFile = object({
    ...envelope,
    kind: z.literal('stand'),
    stand,
    bag: bag.optional(),
  }).superRefine(bringsItsGlass);
  const bagFile = object({ ...envelope, kind: z.literal('bag'), bag });
  /** A stand of a backup, with all that it keeps. */
  const entry = object({
    updatedAt: moment,
    minor,
    stand,
    bag: bag.optional(),
    used: z.array(filter).max(MAX_FILTERS).superRefine(uniqueIds).optional(),
  }).superRefine(bringsItsGlass);
  /** What of a backup is looked at before its things, each of which stands or falls by itself. */
  const backupFile = object({
    ...envelope,
    kind: z.literal('backup'),
    madeAt: moment,
    bag: z.record(z.string(), z.unknown()),
    stands: z.array(z.unknown()).max(MAX_STANDS),
  });
  return { stand, filter, lens, camera: ownCamera, bag, standFile, bagFile, entry, backupFile };
}

/** Keys that the format does not have, refused or kept. */
export type Keys = 'strict' | 'kept';
export type Schemas = ReturnType<typeof schemasFor>;

const made = new Map<Keys, Schemas>();

/** The schemas, made when they are first asked for. */
export function schemas(keys: Keys): Schemas {
  const known = made.get(keys) ?? schemasFor(keys);
  made.set(keys, known);
  return known;
}
