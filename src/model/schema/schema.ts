import * as z from 'zod';
import { MAX_FILTERS, MAX_MINOR, MAX_STANDS } from '../terms/limits';
import { bagSchemas } from './bag-schema';
import { plansSchemas } from './plans-schema';
import { preferencesSchema } from './preferences-schema';
import { type Keys, moment, objectsWith, uniqueIds } from './schema-parts';
import { standSchema } from './stand-schema';

/**
 * What the kept things are: the one definition of a stand, a bag, a plan and a backup, of their types (`stand.ts`, `bag.ts`
 * and `plans.ts` infer them), of what a file may hold and of what an edit may make.
 */

/**
 * The schemas of format version 1. Strict about keys, but for files of a later minor version, whose unknown keys are kept
 * and written back.
 */
function schemasFor(keys: Keys) {
  const object = objectsWith(keys);
  const stand = standSchema(object);
  const { bag, filter, lens, camera } = bagSchemas(object);

  const { outing, place, plans } = plansSchemas(object);
  const preferences = preferencesSchema(object);

  const minor = z.number().int().min(0).max(MAX_MINOR).optional();
  const envelope = { format: z.literal('pale-seam'), version: z.literal(1), minor };
  const standFile = object({
    ...envelope,
    kind: z.literal('stand'),
    stand,
    bag: bag.optional(),
  });
  const bagFile = object({ ...envelope, kind: z.literal('bag'), bag });
  const outingFile = object({ ...envelope, kind: z.literal('outing'), outing, place: place.optional() });
  /** A stand of a backup, with all that it keeps. */
  const entry = object({
    updatedAt: moment,
    minor,
    stand,
    bag: bag.optional(),
    used: z.array(filter).max(MAX_FILTERS).superRefine(uniqueIds).optional(),
  });
  /** What of a backup is looked at before its things, each of which stands or falls by itself. */
  const backupFile = object({
    ...envelope,
    kind: z.literal('backup'),
    madeAt: moment,
    bag: z.record(z.string(), z.unknown()),
    stands: z.array(z.unknown()).max(MAX_STANDS),
    plans: z.record(z.string(), z.unknown()).optional(),
    preferences: z.unknown().optional(),
  });
  return {
    stand,
    filter,
    lens,
    camera,
    bag,
    outing,
    place,
    plans,
    preferences,
    standFile,
    bagFile,
    outingFile,
    entry,
    backupFile,
  };
}

export type { Keys };
export type Schemas = ReturnType<typeof schemasFor>;

const made = new Map<Keys, Schemas>();

/** The schemas, made when they are first asked for. */
export function schemas(keys: Keys): Schemas {
  const known = made.get(keys) ?? schemasFor(keys);
  made.set(keys, known);
  return known;
}
