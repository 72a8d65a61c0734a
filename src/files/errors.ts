/** Why a file is refused, and where in it. */
export type FileErrorCode =
  | 'not-json'
  | 'too-large'
  | 'wrong-format'
  | 'unsupported-version'
  | 'wrong-kind'
  | 'missing'
  | 'wrong-type'
  | 'out-of-range'
  | 'unknown-key'
  | 'not-allowed'
  | 'duplicate-id'
  | 'unknown-filter';

export interface FileError {
  readonly code: FileErrorCode;
  /** Like `stand.readings[2].aperture`; empty for the file as a whole. */
  readonly path: string;
  readonly message: string;
}

export type FileResult<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: FileError };

/** A path as it is written in errors: names joined by dots, places in lists in brackets. */
export function pathText(path: readonly PropertyKey[]): string {
  return path
    .map((key, i) => (typeof key === 'number' ? `[${key}]` : `${i ? '.' : ''}${String(key)}`))
    .join('');
}
