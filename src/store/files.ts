import { type FileError, type FileResult, type RefusedThing } from '@/files';
import { MAX_BACKUP_BYTES, type Stand } from '@/model';
import { type PhotoShelf } from './pictures';
import { type NamedBytes, type NamedText } from './workspace-types';

/** Zip and hashes are for the few times when files go out or come in. */
const bundles = () => import('@/files/bundle');

/** Largest file that is looked at, whatever it says it is. */
const MAX_FILE_BYTES = 1_000_000_000;

/** A file that came in: its document, and the pictures that come with it, which are kept when the document is taken. */
export interface OpenedFile {
  readonly text: string;
  /** Keeps the pictures; those that are damaged are told, and lose nothing but themselves. */
  readonly keepPhotos: () => Promise<readonly RefusedThing[]>;
}

const refused = (code: FileError['code'], message: string): FileResult<never> => ({
  ok: false,
  error: { code, path: '', message },
});

/** Opens a file as it was picked or dropped: its first bytes and its size are looked at before it is read. */
export async function openFile(file: Blob, pictures: PhotoShelf): Promise<FileResult<OpenedFile>> {
  if (file.size > MAX_FILE_BYTES)
    return refused('too-large', `a file has at most ${MAX_FILE_BYTES / 1e6} MB`);
  const { decoded, isBundle, openBundle } = await bundles();
  const head = new Uint8Array(await file.slice(0, 1000).arrayBuffer());
  if (isBundle(head)) {
    const bundle = await openBundle(file);
    if (!bundle.ok) return bundle;
    const { text, sha256s, picture } = bundle.value;
    const keepPhotos = async () => {
      const bad: RefusedThing[] = [];
      for (const sha256 of sha256s) {
        const read = await picture(sha256);
        if (read.ok) await pictures.keep(read.value);
        else bad.push({ what: 'picture', name: sha256.slice(0, 12), error: read.error, text: null });
      }
      return bad;
    };
    return { ok: true, value: { text, keepPhotos } };
  }
  // what is no document is not read to its end
  const { beginsAsDocument } = await import('@/files');
  if (!beginsAsDocument(new TextDecoder().decode(head)))
    return refused('not-json', 'no document of Pale Seam');
  if (file.size > MAX_BACKUP_BYTES)
    return refused('too-large', `a document has at most ${MAX_BACKUP_BYTES / 1e6} MB`);
  const text = decoded(new Uint8Array(await file.arrayBuffer()));
  return text === null
    ? refused('damaged', 'it holds what is no text')
    : { ok: true, value: { text, keepPhotos: async () => [] } };
}

/** A document and the pictures of its stands in one file, and those that are not here; null where there are none. */
export async function withPhotos(
  kind: 'stand' | 'backup',
  { name, text }: NamedText,
  stands: readonly Stand[],
  shelf: PhotoShelf,
): Promise<{ readonly file: FileResult<NamedBytes>; readonly missing: number } | null> {
  const hashes = new Set(stands.flatMap(({ picture }) => (picture ? [picture.sha256] : [])));
  const found = await Promise.all([...hashes].map((sha256) => shelf.find(sha256)));
  const pictures = found.filter((picture) => picture !== null);
  if (!pictures.length) return null;
  const { writeBundle } = await bundles();
  const bytes = await writeBundle({ kind, text, pictures });
  return {
    file: bytes.ok ? { ok: true, value: { name: name.replace(/json$/, 'zip'), bytes: bytes.value } } : bytes,
    missing: hashes.size - pictures.length,
  };
}
