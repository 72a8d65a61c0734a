import { type FileResult } from '@/files';
import { type Stand } from '@/model';
import { type PictureShelf } from './pictures';
import { type NamedBytes, type NamedText } from './workspace-types';

/** Zip and hashes are for the few times when files go out or come in. */
const bundles = () => import('@/files/bundle');

/** The document of a file that comes in; the pictures that it brings are kept first. */
export async function openFile(file: Blob, pictures: PictureShelf): Promise<FileResult<string>> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  const { isBundle, readBundle } = await bundles();
  if (!isBundle(bytes)) return { ok: true, value: new TextDecoder().decode(bytes) };
  const read = readBundle(bytes);
  if (!read.ok) return read;
  for (const picture of read.value.pictures) await pictures.keep(picture);
  return { ok: true, value: read.value.text };
}

/** A document and the pictures of its stands in one file; null where there are none, or none is here. */
export async function withPictures(
  kind: 'stand' | 'backup',
  { name, text }: NamedText,
  stands: readonly Stand[],
  shelf: PictureShelf,
): Promise<NamedBytes | null> {
  const hashes = new Set(stands.flatMap(({ picture }) => (picture ? [picture.sha256] : [])));
  const found = await Promise.all([...hashes].map((sha256) => shelf.find(sha256)));
  const pictures = found.filter((picture) => picture !== null);
  if (!pictures.length) return null;
  const { writeBundle } = await bundles();
  return { name: name.replace(/json$/, 'zip'), bytes: writeBundle({ kind, text, pictures }) };
}
