import * as z from 'zod';
import { LIMITS, MAX_TEXT, type Quantity, MAX_LATER } from '../terms/limits';
import { type FaultCode, quoted } from './faults';

/** What the schemas of a stand and of a bag are made of. */

z.config({ jitless: true });

/** Where findings are told. */
export interface Findings {
  addIssue: (issue: { code: 'custom'; path: PropertyKey[]; message: string; params: object }) => void;
}

/** A finding of our own, with the code that the error will carry. */
export function fault(ctx: Findings, code: FaultCode, path: PropertyKey[], message: string) {
  ctx.addIssue({ code: 'custom', path, message, params: { code } });
}

export const number = (quantity: Quantity) => z.number().min(LIMITS[quantity][0]).max(LIMITS[quantity][1]);
/** Half a character (a lone surrogate) can be written into no file. */
const wellFormed = (written: string, ctx: Findings) => {
  if (!written.isWellFormed()) fault(ctx, 'not-allowed', [], 'half a character stands in it');
};
export const text = z.string().max(MAX_TEXT).superRefine(wellFormed);
export const id = z.string().min(1).max(MAX_TEXT).superRefine(wellFormed);
export const moment = z.iso.datetime({ offset: true });

/** Ids must be unique in their list. */
export function uniqueIds(items: readonly { id?: string | undefined }[], ctx: Findings) {
  const seen = new Set<string>();
  items.forEach(({ id: own }, i) => {
    if (own === undefined) return;
    if (seen.has(own))
      fault(ctx, 'duplicate-id', [i, 'id'], `the id ${quoted(own)} stands twice in this list`);
    seen.add(own);
  });
}

/** Keys that the format does not have, refused or kept. */
export type Keys = 'strict' | 'kept';

/** An object of the format. */
export type ObjectOf = <T extends z.core.$ZodLooseShape>(shape: T) => z.ZodObject<T, z.core.$strip>;

/** Objects strict about their keys, or such as keep those that they do not know. */
export const objectsWith =
  (keys: Keys): ObjectOf =>
  <T extends z.core.$ZodLooseShape>(shape: T) =>
    (keys === 'strict' ? z.strictObject(shape) : z.looseObject(shape)) as z.ZodObject<T, z.core.$strip>;

/** Values of open lists that a later version has added to: kept as they are, and put back when they are written. */
export const laterSchema = (object: ObjectOf) =>
  z
    .array(object({ of: z.enum(['seen', 'look', 'filter']), value: z.unknown(), as: z.unknown().optional() }))
    .max(MAX_LATER)
    .optional();

/** Put away: kept, but out of the lists that are worked with. */
export const archived = z.boolean().optional();

/** A sensor's size, of a camera of the bag or on the stand. */
export const size = {
  name: text.optional(),
  /** Sensor size in landscape orientation, mm. */
  sensorWidthMm: number('sensorMm'),
  sensorHeightMm: number('sensorMm'),
};
/** What a sensor holds. */
export const sensor = {
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
  /** After a long exposure the camera takes a dark frame as long again. */
  darkFrame: z.literal(true).optional(),
};
