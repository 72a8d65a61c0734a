import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { MAX_DOCUMENT_BYTES, type StoredPicture } from '@/model';
import { type FileErrorCode, type FileResult } from './errors';
import { isKept, pictureHeader } from './picture';

/** A stand and the pictures that it refers to, in one file (formats: the bundle). */
export interface Bundle {
  /** The stand file's text. */
  readonly text: string;
  readonly pictures: readonly StoredPicture[];
}

const STAND = 'stand.json';
const PICTURE = /^pictures\/([0-9a-f]{64})$/;
/** A stored picture is bounded, and a stand has one. */
const MAX_ENTRY_BYTES = 20_000_000;
const MAX_ENTRIES = 50;

/** Whether a file is a zip file, by its first bytes. */
export const isBundle = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b;

const refused = (code: FileErrorCode, path: string, message: string): FileResult<never> => ({
  ok: false,
  error: { code, path, message },
});

/**
 * Reads a bundle: `stand.json`, and `pictures/<sha256>` beside it. Nothing else in it is unpacked; a picture that is not
 * what its name says, or no picture, is refused with its path.
 */
export function readBundle(bytes: Uint8Array): FileResult<Bundle> {
  let tooLarge: string | null = null;
  let count = 0;
  let entries: Record<string, Uint8Array>;
  try {
    entries = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        if (name !== STAND && !PICTURE.test(name)) return false;
        // what it claims to unpack to is looked at first: a small file can hold gigabytes of nothing
        if (originalSize > (name === STAND ? MAX_DOCUMENT_BYTES : MAX_ENTRY_BYTES) || ++count > MAX_ENTRIES) {
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
  const stand = entries[STAND];
  if (!stand) return refused('missing', STAND, 'the bundle holds no stand');
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
  return { ok: true, value: { text: strFromU8(stand), pictures } };
}

/** Writes a bundle that `readBundle` reads back the same; pictures are packed as they are, since they are compressed. */
export function writeBundle({ text, pictures }: Bundle): Uint8Array {
  return zipSync({
    [STAND]: strToU8(text),
    ...Object.fromEntries(
      pictures.map((p) => [`pictures/${p.sha256}`, [new Uint8Array(p.bytes), { level: 0 }] as const]),
    ),
  });
}
