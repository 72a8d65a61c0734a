import { z } from 'zod';
import { ROLES } from '@/core/field';
import { shutterFromFileText } from '@/core/units';
import {
  ASSUMABLES,
  GAPS,
  MAX_CELLS,
  MAX_EARLIER,
  MAX_NOTES,
  MAX_PICTURE_SIDE,
  PICTURE_TYPES,
  MAX_GEAR,
  LIMITS,
  MAX_FILTERS,
  MAX_POINTS,
  MAX_READINGS,
  MAX_RINGS,
  MAX_SAMPLES,
  MAX_SHAPES,
  MAX_STANDS,
  MAX_TEXT,
  type Quantity,
  SCHOOLS,
  SUN_SIDES,
} from '@/model';
import { type FileErrorCode } from './errors';

z.config({ jitless: true });

/** A finding of our own, with the code that the error will carry. */
function fault(
  ctx: {
    addIssue: (issue: { code: 'custom'; path: PropertyKey[]; message: string; params: object }) => void;
  },
  code: FileErrorCode,
  path: PropertyKey[],
  message: string,
) {
  ctx.addIssue({ code: 'custom', path, message, params: { code } });
}

const number = (quantity: Quantity) => z.number().min(LIMITS[quantity][0]).max(LIMITS[quantity][1]);
const text = z.string().max(MAX_TEXT);
const id = z.string().min(1).max(MAX_TEXT);
const moment = z.iso.datetime({ offset: true });

/** Ids must be unique in their list. */
function uniqueIds(items: readonly { id?: string | undefined }[], ctx: Parameters<typeof fault>[0]) {
  const seen = new Set<string>();
  items.forEach(({ id: own }, i) => {
    if (own === undefined) return;
    if (seen.has(own)) fault(ctx, 'duplicate-id', [i, 'id'], `the id "${own}" stands twice in this list`);
    seen.add(own);
  });
}

/**
 * The schemas of format version 1. Strict about keys, but for files of a later minor version, whose unknown keys are kept
 * and written back.
 */
export function schemasFor(keys: 'strict' | 'kept') {
  const object = <T extends z.core.$ZodLooseShape>(shape: T) =>
    (keys === 'strict' ? z.strictObject(shape) : z.looseObject(shape)) as z.ZodObject<T, z.core.$strip>;
  const drawnPoint = object({ u: number('drawn'), v: number('drawn') });
  const pixels = z.number().int().min(1).max(MAX_PICTURE_SIDE);
  const cells = z.number().int().min(1).max(MAX_CELLS);
  const line = z.array(drawnPoint).max(MAX_POINTS);

  const archived = z.boolean().optional();
  const size = {
    name: text.optional(),
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
    veilingGlarePart: number('glarePart').optional(),
  };
  const camera = object({ ...size, orientation: z.enum(['landscape', 'portrait']).optional(), ...sensor });

  const shutter = z.union([z.string().max(MAX_TEXT), number('seconds')]).superRefine((time, ctx) => {
    const read = typeof time === 'string' ? shutterFromFileText(time) : null;
    if (read && !read.ok)
      fault(
        ctx,
        read.reason === 'not-a-time' ? 'wrong-type' : 'out-of-range',
        [],
        read.reason === 'not-a-time'
          ? `"${String(time).slice(0, 40)}" is no shutter time`
          : `a shutter time lies between ${LIMITS.seconds[0]} and ${LIMITS.seconds[1]} s`,
      );
  });
  const metered = {
    aperture: number('aperture').optional(),
    shutter: shutter.optional(),
    iso: number('iso').optional(),
    ev100: number('ev100').optional(),
    takenAt: moment.optional(),
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
    sha256: z.string().regex(/^[0-9a-f]{64}$/),
    type: z.enum(PICTURE_TYPES),
    coding: z.literal('stops').optional(),
    columns: pixels,
    rows: pixels,
    name: text.optional(),
    light: object({
      columns: cells,
      rows: cells,
      topStops: number('lightStops'),
      cells: z.string().regex(/^([0-9a-f]{2})*$/),
    }).superRefine((light, ctx) => {
      if (light.cells.length !== 2 * light.columns * light.rows)
        fault(
          ctx,
          'out-of-range',
          ['cells'],
          `cells has two digits for each of ${light.columns * light.rows} cells`,
        );
    }),
    exposure: object({ aperture: number('aperture'), shutter, iso: number('iso') }).optional(),
    takenAt: moment.optional(),
  });
  const stand = object({
    id,
    name: text,
    createdAt: moment,
    notes: text.optional(),
    skyName: text.optional(),
    camera,
    lens: object({
      name: text.optional(),
      focalLengthMm: number('focalLengthMm'),
      pupilToFilterMm: number('lengthMm').optional(),
      bulgingFront: z.boolean().optional(),
      widestAperture: number('aperture').optional(),
      nearestSubjectM: number('subjectM').optional(),
    }),
    exposure: object({ aperture: number('aperture'), iso: number('iso') }),
    skyline: line.min(2),
    picture: picture.optional(),
    crop: object({
      width: number('ratio'),
      height: number('ratio'),
      at: number('placed').optional(),
    }).optional(),
    place: object({ latitudeDeg: number('latitudeDeg'), longitudeDeg: number('longitudeDeg') }).optional(),
    leaveOut: z.array(text).max(MAX_NOTES).optional(),
    shapes: z
      .array(
        object({
          id: id.optional(),
          name: text.optional(),
          region: z.enum([...ROLES, 'ignore']),
          treat: z.enum(['protect', 'tame', 'silhouette']).optional(),
          points: line.min(3),
        }),
      )
      .max(MAX_SHAPES)
      .superRefine(uniqueIds)
      .optional(),
    readings: z.array(reading).max(MAX_READINGS).superRefine(uniqueIds),
    wholeScene: light.optional(),
    nothingToHold: z.boolean().optional(),
    look,
    fitted: z
      .array(
        object({
          filterId: id,
          slot: number('slots').int().optional(),
          axisDeg: number('turnDeg').optional(),
        }),
      )
      .max(MAX_FILTERS)
      .optional(),
    choice: object({
      filterIds: z.array(id).max(2),
      offsetMm: number('offsetMm'),
      turnDeg: number('turnDeg'),
    }).optional(),
    assumed: z.array(z.enum(ASSUMABLES)).max(ASSUMABLES.length).optional(),
    archived,
  });

  const named = { id, name: text.optional(), archived };
  const dimensions = {
    sheetLengthMm: number('lengthMm').optional(),
    sheetWidthMm: number('lengthMm').optional(),
    seamFromDarkEndMm: number('lengthMm').optional(),
  };
  const body = z.enum(['dyed', 'coated']).optional();
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
  const bag = object({
    slots: number('slots').int().optional(),
    holder: object({
      sheetWidthMm: number('lengthMm').optional(),
      railAboveAxisMm: number('lengthMm').optional(),
      slotOpeningMm: number('lengthMm').optional(),
      rings: z
        .array(object({ name: text, diameterMm: number('lengthMm'), behindSlotMm: number('offsetMm') }))
        .max(MAX_RINGS)
        .optional(),
    }).optional(),
    filters: z.array(filter).max(MAX_FILTERS).superRefine(uniqueIds),
    lenses: z.array(lens).max(MAX_GEAR).superRefine(uniqueIds).optional(),
    cameras: z
      .array(object({ id, archived, ...size, ...sensor }))
      .max(MAX_GEAR)
      .superRefine(uniqueIds)
      .optional(),
    pouch: z.array(id).max(MAX_FILTERS).optional(),
  });

  const envelope = {
    format: z.literal('pale-seam'),
    version: z.literal(1),
    minor: z.number().int().min(0).optional(),
  };
  /** What a stand refers to must be in the bag that it brings. */
  const bringsItsGlass = (
    { stand: at, bag: own }: { stand: z.infer<typeof stand>; bag?: z.infer<typeof bag> | undefined },
    ctx: Parameters<typeof fault>[0],
  ) => {
    if (!own) return;
    const known = new Set(own.filters.map((f) => f.id));
    const check = (filterId: string, path: PropertyKey[]) => {
      if (!known.has(filterId))
        fault(ctx, 'unknown-filter', ['stand', ...path], `the bag has no filter "${filterId.slice(0, 40)}"`);
    };
    at.choice?.filterIds.forEach((f, i) => check(f, ['choice', 'filterIds', i]));
    at.fitted?.forEach((f, i) => check(f.filterId, ['fitted', i, 'filterId']));
    at.readings.forEach((r, i) => {
      r.throughFilterIds?.forEach((f, k) => check(f, ['readings', i, 'throughFilterIds', k]));
      r.earlier?.forEach((e, j) =>
        e.throughFilterIds?.forEach((f, k) => check(f, ['readings', i, 'earlier', j, 'throughFilterIds', k])),
      );
    });
    at.wholeScene?.throughFilterIds?.forEach((f, k) => check(f, ['wholeScene', 'throughFilterIds', k]));
  };
  const standFile = object({
    ...envelope,
    kind: z.literal('stand'),
    stand,
    bag: bag.optional(),
  }).superRefine(bringsItsGlass);
  const bagFile = object({ ...envelope, kind: z.literal('bag'), bag });
  const backupFile = object({
    ...envelope,
    kind: z.literal('backup'),
    madeAt: moment,
    bag,
    stands: z
      .array(
        object({
          updatedAt: moment,
          minor: z.number().int().min(0).optional(),
          stand,
          bag: bag.optional(),
          used: z.array(filter).max(MAX_FILTERS).superRefine(uniqueIds).optional(),
        }).superRefine(bringsItsGlass),
      )
      .max(MAX_STANDS)
      .superRefine((entries, ctx) => {
        const seen = new Set<string>();
        entries.forEach(({ stand: { id: own } }, i) => {
          if (seen.has(own))
            fault(ctx, 'duplicate-id', [i, 'stand', 'id'], `the id "${own}" stands twice in this list`);
          seen.add(own);
        });
      }),
  });
  return { standFile, bagFile, backupFile };
}

type Schemas = ReturnType<typeof schemasFor>;

/** Parsed files; that they fit the model's types is checked where they are opened. */
export type StandFile = z.infer<Schemas['standFile']>;
export type BagFile = z.infer<Schemas['bagFile']>;
export type BackupFile = z.infer<Schemas['backupFile']>;
