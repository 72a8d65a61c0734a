/** A file to be saved: its name, and what it holds. */
export interface NamedFile {
  readonly name: string;
  readonly text: string | Uint8Array<ArrayBuffer>;
}

const TYPES: Record<string, string> = { csv: 'text/csv', zip: 'application/zip' };

/** Hands a file to the browser to be saved. */
export function saveFile({ name, text }: NamedFile): void {
  const type = TYPES[name.split('.').at(-1) ?? ''] ?? 'application/json';
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}
