import { type DocumentFault, type FaultCode } from '@/model/schema/faults';

export { pathText, quoted } from '@/model/schema/faults';

/** Why a file is refused, and where in it. */
export type FileErrorCode = FaultCode;
export type FileError = DocumentFault;

export type FileResult<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: FileError };

export const refused = (code: FileErrorCode, path: string, message: string): FileResult<never> => ({
  ok: false,
  error: { code, path, message },
});

/** A thing of a file that could not be taken, while the others were. */
export interface RefusedThing {
  readonly what:
    'stand' | 'filter' | 'lens' | 'camera' | 'bag' | 'outing' | 'place' | 'plans' | 'preferences' | 'picture';
  /** What it says it is called. */
  readonly name: string;
  readonly error: FileError;
  /** As it stands in the file, to be saved by itself; null for what is no text. */
  readonly text: string | null;
}
