import { type z } from 'zod';
import { MAX_DOCUMENT_BYTES } from '@/model';
import { type Outing, type OwnPlace } from '@/model/outing';
import { type Schemas } from '@/model/schema/schema';
import { readDocument, writeDocument } from './document';
import { type FileResult } from './errors';
import { safeName } from './stand-file';

/** An outing as a file keeps it: with the place of one's own that it goes to, and without its stands, which have files of their own. */
export interface OpenedOuting {
  readonly outing: Outing;
  readonly place?: OwnPlace | undefined;
}

/** Reads an outing file; refused with the path of the first fault. */
export function readOutingFile(text: string): FileResult<OpenedOuting> {
  const read = readDocument(text, 'outing', MAX_DOCUMENT_BYTES);
  if (!read.ok) return read;
  const { outing, place } = read.value.file;
  return { ok: true, value: { outing, ...(place ? { place } : {}) } };
}

/** Writes an outing as a document that `readOutingFile` reads back the same. */
export const writeOutingFile = ({ outing, place }: OpenedOuting): FileResult<string> =>
  writeDocument(
    'outing',
    {
      outing: outing as z.infer<Schemas['outing']>,
      ...(place ? { place: place as z.infer<Schemas['place']> } : {}),
    },
    0,
  );

export const outingFileName = ({ day, name }: Outing): string =>
  `${day}-${safeName(name) || 'outing'}.outing.paleseam.json`;
