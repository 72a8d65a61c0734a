import { z } from 'zod';
import { MAX_FILTERS, MAX_GEAR, MAX_RINGS, MAX_SAMPLES } from '../limits';
import { GLASS_BODIES } from '../terms';
import { archived, fault, id, number, type ObjectOf, sensor, size, text, uniqueIds } from './schema-parts';

/** What a bag is, and each thing in it. */
export function bagSchemas(object: ObjectOf) {
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
  const camera = object({ id, archived, ...size, ...sensor });
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
    cameras: z.array(camera).max(MAX_GEAR).superRefine(uniqueIds).optional(),
    /** Ids of the filters that are along today; absent: all of them. */
    pouch: z.array(id).max(MAX_FILTERS).optional(),
  });
  return { bag, filter, lens, camera };
}
