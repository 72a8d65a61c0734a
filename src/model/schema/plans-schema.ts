import * as z from 'zod';
import { AIRS, CLOUDS, PLANNED_RISKS, RAINS, TIDE_SIDES } from '../terms/outing';
import { WINDS } from '../terms/stand';
import {
  MAX_AGAIN,
  MAX_EXTRAS,
  MAX_PLACE_FRAMINGS,
  MAX_KEY,
  MAX_OUTINGS,
  MAX_PACKED,
  MAX_PLACES,
  MAX_FRAMINGS,
  MAX_TURNS,
} from '../terms/limits';
import { archived, fault, id, moment, number, type ObjectOf, text, uniqueIds } from './schema-parts';

/** A day of some calendar, in no zone: 2026-03-29. */
const day = z.iso.date();
/** An hour of a day, in no zone: 05:40. */
const hour = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/);

const tideWish = (object: ObjectOf) => object({ side: z.enum(TIDE_SIDES), heightM: number('tideM') });

const at = { latitudeDeg: number('latitudeDeg'), longitudeDeg: number('longitudeDeg') };

/** A place of one's own: where it is, what is known of it, and when to come back. */
const placeSchema = (object: ObjectOf) =>
  object({
    id,
    name: text,
    archived,
    ...at,
    notes: text.optional(),
    /** The framings there, and where each looks to. */
    framings: z
      .array(object({ id, name: text, azimuthDeg: number('azimuthDeg').optional(), standId: id.optional() }))
      .max(MAX_PLACE_FRAMINGS)
      .superRefine(uniqueIds)
      .optional(),
    /** When to come back: when the sun stands there, or at such a tide. */
    again: z
      .array(
        object({
          id,
          note: text.optional(),
          sunAzimuthDeg: number('azimuthDeg').optional(),
          sunAltitudeDeg: number('altitudeDeg').optional(),
          tide: tideWish(object).optional(),
        }),
      )
      .max(MAX_AGAIN)
      .superRefine(uniqueIds)
      .optional(),
  });

/** A framing of an outing, in its turn. */
const framingSchema = (object: ObjectOf) =>
  object({
    id,
    name: text,
    /** The stand that it is; absent: a framing that is no stand yet. */
    standId: id.optional(),
    /** Where it looks to, where its stand does not tell. */
    azimuthDeg: number('azimuthDeg').optional(),
    /** How far the lowest of its skyline stands above the level, degrees; absent: it is taken to lie on it. */
    skylineUpDeg: number('altitudeDeg').optional(),
    /** The walk there from the one before. */
    walkMinutes: number('planMinutes').optional(),
    /** How long it takes; absent: by what was done before. */
    minutes: number('planMinutes').optional(),
    tide: tideWish(object).optional(),
    done: z.literal(true).optional(),
  });

const outingSchema = (object: ObjectOf) =>
  object({
    id,
    name: text,
    createdAt: moment,
    archived,
    day,
    /** The zone that its hours are told in, by the name that it has in the database of zones. */
    zone: z.string().min(1).max(64),
    place: object({ ...at, name: text.optional() }).optional(),
    /** Which of one's own places it goes to. */
    placeId: id.optional(),
    framings: z.array(framingSchema(object)).max(MAX_FRAMINGS).superRefine(uniqueIds),
    /** When the walk in begins. */
    startsAt: hour.optional(),
    walkOutMinutes: number('planMinutes').optional(),
    /** High and low water by a local table, in order of time. */
    tides: z
      .array(object({ at: moment, heightM: number('tideM') }))
      .max(MAX_TURNS)
      .superRefine((turns, ctx) => {
        const i = turns.findIndex((t, k) => k > 0 && Date.parse(t.at) <= Date.parse(turns[k - 1]!.at));
        if (i > 0) fault(ctx, 'out-of-range', [i, 'at'], 'the turns of the tide stand in order of time');
      })
      .optional(),
    /** The table that they were taken from. */
    tideTable: text.optional(),
    weather: object({
      wind: z.enum(WINDS).optional(),
      cloud: z.enum(CLOUDS).optional(),
      rain: z.enum(RAINS).optional(),
      air: z.enum(AIRS).optional(),
    }).optional(),
    risks: z.array(z.enum(PLANNED_RISKS)).max(PLANNED_RISKS.length).optional(),
    /** What is packed, by its key. */
    packed: z.array(text).max(MAX_PACKED).optional(),
    /** Who knows of it, and when they expect to hear. */
    told: text.optional(),
    notes: text.optional(),
  });

/** What is planned: outings, places of one's own, and what is taken along beside the glass. */
export function plansSchemas(object: ObjectOf) {
  const outing = outingSchema(object);
  const place = placeSchema(object);
  const plans = object({
    outings: z.array(outing).max(MAX_OUTINGS).superRefine(uniqueIds),
    places: z.array(place).max(MAX_PLACES).superRefine(uniqueIds),
    extras: z
      .array(object({ id, name: text }))
      .max(MAX_EXTRAS)
      .superRefine(uniqueIds)
      .optional(),
    /** What things weigh, grams, by the key that they are packed by. */
    weights: z.record(z.string().max(MAX_KEY), number('grams')).optional(),
  });
  return { outing, place, plans };
}
