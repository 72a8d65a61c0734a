import { type z } from 'zod';
import { sameContent } from '@/model';
import { faultAcross, type StandWithGlass } from '@/model/documents/across';
import { faultOf } from '@/model/schema/faults';
import { type Keys, schemas, type Schemas } from '@/model/schema/schema';
import { MAX_DOCUMENT_BYTES } from '@/model';
import { type FileError, type FileResult, quoted, refused } from './errors';
import { readJson } from './json';
import { hasLater, laterAside, laterBack } from './later';

/** The format that is written, and the newest minor version whose keys are all known. */
export const FORMAT = { format: 'pale-seam', version: 1, minor: 15 } as const;

/** The kinds of document that are read and written, and what each is called in a refusal. */
const KINDS = {
  stand: { schema: 'standFile', name: 'a stand' },
  bag: { schema: 'bagFile', name: 'a bag' },
  outing: { schema: 'outingFile', name: 'an outing' },
  backup: { schema: 'backupFile', name: 'a backup' },
} as const satisfies Record<string, { schema: keyof Schemas; name: string }>;

type Kind = keyof typeof KINDS;
type FileOf<K extends Kind> = z.infer<Schemas[(typeof KINDS)[K]['schema']]>;
type ContentOf<K extends Kind> = Omit<FileOf<K>, 'format' | 'version' | 'minor' | 'kind'>;

/** Keys that are not known are refused, but in what a later minor version has written. */
export const keysFor = (minor: number): Keys => (minor > FORMAT.minor ? 'kept' : 'strict');

/** A part of a document by its schema; refused with the path of its first fault. */
export function readPart<T extends z.ZodType>(schema: T, part: unknown): FileResult<z.infer<T>> {
  const parsed = schema.safeParse(part);
  return parsed.success
    ? { ok: true, value: parsed.data }
    : { ok: false, error: faultOf(parsed.error.issues[0] as z.core.$ZodIssue, part) };
}

/**
 * Reads a document of one kind; refused with the path of the first fault when anything in it is not as the format says.
 *
 * @returns what it holds, and the minor version that it was written in
 */
export function readDocument<K extends Kind>(
  text: string,
  kind: K,
  maxBytes: number,
): FileResult<{ readonly file: FileOf<K>; readonly minor: number }> {
  const json = readJson(text, maxBytes);
  if (!json.ok) return json;
  const envelope = checkEnvelope(json.value, kind);
  if (!envelope.ok) return envelope;
  const { minor } = envelope.value;
  const document = minor > FORMAT.minor ? laterAside(json.value) : json.value;
  const read = readPart(schemas(keysFor(minor))[KINDS[kind].schema], document);
  if (!read.ok) return read;
  const across = kind === 'stand' ? acrossStand(read.value as StandWithGlass) : null;
  return across
    ? { ok: false, error: across }
    : { ok: true, value: { file: read.value as FileOf<K>, minor } };
}

/** What is wrong between the parts of a stand that was read, its place told within the document. */
export function acrossStand(document: StandWithGlass): FileError | null {
  const found = faultAcross(document);
  return found && { ...found, path: `stand.${found.path}` };
}

/** Which kind of document a text says it is, if it is one at all; nothing else of it is looked at. */
export function documentKind(text: string, maxBytes: number): string | null {
  const json = readJson(text, maxBytes);
  if (!json.ok || typeof json.value !== 'object' || json.value === null) return null;
  const { format, kind } = json.value as Record<string, unknown>;
  return format === FORMAT.format && typeof kind === 'string' ? kind : null;
}

/**
 * Writes a stand, a bag or an outing, and reads back what was written before it says so: what is given is read as the same again, under
 * the minor version whose keys it holds.
 *
 * @param minor the version that the content was read from, whose keys it may hold
 */
export function writeDocument<K extends 'stand' | 'bag' | 'outing'>(
  kind: K,
  content: ContentOf<K>,
  minor: number,
): FileResult<string> {
  if (hasLater(content)) return writtenUnder(Math.max(minor, FORMAT.minor + 1), kind, content);
  const first = writtenUnder(FORMAT.minor, kind, content);
  return first.ok || first.error.code !== 'unknown-key'
    ? first
    : writtenUnder(Math.max(minor, FORMAT.minor + 1), kind, content);
}

function writtenUnder<K extends 'stand' | 'bag' | 'outing'>(
  minor: number,
  kind: K,
  content: ContentOf<K>,
): FileResult<string> {
  const { format, version } = FORMAT;
  const whole = { format, version, minor, kind, ...content };
  const written = laterBack(whole);
  const spread = `${JSON.stringify(written, null, 2)}\n`;
  // what has room only without its line ends is written without them
  const text = spread.length > MAX_DOCUMENT_BYTES / 2 ? `${JSON.stringify(written)}\n` : spread;
  const back = readDocument(text, kind, MAX_DOCUMENT_BYTES);
  if (!back.ok) return back;
  // what stood in for something and was changed since is as it is now
  const meant = minor > FORMAT.minor ? laterAside(written) : whole;
  return sameContent(back.value.file, meant)
    ? { ok: true, value: text }
    : refused('damaged', '', 'what was written does not read as the same again');
}

/** What the document says it is, before anything in it is looked at. */
function checkEnvelope(json: unknown, wanted: Kind): FileResult<{ minor: number }> {
  if (typeof json !== 'object' || json === null || Array.isArray(json))
    return refused('wrong-format', '', 'not a Pale Seam document');
  const { format, version, minor, kind } = json as Record<string, unknown>;
  if (format !== FORMAT.format) return refused('wrong-format', 'format', 'not a Pale Seam document');
  if (typeof version !== 'number') return refused('wrong-type', 'version', 'version is a number');
  if (version > FORMAT.version)
    return refused(
      'unsupported-version',
      'version',
      `this file is of format version ${version}; this Pale Seam reads up to ${FORMAT.version}. Open it with a newer one`,
    );
  if (version !== FORMAT.version)
    return refused('unsupported-version', 'version', `there is no format version ${version}`);
  if (kind !== wanted)
    return refused(
      'wrong-kind',
      'kind',
      `${KINDS[wanted].name} is expected, this is ${typeof kind === 'string' ? quoted(kind) : 'none'}`,
    );
  return { ok: true, value: { minor: typeof minor === 'number' ? minor : 0 } };
}
