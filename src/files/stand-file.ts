import { type Bag, MAX_DOCUMENT_BYTES, type Stand } from '@/model';
import { readDocument, writeDocument } from './document';
import { type FileResult } from './errors';
import { type StandFile } from './schema';

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

/** Gives every shape an id, which files may leave out. */
export function withShapeIds(stand: StandFile['stand']): Stand {
  if (!stand.shapes) return stand as Stand;
  const taken = new Set(stand.shapes.map((s) => s.id));
  let next = 1;
  const freeId = () => {
    while (taken.has(`s${next}`)) next++;
    return `s${next++}`;
  };
  return { ...stand, shapes: stand.shapes.map((s) => ({ ...s, id: s.id ?? freeId() })) };
}

/** Writes a stand and its bag as a document that `readStandFile` reads back the same. */
export const writeStandFile = ({ stand, bag, minor }: OpenedStand): string =>
  writeDocument('stand', { stand, bag } as Omit<StandFile, 'format' | 'version' | 'kind'>, minor);

/** Name for a stand's file: its own name made safe for any file system. */
export function standFileName(stand: Stand): string {
  const safe = stand.name
    .normalize('NFKD')
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60)
    .toLowerCase();
  return `${safe || 'stand'}.paleseam.json`;
}
