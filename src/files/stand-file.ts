import { type z } from 'zod';
import { type Bag, LIMITS, MAX_DOCUMENT_BYTES, type Stand } from '@/model';
import { type FileError, type FileErrorCode, type FileResult, pathText } from './errors';
import { schemasFor, type StandFile } from './schema';

/** The format that is written, and the newest minor version whose keys are all known. */
const FORMAT = { format: 'pale-seam', version: 1, minor: 1 } as const;

/** A stand as a file brings it: with the bag it was made with, and the minor version it came in. */
export interface OpenedStand {
  readonly stand: Stand;
  readonly bag: Bag;
  readonly minor: number;
}

const SCHEMAS = { strict: schemasFor('strict'), kept: schemasFor('kept') };

const refused = (code: FileErrorCode, path: string, message: string): FileResult<never> => ({
  ok: false,
  error: { code, path, message },
});

/** Reads a stand file; refused with the path of the first fault when anything in it is not as the format says. */
export function readStandFile(text: string): FileResult<OpenedStand> {
  if (utf8Bytes(text) > MAX_DOCUMENT_BYTES)
    return refused('too-large', '', `a document has at most ${MAX_DOCUMENT_BYTES / 1e6} MB`);
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch (error) {
    return refused('not-json', '', `not JSON: ${(error as Error).message}`);
  }
  const envelope = checkEnvelope(json);
  if (!envelope.ok) return envelope;
  const { minor } = envelope.value;
  const schema = (minor > FORMAT.minor ? SCHEMAS.kept : SCHEMAS.strict).standFile;
  const parsed = schema.safeParse(json);
  if (!parsed.success) return { ok: false, error: errorOf(parsed.error.issues[0] as z.core.$ZodIssue, json) };
  const file: StandFile = parsed.data;
  return { ok: true, value: { stand: withShapeIds(file.stand), bag: file.bag ?? { filters: [] }, minor } };
}

/** Length of a text as a file holds it, bytes. */
function utf8Bytes(text: string): number {
  let bytes = 0;
  for (let i = 0; i < text.length; i++) {
    const unit = text.charCodeAt(i);
    // each half of a surrogate pair counts two of its four bytes
    bytes += unit < 0x80 ? 1 : unit < 0x800 || (unit >= 0xd800 && unit < 0xe000) ? 2 : 3;
  }
  return bytes;
}

/** Gives every shape an id, which files may leave out. */
function withShapeIds(stand: StandFile['stand']): Stand {
  if (!stand.shapes) return stand as Stand;
  const taken = new Set(stand.shapes.map((s) => s.id));
  let next = 1;
  const freeId = () => {
    while (taken.has(`s${next}`)) next++;
    return `s${next++}`;
  };
  return { ...stand, shapes: stand.shapes.map((s) => ({ ...s, id: s.id ?? freeId() })) };
}

/** What the document says it is, before anything in it is looked at. */
function checkEnvelope(json: unknown): FileResult<{ minor: number }> {
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
  if (kind !== 'stand')
    return refused(
      'wrong-kind',
      'kind',
      `a stand is expected, this is ${JSON.stringify(kind)?.slice(0, 40)}`,
    );
  return { ok: true, value: { minor: typeof minor === 'number' ? minor : 0 } };
}

/** The first finding of the schema as a refusal. */
function errorOf(issue: z.core.$ZodIssue, json: unknown): FileError {
  const path = [...issue.path];
  switch (issue.code) {
    case 'unrecognized_keys': {
      const key = issue.keys[0] as string;
      return {
        code: 'unknown-key',
        path: pathText([...path, key]),
        message: `the key "${key}" is not known here`,
      };
    }
    case 'custom':
      return {
        code: (issue.params as { code: FileErrorCode }).code,
        path: pathText(path),
        message: issue.message,
      };
    case 'too_small':
    case 'too_big':
      return { code: 'out-of-range', path: pathText(path), message: rangeMessage(issue) };
    case 'invalid_union':
      if (valueAt(json, path) === undefined) return missing(path);
      if (issue.errors.some((e) => e.some((i) => i.code === 'too_small' || i.code === 'too_big')))
        return { code: 'out-of-range', path: pathText(path), message: 'outside the allowed range' };
      return { code: 'wrong-type', path: pathText(path), message: 'not of the expected type' };
    default:
      if (valueAt(json, path) === undefined) return missing(path);
      return { code: 'wrong-type', path: pathText(path), message: typeMessage(issue) };
  }
}

const missing = (path: PropertyKey[]): FileError => ({
  code: 'missing',
  path: pathText(path),
  message: 'missing',
});

function rangeMessage(issue: z.core.$ZodIssueTooSmall | z.core.$ZodIssueTooBig): string {
  const [limit, way] = issue.code === 'too_small' ? [issue.minimum, 'at least'] : [issue.maximum, 'at most'];
  if (issue.origin === 'string') return `${way} ${limit} characters`;
  if (issue.origin === 'array') return `${way} ${limit} entries`;
  return limit === LIMITS.lengthMm[0] ? 'must be above 0' : `must be ${way} ${limit}`;
}

function typeMessage(issue: z.core.$ZodIssue): string {
  switch (issue.code) {
    case 'invalid_type':
      return `expected ${issue.expected}`;
    case 'invalid_value':
      return `expected ${issue.values.map((v) => JSON.stringify(v)).join(' or ')}`;
    case 'invalid_format':
      return `not a valid ${issue.format === 'datetime' ? 'date and time' : issue.format}`;
    default:
      return 'not of the expected type';
  }
}

function valueAt(json: unknown, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (value, key) =>
      typeof value === 'object' && value !== null && Object.hasOwn(value, key)
        ? (value as Record<PropertyKey, unknown>)[key]
        : undefined,
    json,
  );
}

/** Writes a stand and its bag as a document that `readStandFile` reads back the same. */
export function writeStandFile({ stand, bag, minor }: OpenedStand): string {
  const { format, version } = FORMAT;
  const written = Math.max(minor, FORMAT.minor);
  return `${JSON.stringify({ format, version, minor: written, kind: 'stand', stand, bag }, null, 2)}\n`;
}

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
