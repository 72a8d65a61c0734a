import * as z from 'zod';
import { type Fields, type FieldType, GLASS_KINDS, type Kind, kindNamed } from '@/core/glass';
import { MAX_FILTERS, MAX_GEAR, MAX_PUPILS, MAX_RINGS, MAX_SAMPLES } from '../terms/limits';
import { GLASS_BODIES, SEATS_OF_GLASS } from '../terms/stand';
import {
  archived,
  fault,
  id,
  laterSchema,
  number,
  type ObjectOf,
  sensor,
  size,
  text,
  uniqueIds,
} from './schema-parts';

const SAMPLES = (object: ObjectOf) =>
  z
    .array(object({ mm: number('sampleMm'), stops: number('stops') }))
    .min(2)
    .max(MAX_SAMPLES);

type ValueSchema<T extends FieldType> = T extends 'samples' ? ReturnType<typeof SAMPLES> : z.ZodNumber;
type ValueSchemas<F extends Fields> = { [K in keyof F]: ValueSchema<F[K]['type']> };

/** The schemas of the values that glass of a kind has. */
function valuesOf<F extends Fields>(fields: F, object: ObjectOf): ValueSchemas<F> {
  const schemaOf = (type: FieldType) => (type === 'samples' ? SAMPLES(object) : number(type));
  return Object.fromEntries(
    Object.entries(fields).map(([name, { type }]) => [name, schemaOf(type)]),
  ) as ValueSchemas<F>;
}

/** What a filter of any kind has. */
const filterParts = (object: ObjectOf) => ({
  id,
  name: text.optional(),
  archived,
  sheetLengthMm: number('lengthMm').optional(),
  sheetWidthMm: number('lengthMm').optional(),
  /** Where the seam lies, from the dark end; absent: at mid-sheet. */
  seamFromDarkEndMm: number('lengthMm').optional(),
  /** Where it sits; absent: in a slot of the holder. */
  sits: z.enum(SEATS_OF_GLASS).optional(),
  /** Of round glass. */
  diameterMm: number('lengthMm').optional(),
  /** The length of the transition was stated, and not only taken for its name. */
  transitionStated: z.literal(true).optional(),
  /** What was found to be taken by glass that covers the whole frame; it wins over the label. */
  measuredStops: number('stops').optional(),
  /** By how much more it takes of red and of blue than of green, where its colour was measured. */
  castStops: object({ red: number('castStops'), blue: number('castStops') }).optional(),
  /** What of its label was not understood, until it is looked at. */
  remarks: text.optional(),
});
/** What a sheet has beside: its density as it was measured, which wins over what it is sold as. */
const measuredSheet = (object: ObjectOf) => ({ measuredSamples: SAMPLES(object).optional() });
const BODY = { body: z.enum(GLASS_BODIES).optional() };

/** What of a kind its schema's type goes by. */
type Kinded = Pick<Kind, 'kind' | 'fields' | 'hasBody'> & { readonly seated: object | null };
type IsSeated<K extends Kinded> = K['seated'] extends null ? object : ReturnType<typeof measuredSheet>;
type HasBody<K extends Kinded> = K['hasBody'] extends true ? typeof BODY : object;
type Flat<T> = { [K in keyof T]: T[K] };
type FilterSchema<K extends Kinded> = z.ZodObject<
  Flat<
    ReturnType<typeof filterParts> &
      HasBody<K> &
      IsSeated<K> & { kind: z.ZodLiteral<K['kind']> } & ValueSchemas<K['fields']>
  >,
  z.core.$strip
>;
type FilterSchemas<T extends readonly Kinded[]> = { [I in keyof T]: FilterSchema<T[I]> };

/** The schema of a filter: one of every kind of glass that there is. */
function filterSchema(object: ObjectOf) {
  const schemas = GLASS_KINDS.map(({ kind, hasBody, fields, seated }) =>
    object({
      ...filterParts(object),
      ...(hasBody ? BODY : {}),
      ...(seated ? measuredSheet(object) : {}),
      kind: z.literal(kind),
      ...valuesOf<Fields>(fields, object),
    }),
  ) as unknown as FilterSchemas<typeof GLASS_KINDS>;
  return z.discriminatedUnion('kind', schemas).superRefine((f, ctx) => {
    const wrong = kindNamed(f.kind).faultOf?.(f as never);
    if (wrong) fault(ctx, 'out-of-range', [...wrong.path], wrong.message);
    const samples = 'measuredSamples' in f ? f.measuredSamples : undefined;
    const unordered = samples && kindNamed('measured').faultOf?.({ samples } as never);
    if (unordered)
      fault(ctx, 'out-of-range', ['measuredSamples', ...unordered.path.slice(1)], unordered.message);
    if (f.seamFromDarkEndMm !== undefined && f.seamFromDarkEndMm > (f.sheetLengthMm ?? Infinity))
      fault(ctx, 'out-of-range', ['seamFromDarkEndMm'], 'the seam lies on the sheet: at most sheetLengthMm');
  });
}

/** Where the pupil of a zoom was measured to lie: by focal length, ascending. */
export const pupilsSchema = (object: ObjectOf) =>
  z
    .array(object({ focalLengthMm: number('focalLengthMm'), pupilToFilterMm: number('lengthMm') }))
    .min(1)
    .max(MAX_PUPILS)
    .superRefine((pupils, ctx) => {
      const at = pupils.findIndex((p, i) => i > 0 && p.focalLengthMm <= pupils[i - 1]!.focalLengthMm);
      if (at > 0)
        fault(ctx, 'out-of-range', [at, 'focalLengthMm'], 'pupils stand in ascending order of focal length');
    })
    .optional();

/** What a bag is, and each thing in it. */
export function bagSchemas(object: ObjectOf) {
  const named = { id, name: text.optional(), archived };
  const filter = filterSchema(object);
  /** Ends of the focal range are the same for a fixed focal length. */
  const lens = object({
    ...named,
    shortestMm: number('focalLengthMm'),
    longestMm: number('focalLengthMm'),
    widestAperture: number('aperture').optional(),
    pupilToFilterMm: number('lengthMm').optional(),
    pupils: pupilsSchema(object),
    bulgingFront: z.boolean().optional(),
    /** Of its filter thread; absent: not known, or it has none. */
    threadMm: number('lengthMm').optional(),
  }).superRefine((l, ctx) => {
    if (l.longestMm < l.shortestMm)
      fault(ctx, 'out-of-range', ['longestMm'], `longestMm is at least shortestMm (${l.shortestMm})`);
  });
  const camera = object({ id, archived, ...size, ...sensor });
  const slots = number('slots').int().optional();
  const holding = {
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
    /** Threads that rings are there for, by which it goes on a lens. */
    threadsMm: z.array(number('lengthMm')).max(MAX_RINGS).optional(),
  };
  const holder = object({
    ...named,
    slots,
    ...holding,
    /** Lenses of the bag that it goes on, where the usual one does not. */
    lensIds: z.array(id).max(MAX_GEAR).optional(),
  });
  const bag = object({
    /** The usual holder: on every lens that no other is for. */
    slots,
    holder: object(holding).optional(),
    /** Holders beside the usual one. */
    holders: z.array(holder).max(MAX_GEAR).superRefine(uniqueIds).optional(),
    filters: z.array(filter).max(MAX_FILTERS).superRefine(uniqueIds),
    lenses: z.array(lens).max(MAX_GEAR).superRefine(uniqueIds).optional(),
    cameras: z.array(camera).max(MAX_GEAR).superRefine(uniqueIds).optional(),
    /** Ids of the filters that are along today; absent: all of them. */
    pouch: z.array(id).max(MAX_FILTERS).optional(),
    /** Nobody has said yet that this is what they own. */
    assumed: z.literal(true).optional(),
    /** Glass of kinds that a later version has, and that is not known here. */
    later: laterSchema(object),
  });
  return { bag, filter, lens, camera };
}
