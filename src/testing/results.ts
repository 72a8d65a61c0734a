type Result<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly error: { readonly path: string; readonly message: string } };

/** What a result holds, or a failed test. */
export function valueOf<T>(result: Result<T> | null): T {
  if (!result) throw new Error('nothing');
  if (!result.ok) throw new Error(`${result.error.path}: ${result.error.message}`);
  return result.value;
}
