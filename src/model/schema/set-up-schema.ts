import * as z from 'zod';
import { LOOKS, SCHOOLS } from '../terms/looks';
import { BLURS, SUN_SIDES } from '../terms/stand';
import { fault, id, number, type ObjectOf } from './schema-parts';

/** The parts of a stand that say how it is to be photographed; what shots showed may change them, and keeps them as they were. */

/** What a camera is set to beside its time. */
export const exposedWithSchema = (object: ObjectOf) =>
  object({ aperture: number('aperture'), iso: number('iso') });

/** What is wanted of the picture. */
export function lookSchema(object: ObjectOf) {
  return object({
    school: z.enum(SCHOOLS),
    gapStops: z.number().optional(),
    follow: number('follow').optional(),
    /** The bright top of the sky alone is held back, down to the rest of it. */
    evensTop: z.literal(true).optional(),
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
}

/** Proportions and place of what is printed. */
export function cropSchema(object: ObjectOf) {
  return object({
    width: number('ratio'),
    height: number('ratio'),
    at: number('placed').optional(),
  });
}

/** A piece of glass on the lens, and where. */
export function fittedSchema(object: ObjectOf) {
  return object({
    filterId: id,
    slot: number('slots').int().optional(),
    /** A polariser's transmission axis: 0 upright, positive clockwise from behind the camera. */
    axisDeg: number('turnDeg').optional(),
  });
}

/** How long the exposure is to be, and how long one will wait for it. */
export function wantedTimeSchema(object: ObjectOf) {
  return object({
    seconds: number('wantedSeconds'),
    /** What that time is for; absent: it was typed. */
    blur: z.enum(BLURS).optional(),
    longestSeconds: number('wantedSeconds').optional(),
  });
}

/** Glass that was chosen over the computed one, and where it sits. */
export function choiceSchema(object: ObjectOf) {
  return object({
    filterIds: z.array(id).max(2),
    offsetMm: number('offsetMm'),
    turnDeg: number('turnDeg'),
    /** How much further than the first the second sheet stands out, beside what parts the two anyway, mm. */
    apartMm: number('apartMm').optional(),
    /** The glass alone was chosen: offset and turn are where it sat then, and its seat follows skyline and light. */
    follows: z.literal(true).optional(),
  });
}
