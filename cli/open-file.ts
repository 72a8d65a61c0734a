import { readFileSync, statSync } from 'node:fs';
import { type FileError, type FileResult, type OpenedStand, readStandFile } from '@/files';
import { decoded, isBundle, openBundle } from '@/files/bundle';

/** A file that could not even be read, or not be worked out, is refused like one whose contents are at fault. */
export type Refusal = Omit<FileError, 'code'> & {
  readonly code: FileError['code'] | 'unreadable' | 'failed';
};
export type Result<T> = FileResult<T> | { readonly ok: false; readonly error: Refusal };

/** Largest file that is looked at. */
const MAX_FILE_BYTES = 500_000_000;

export const refusal = (code: Refusal['code'], message: string): Result<never> => ({
  ok: false,
  error: { code, path: '', message },
});

/** Opens a stand file or a bundle; "-" is standard input. */
export async function openFile(file: string): Promise<Result<OpenedStand>> {
  try {
    if (file !== '-' && statSync(file).size > MAX_FILE_BYTES)
      return refusal('too-large', `a file has at most ${MAX_FILE_BYTES / 1e6} MB`);
    const bytes = new Uint8Array(readFileSync(file === '-' ? 0 : file));
    if (!isBundle(bytes)) {
      const text = decoded(bytes);
      return text === null ? refusal('damaged', 'it holds what is no text') : readStandFile(text);
    }
    const bundle = await openBundle(new Blob([bytes]));
    return bundle.ok ? readStandFile(bundle.value.text) : bundle;
  } catch (error) {
    return refusal('unreadable', (error as Error).message);
  }
}
