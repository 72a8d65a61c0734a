/** A file to be saved: its name, and what it holds. */
type NamedFile = { readonly name: string } & (
  { readonly text: string } | { readonly bytes: Uint8Array<ArrayBuffer> }
);

const TYPES: Record<string, string> = {
  csv: 'text/csv',
  zip: 'application/zip',
  pdf: 'application/pdf',
  png: 'image/png',
};

/** An address that nobody fetches any more is given back after so long, ms. */
const REVOKED_AFTER_MS = 60_000;

/** Hands a file to the browser to be saved. */
export function saveFile(file: NamedFile): void {
  const type = TYPES[file.name.split('.').at(-1) ?? ''] ?? 'application/json';
  const url = URL.createObjectURL(new Blob(['text' in file ? file.text : file.bytes], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = file.name;
  link.click();
  // the browser fetches it in a turn of its own
  setTimeout(() => URL.revokeObjectURL(url), REVOKED_AFTER_MS);
}
