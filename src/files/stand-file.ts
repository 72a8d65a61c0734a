import { type z } from 'zod';
import { type Bag, glassReferences, MAX_DOCUMENT_BYTES, MAX_FILTERS, type Stand } from '@/model';
import { type Schemas } from '@/model/schema/schema';
import { readDocument, writeDocument } from './document';
import { type FileResult } from './errors';

/** A stand as a file brings it: with the bag it was made with, and the minor version it came in. */
export interface OpenedStand {
  readonly stand: Stand;
  readonly bag: Bag;
  readonly minor: number;
}

/** Reads a stand file; refused with the path of the first fault when anything in it is not as the format says. */
export function readStandFile(text: string): FileResult<OpenedStand> {
  const read = readDocument(text, 'stand', MAX_DOCUMENT_BYTES);
  if (!read.ok) return read;
  const { file, minor } = read.value;
  return { ok: true, value: { stand: withShapeIds(file.stand), bag: file.bag ?? { filters: [] }, minor } };
}

/** Gives every shape an id, which files may leave out; nothing has referred to it before. */
export function withShapeIds(stand: z.infer<Schemas['stand']>): Stand {
  if (!stand.shapes) return stand as Stand;
  const taken = new Set(stand.shapes.map((s) => s.id));
  let next = 1;
  const freeId = () => {
    while (taken.has(`s${next}`)) next++;
    return `s${next++}`;
  };
  return { ...stand, shapes: stand.shapes.map((s) => ({ ...s, id: s.id ?? freeId() })) };
}

/**
 * Writes a stand and its bag as a document that `readStandFile` reads back the same; where the whole bag has no room beside
 * the stand, the glass that the stand uses goes along.
 */
export function writeStandFile({ stand, bag, minor }: OpenedStand): FileResult<string> {
  const whole = writeDocument('stand', contentOf(stand, withRoom(stand, bag)), minor);
  if (whole.ok || whole.error.code !== 'too-large') return whole;
  return writeDocument('stand', contentOf(stand, onlyUsed(stand, bag)), minor);
}

const contentOf = (stand: Stand, bag: Bag) =>
  ({ stand, bag }) as { stand: z.infer<Schemas['stand']>; bag: z.infer<Schemas['bag']> };

/** The bag with no more filters than a file holds, those that the stand uses among them. */
function withRoom(stand: Stand, bag: Bag): Bag {
  const over = bag.filters.length - MAX_FILTERS;
  if (over <= 0) return bag;
  const used = idsUsed(stand);
  const idle = bag.filters.filter((f) => !used.has(f.id)).slice(-over);
  return withFilters(
    bag,
    bag.filters.filter((f) => !idle.includes(f)),
  );
}

/** The bag with no glass but what the stand uses. */
export function onlyUsed(stand: Stand, bag: Bag): Bag {
  const used = idsUsed(stand);
  return withFilters(
    bag,
    bag.filters.filter((f) => used.has(f.id)),
  );
}

const idsUsed = (stand: Stand) => new Set(glassReferences(stand).map((r) => r.id));

function withFilters(bag: Bag, filters: Bag['filters']): Bag {
  const ids = new Set(filters.map((f) => f.id));
  return { ...bag, filters, ...(bag.pouch ? { pouch: bag.pouch.filter((id) => ids.has(id)) } : {}) };
}

/** A name made safe for any file system; empty where nothing of it is. */
export const safeName = (name: string): string =>
  name
    .slice(0, 200)
    .normalize('NFKD')
    .split(/[^\p{L}\p{N}]/u)
    .filter(Boolean)
    .join('-')
    .slice(0, 60)
    .toLowerCase();

/** Name for a stand's file. */
export const standFileName = (stand: Stand): string => `${safeName(stand.name) || 'stand'}.paleseam.json`;
