import { type z } from 'zod';
import { type Bag, MAX_DOCUMENT_BYTES } from '@/model';
import { type Schemas } from '@/model/schema/schema';
import { readDocument, writeDocument } from './document';
import { type FileResult } from './errors';

/** Reads a bag file; refused with the path of the first fault. */
export function readBagFile(text: string): FileResult<Bag> {
  const read = readDocument(text, 'bag', MAX_DOCUMENT_BYTES);
  return read.ok ? { ok: true, value: read.value.file.bag } : read;
}

/** Writes a bag as a document that `readBagFile` reads back the same. */
export const writeBagFile = (bag: Bag): FileResult<string> =>
  writeDocument('bag', { bag: bag as z.infer<Schemas['bag']> }, 0);
