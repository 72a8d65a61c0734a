import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import { strToU8, zipSync } from 'fflate';
import { MAX_BACKUP_BYTES, MAX_DOCUMENT_BYTES, MAX_PHOTO_SIDE, MAX_STANDS, type StoredPhoto } from '@/model';
import { type FileResult, refused } from './errors';
import { isKept, photoHeader } from '@/photos/formats';
import { openZip, type Zip } from './zip';

/** A stand, or everything, and the pictures that it refers to, in one file (formats: the bundle). */
export interface Bundle {
  readonly kind: BundleKind;
  /** The text of the stand file, or of the backup. */
  readonly text: string;
  readonly pictures: readonly StoredPhoto[];
}

/** A bundle that is open: its document, and its pictures one by one, when they are wanted. */
export interface OpenedBundle {
  readonly kind: BundleKind;
  readonly text: string;
  /** SHA-256 of the pictures that it says it holds. */
  readonly sha256s: readonly string[];
  /** A picture of the bundle; refused where it is damaged, no picture, or another than its name stands for. */
  readonly picture: (sha256: string) => Promise<FileResult<StoredPhoto>>;
}

export type BundleKind = 'stand' | 'backup';

/** What the document of each kind is called, how large it may be, and how many pictures may stand beside it. */
const KINDS: Record<
  BundleKind,
  { readonly name: string; readonly bytes: number; readonly pictures: number }
> = {
  stand: { name: 'stand.json', bytes: MAX_DOCUMENT_BYTES, pictures: 50 },
  backup: { name: 'backup.json', bytes: MAX_BACKUP_BYTES, pictures: MAX_STANDS },
};
const PICTURE = /^pictures\/([0-9a-f]{64})$/;
const pathOf = (hash: string) => `pictures/${hash}`;
/** A stored picture is bounded. */
const MAX_PHOTO_BYTES = 20_000_000;

/** Whether a file is a zip file, by its first bytes. */
export const isBundle = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b;

/** Opens a bundle: `stand.json` or `backup.json`, and `pictures/<sha256>` beside it; nothing else in it is unpacked. */
export async function openBundle(file: Blob): Promise<FileResult<OpenedBundle>> {
  const zip = await openZip(file);
  if (!zip.ok) return zip;
  const { entries } = zip.value;
  const kind = (Object.keys(KINDS) as BundleKind[]).find((k) =>
    entries.some((e) => e.name === KINDS[k].name),
  );
  if (!kind) return refused('missing', KINDS.stand.name, 'the bundle holds no stand');
  const { name, bytes, pictures } = KINDS[kind];
  const sha256s = entries.flatMap((e) => PICTURE.exec(e.name)?.[1] ?? []);
  if (sha256s.length > pictures) return refused('too-large', '', 'more pictures than a bundle may hold');
  const tooLarge = entries.find(
    (e) => e.bytes > (e.name === name ? bytes : PICTURE.test(e.name) ? MAX_PHOTO_BYTES : Infinity),
  );
  if (tooLarge) return refused('too-large', tooLarge.name, 'larger than a bundle may hold');
  const document = await zip.value.read(name);
  if (!document.ok) return document;
  const text = decoded(document.value);
  if (text === null) return refused('damaged', name, 'it holds what is no text');
  return { ok: true, value: { kind, text, sha256s, picture: (hash) => pictureOf(zip.value, hash) } };
}

/** Bytes as text; null where they are none (UTF-8). */
export function decoded(bytes: Uint8Array): string | null {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return null;
  }
}

async function pictureOf(zip: Zip, hash: string): Promise<FileResult<StoredPhoto>> {
  const path = pathOf(hash);
  const read = await zip.read(path);
  if (!read.ok) return read;
  const header = photoHeader(read.value);
  if (!header.ok || !isKept(header.header.type))
    return refused('wrong-type', path, 'not a picture that is known here');
  if (Math.max(header.header.columns, header.header.rows) > MAX_PHOTO_SIDE)
    return refused('too-large', path, `a kept picture has at most ${MAX_PHOTO_SIDE} pixels a side`);
  if (bytesToHex(sha256(read.value)) !== hash)
    return refused('wrong-type', path, 'the picture is not the one that its name stands for');
  return {
    ok: true,
    value: { sha256: hash, type: header.header.type, bytes: read.value.slice().buffer },
  };
}

/**
 * Writes a bundle, and reads it back before it says so; pictures are packed as they are, since they are compressed.
 */
export async function writeBundle({
  kind,
  text,
  pictures,
}: Bundle): Promise<FileResult<Uint8Array<ArrayBuffer>>> {
  const bytes = zipSync({
    [KINDS[kind].name]: strToU8(text),
    ...Object.fromEntries(
      pictures.map((p) => [pathOf(p.sha256), [new Uint8Array(p.bytes), { level: 0 }] as const]),
    ),
  });
  const back = await openBundle(new Blob([bytes]));
  if (!back.ok) return back;
  if (back.value.text !== text)
    return refused('damaged', KINDS[kind].name, 'it does not read as the same again');
  for (const { sha256: hash } of pictures) {
    const picture = await back.value.picture(hash);
    if (!picture.ok) return picture;
  }
  return { ok: true, value: bytes };
}
