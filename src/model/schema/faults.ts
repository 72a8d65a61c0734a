import { type z } from 'zod';
import { LIMITS } from '../terms/limits';

/** Why a document, or a part of one, is refused. */
export type FaultCode =
  | 'not-json'
  | 'too-large'
  | 'too-deep'
  | 'wrong-format'
  | 'unsupported-version'
  | 'wrong-kind'
  | 'missing'
  | 'wrong-type'
  | 'out-of-range'
  | 'unknown-key'
  | 'not-allowed'
  | 'duplicate-id'
  | 'unknown-filter'
  | 'damaged';

/** A fault and its place. */
export interface DocumentFault {
  readonly code: FaultCode;
  /** Like `stand.readings[2].aperture`; empty for the document as a whole. */
  readonly path: string;
  readonly message: string;
}

/** The part of a text that a message repeats. */
export const quoted = (text: string): string => `"${text.slice(0, 40).toWellFormed()}"`;

const PLAIN_KEY = /^[A-Za-z_][A-Za-z0-9_]{0,60}$/;

/** A path as it is written in faults: names joined by dots, places in lists and odd keys in brackets. */
export function pathText(path: readonly PropertyKey[]): string {
  return path
    .map((key, i) => {
      if (typeof key === 'number') return `[${key}]`;
      const name = String(key);
      return PLAIN_KEY.test(name) ? `${i ? '.' : ''}${name}` : `[${quoted(name)}]`;
    })
    .join('');
}

/** A finding of the schema as a fault. */
export function faultOf(issue: z.core.$ZodIssue, document: unknown): DocumentFault {
  const path = [...issue.path];
  const at = pathText(path);
  switch (issue.code) {
    case 'unrecognized_keys': {
      const key = issue.keys[0] as string;
      return {
        code: 'unknown-key',
        path: pathText([...path, key]),
        message: `the key ${quoted(key)} is not known here`,
      };
    }
    case 'custom':
      return { code: (issue.params as { code: FaultCode }).code, path: at, message: issue.message };
    case 'too_small':
    case 'too_big':
      return { code: 'out-of-range', path: at, message: rangeMessage(issue) };
    case 'invalid_union':
      if (valueAt(document, path) === undefined) return missing(path);
      if (issue.errors.some((e) => e.some((i) => i.code === 'too_small' || i.code === 'too_big')))
        return { code: 'out-of-range', path: at, message: 'outside the allowed range' };
      return { code: 'wrong-type', path: at, message: 'not of the expected type' };
    default:
      if (valueAt(document, path) === undefined) return missing(path);
      return { code: 'wrong-type', path: at, message: typeMessage(issue) };
  }
}

const missing = (path: PropertyKey[]): DocumentFault => ({
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

function valueAt(document: unknown, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (value, key) =>
      typeof value === 'object' && value !== null && Object.hasOwn(value, key)
        ? (value as Record<PropertyKey, unknown>)[key]
        : undefined,
    document,
  );
}
