import { type z } from 'zod';
import { LIMITS } from '@/model';
import { type FileError, type FileErrorCode, type FileResult, pathText } from './errors';
import { schemasFor } from './schema';

/** The format that is written, and the newest minor version whose keys are all known. */
const FORMAT = { format: 'pale-seam', version: 1, minor: 5 } as const;

const SCHEMAS = { strict: schemasFor('strict'), kept: schemasFor('kept') };
type Schemas = (typeof SCHEMAS)['strict'];

/** The kinds of document that are read and written, and what each is called in a refusal. */
const KINDS = {
  stand: { schema: 'standFile', name: 'a stand' },
  bag: { schema: 'bagFile', name: 'a bag' },
  backup: { schema: 'backupFile', name: 'a backup' },
} as const satisfies Record<string, { schema: keyof Schemas; name: string }>;

type Kind = keyof typeof KINDS;
type FileOf<K extends Kind> = z.infer<Schemas[(typeof KINDS)[K]['schema']]>;

const refused = (code: FileErrorCode, path: string, message: string): FileResult<never> => ({
  ok: false,
  error: { code, path, message },
});

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
  if (utf8Bytes(text) > maxBytes)
    return refused('too-large', '', `a document has at most ${maxBytes / 1e6} MB`);
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch (error) {
    return refused('not-json', '', `not JSON: ${(error as Error).message}`);
  }
  const envelope = checkEnvelope(json, kind);
  if (!envelope.ok) return envelope;
  const { minor } = envelope.value;
  const schemas = minor > FORMAT.minor ? SCHEMAS.kept : SCHEMAS.strict;
  const parsed = schemas[KINDS[kind].schema].safeParse(json);
  if (!parsed.success) return { ok: false, error: errorOf(parsed.error.issues[0] as z.core.$ZodIssue, json) };
  return { ok: true, value: { file: parsed.data as FileOf<K>, minor } };
}

/** Which kind of document a text says it is, if it is one at all. */
export function documentKind(text: string): string | null {
  try {
    const { format, kind } = JSON.parse(text) as Record<string, unknown>;
    return format === FORMAT.format && typeof kind === 'string' ? kind : null;
  } catch {
    return null;
  }
}

/** Writes a document of one kind that `readDocument` reads back the same. */
export function writeDocument<K extends Kind>(
  kind: K,
  content: Omit<FileOf<K>, 'format' | 'version' | 'minor' | 'kind'>,
  minor = 0,
): string {
  const { format, version } = FORMAT;
  return `${JSON.stringify({ format, version, minor: Math.max(minor, FORMAT.minor), kind, ...content }, null, 2)}\n`;
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
      `${KINDS[wanted].name} is expected, this is ${JSON.stringify(kind)?.slice(0, 40)}`,
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
