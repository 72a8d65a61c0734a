import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { MAX_BACKUP_BYTES, MAX_DOCUMENT_BYTES, MAX_STANDS, type StoredPicture } from '@/model';
import { type FileErrorCode, type FileResult } from './errors';
import { isKept, pictureHeader } from './picture';

/** A stand, or everything, and the pictures that it refers to, in one file (formats: the bundle). */
export interface Bundle {
  readonly kind: BundleKind;
  /** The text of the stand file, or of the backup. */
  readonly text: string;
  readonly pictures: readonly StoredPicture[];
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
/** A stored picture is bounded, and so is what all of them unpack to. */
const MAX_PICTURE_BYTES = 20_000_000;
const MAX_BYTES = 1_000_000_000;

/** Whether a file is a zip file, by its first bytes. */
export const isBundle = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b;

const refused = (code: FileErrorCode, path: string, message: string): FileResult<never> => ({
  ok: false,
  error: { code, path, message },
});

/**
 * Reads a bundle: `stand.json` or `backup.json`, and `pictures/<sha256>` beside it. Nothing else in it is unpacked; a
 * picture that is not what its name says, or no picture, is refused with its path.
 */
export function readBundle(bytes: Uint8Array): FileResult<Bundle> {
  const kindOf = (name: string) => (Object.keys(KINDS) as BundleKind[]).find((k) => KINDS[k].name === name);
  let tooLarge: string | null = null;
  let [total, count] = [0, 0];
  let entries: Record<string, Uint8Array>;
  try {
    entries = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        const kind = kindOf(name);
        if (!kind && !PICTURE.test(name)) return false;
        // what it claims to unpack to is looked at first: a small file can hold gigabytes of nothing
        total += originalSize;
        if (!kind) count++;
        if (originalSize > (kind ? KINDS[kind].bytes : MAX_PICTURE_BYTES) || total > MAX_BYTES) {
          tooLarge = name;
          return false;
        }
        return true;
      },
    });
  } catch {
    return refused('not-json', '', 'the bundle is damaged: it cannot be unpacked');
  }
  if (tooLarge) return refused('too-large', tooLarge, 'larger than a bundle may hold');
  const kind = Object.keys(entries).map(kindOf).find(Boolean);
  if (!kind) return refused('missing', KINDS.stand.name, 'the bundle holds no stand');
  if (count > KINDS[kind].pictures) return refused('too-large', '', 'more pictures than a bundle may hold');
  const document = entries[KINDS[kind].name] as Uint8Array;
  const pictures: StoredPicture[] = [];
  for (const [name, content] of Object.entries(entries)) {
    const hash = PICTURE.exec(name)?.[1];
    if (!hash) continue;
    const header = pictureHeader(content);
    if (!header.ok || !isKept(header.header.type))
      return refused('wrong-type', name, 'not a picture that is known here');
    if (bytesToHex(sha256(content)) !== hash)
      return refused('wrong-type', name, 'the picture is not the one that its name stands for');
    pictures.push({ sha256: hash, type: header.header.type, bytes: content.slice().buffer });
  }
  return { ok: true, value: { kind, text: strFromU8(document), pictures } };
}

/** Writes a bundle that `readBundle` reads back the same; pictures are packed as they are, since they are compressed. */
export function writeBundle({ kind, text, pictures }: Bundle): Uint8Array<ArrayBuffer> {
  return zipSync({
    [KINDS[kind].name]: strToU8(text),
    ...Object.fromEntries(
      pictures.map((p) => [`pictures/${p.sha256}`, [new Uint8Array(p.bytes), { level: 0 }] as const]),
    ),
  });
}
