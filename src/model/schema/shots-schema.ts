import * as z from 'zod';
import { MUCHES, muchesOf, SIGHT_IDS, sightRecord, SIGHTS_OF } from '../check/sights';
import { REMEDY_KINDS, VERDICTS } from '../terms/stand';
import { MAX_FILTERS, MAX_SMALL } from '../terms/limits';
import { fault, id, moment, number, type ObjectOf, text } from './schema-parts';
import {
  choiceSchema,
  cropSchema,
  exposedWithSchema,
  fittedSchema,
  lookSchema,
  wantedTimeSchema,
} from './set-up-schema';

/** A shot, as it was made. */
export function takeSchema(object: ObjectOf) {
  const settings = { aperture: number('aperture'), iso: number('iso'), seconds: number('seconds') };
  return object({
    id,
    takenAt: moment,
    exposure: object(settings),
    /** What the plan had asked for, where the exposure is another. */
    planned: object(settings).optional(),
    /** The sheets, the one nearest the lens first, and where their seam was to lie. */
    filterIds: z.array(id).max(2),
    /** The sheets that were advised, where others were on. */
    advisedFilterIds: z.array(id).max(2).optional(),
    seat: object({ offsetMm: number('offsetMm'), turnDeg: number('turnDeg') }).optional(),
    /** How far the second sheet of a pair was slid by itself, mm. */
    apartMm: number('apartMm').optional(),
    /** How far the first sheet stood above the rail, mm. */
    standsOutMm: number('offsetMm').optional(),
    /** How it was set otherwise than the optics say, by what shots before had shown. */
    nudge: object({ offsetMm: number('offsetMm'), turnDeg: number('turnDeg') }).optional(),
    /** What was on the lens beside the grads. */
    fitted: z.array(fittedSchema(object)).max(MAX_FILTERS).optional(),
    /** The light then, by what was known of it: EV at ISO 100. */
    light: object({ sky: number('ev100').optional(), land: number('ev100').optional() }).optional(),
    /** Its file, as far as a stand keeps it: its name, its own time, and a picture in little. */
    file: object({
      name: text,
      takenAt: moment.optional(),
      small: z
        .string()
        .max(MAX_SMALL)
        .regex(/^data:image\/jpeg;base64,[A-Za-z0-9+/=]*$/)
        .optional(),
    }).optional(),
    verdict: z.enum(VERDICTS).optional(),
    note: text.optional(),
  });
}

/** What a shot showed: evidence of the light, the seat or the time, or a wish. */
export function seenSchema(object: ObjectOf) {
  return object({
    id,
    takeId: id,
    what: z.enum(SIGHT_IDS),
    much: z.enum(MUCHES).optional(),
    of: z.enum(SIGHTS_OF).optional(),
    /** It was judged by the raw file; absent: by what the camera shows, its JPEG. */
    raw: z.literal(true).optional(),
    at: object({ u: number('placed'), v: number('placed') }).optional(),
    /** What was measured of it: how much brighter each side is, stops, and how the line lies off, mm and degrees. */
    measured: object({
      sky: number('toneStops').optional(),
      land: number('toneStops').optional(),
      offsetMm: number('offsetMm').optional(),
      turnDeg: number('turnDeg').optional(),
    }).optional(),
    /** How it was answered, where that is not by what it says of the light. */
    answer: z.enum(REMEDY_KINDS).optional(),
    /** The parts of the stand that the answer changed, as they were: null for one that was absent. */
    was: object({
      exposure: exposedWithSchema(object).optional(),
      fitted: z.array(fittedSchema(object)).max(MAX_FILTERS).nullable().optional(),
      look: lookSchema(object).optional(),
      wantedTime: wantedTimeSchema(object).nullable().optional(),
      choice: choiceSchema(object).nullable().optional(),
      crop: cropSchema(object).nullable().optional(),
    }).optional(),
  }).superRefine(({ what, much, of, at }, ctx) => {
    const { ofs = [], placed } = sightRecord(what);
    if (much && !muchesOf(what).includes(much))
      fault(ctx, 'not-allowed', ['much'], `"${what}" has no "${much}"`);
    if (of && !ofs.includes(of)) fault(ctx, 'not-allowed', ['of'], `"${what}" is not said of "${of}"`);
    if (at && !placed) fault(ctx, 'not-allowed', ['at'], `"${what}" has no place`);
  });
}
