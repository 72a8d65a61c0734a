import { imageSize } from 'image-size';
import { PHOTO_TYPES, type PhotoFault, type PhotoType } from '@/model';
import { ascii, uint32 } from './bytes';
import { checkExr } from './exr';
import { checkRadiance } from './radiance';

/** Pictures of high dynamic range. */
const HIGH_RANGE_TYPES = ['image/vnd.radiance', 'image/x-exr'] as const;
export type HighRangeType = (typeof HIGH_RANGE_TYPES)[number];
/** What a camera's sensor recorded, in any of its many formats. */
export const RAW_TYPE = 'image/x-raw';

/** Every type of file that a picture is taken from. */
export type SourceType = PhotoType | HighRangeType | typeof RAW_TYPE;

/** What a picture's first bytes say it is. */
export interface PhotoHeader {
  readonly type: SourceType;
  /** 0 for what a camera recorded: only its own reader knows. */
  readonly columns: number;
  readonly rows: number;
}

export type HeaderResult =
  { readonly ok: true; readonly header: PhotoHeader } | { readonly ok: false; readonly fault: PhotoFault };

/** A file larger than this, or of more pixels, is not decoded: it would take the page's memory. */
const MAX_PHOTO_BYTES = 150_000_000;
const MAX_PIXELS = 80_000_000;
/** Of high dynamic range a pixel takes four times as much. */
const MAX_HIGH_RANGE_PIXELS = 30_000_000;
/** What is known by none of its first bytes may still be what some camera recorded, which no camera does in less. */
const LEAST_RAW_BYTES = 500_000;

const refused = (fault: PhotoFault): HeaderResult => ({ ok: false, fault });

/** Looks at a file before anything decodes it: what it is by its bytes, not by its name, how large, and whether it is whole. */
export function photoHeader(bytes: Uint8Array): HeaderResult {
  if (!bytes.length) return refused('empty');
  if (bytes.length > MAX_PHOTO_BYTES) return refused('too-large');
  const format = formatOf(bytes);
  if (!format) return bytes.length < LEAST_RAW_BYTES ? refused('not-a-picture') : rawHeader;
  if (format === RAW_TYPE) return rawHeader;
  if (isHighRange(format)) {
    const check = format === 'image/x-exr' ? checkExr : checkRadiance;
    const checked = check(bytes, MAX_HIGH_RANGE_PIXELS);
    if (!checked.ok) return checked;
    const { columns, rows } = checked;
    return { ok: true, header: { type: format, columns, rows } };
  }
  if (!isKept(format)) return refused('unsupported');
  const check = CHECKS[format];
  const fault = check(bytes);
  if (fault) return refused(fault);
  try {
    const { width, height } = imageSize(bytes);
    return bounded(format, [width, height]);
  } catch {
    return refused('damaged');
  }
}

const rawHeader: HeaderResult = { ok: true, header: { type: RAW_TYPE, columns: 0, rows: 0 } };

/** A picture of some size, if that is a size and not too large. */
function bounded(type: PhotoType, [columns, rows]: readonly [number, number]): HeaderResult {
  if (!(columns > 0 && rows > 0)) return refused('damaged');
  return columns * rows > MAX_PIXELS
    ? refused('too-many-pixels')
    : { ok: true, header: { type, columns, rows } };
}

const isHighRange = (format: string): format is HighRangeType =>
  (HIGH_RANGE_TYPES as readonly string[]).includes(format);

/** Whether pictures are kept as files of a type. */
export const isKept = (format: string): format is PhotoType =>
  (PHOTO_TYPES as readonly string[]).includes(format);

/** The format by its signature; null for what is no picture that is known. */
function formatOf(bytes: Uint8Array): string | null {
  if (bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff) return 'image/jpeg';
  if (uint32(bytes, 0) === 0x89504e47 && uint32(bytes, 4) === 0x0d0a1a0a) return 'image/png';
  if (ascii(bytes, 0, 4) === 'RIFF' && ascii(bytes, 8, 4) === 'WEBP') return 'image/webp';
  if (ascii(bytes, 4, 4) === 'ftyp') {
    const brands = ascii(bytes, 8, Math.min(64, uint32(bytes, 0)) - 8);
    return /avi[fs]/.test(brands)
      ? 'image/avif'
      : /heic|heix|mif1|msf1/.test(brands)
        ? 'image/heic'
        : /crx /.test(brands)
          ? RAW_TYPE
          : null;
  }
  if (ascii(bytes, 0, 4) === 'GIF8') return 'image/gif';
  if (ascii(bytes, 0, 2) === '#?') return 'image/vnd.radiance';
  if (uint32(bytes, 0) === 0x762f3101) return 'image/x-exr';
  // most cameras' own formats are built as TIFF, whether or not they say so
  if (['II', 'MM'].includes(ascii(bytes, 0, 2)) && bytes.length > 8) return RAW_TYPE;
  return ascii(bytes, 0, 2) === 'BM' && uint32(bytes, 2, true) === bytes.length ? 'image/bmp' : null;
}

/** A picture in more chunks than this is none that a program wrote. */
const MAX_CHUNKS = 100_000;

/** What of each format must be there for it to be whole, and what makes it more than one picture. */
const CHECKS: Record<PhotoType, (bytes: Uint8Array) => PhotoFault | null> = {
  'image/jpeg': (bytes) => (jpegIsWhole(bytes) ? null : 'truncated'),
  'image/png': (bytes) => {
    let chunks = 0;
    let last = '';
    for (let at = 8; at + 12 <= bytes.length && last !== 'IEND'; at += 12 + uint32(bytes, at)) {
      last = ascii(bytes, at + 4, 4);
      if (last === 'acTL') return 'animated';
      // one header, and it stands first
      if ((last === 'IHDR') !== (chunks === 0) || ++chunks > MAX_CHUNKS) return 'damaged';
    }
    return last === 'IEND' ? null : 'truncated';
  },
  'image/webp': (bytes) => {
    if (uint32(bytes, 4, true) + 8 > bytes.length) return 'truncated';
    return ascii(bytes, 12, 4) === 'VP8X' && ((bytes[20] ?? 0) & 0x02) !== 0 ? 'animated' : null;
  },
  'image/avif': (bytes) => {
    if (ascii(bytes, 8, 4) === 'avis') return 'animated';
    let at = 0;
    while (at < bytes.length) {
      const size = uint32(bytes, at);
      if (size === 0) return null; // the last box reaches to the end
      if (size < 8) return 'damaged';
      at += size;
    }
    return at === bytes.length ? null : 'truncated';
  },
};

/** Markers of a JPEG that tell a size (ITU-T T.81, table B.1). */
const SIZES = new Set([0xc0, 0xc1, 0xc2, 0xc3, 0xc5, 0xc6, 0xc7, 0xc9, 0xca, 0xcb, 0xcd, 0xce, 0xcf]);

/** Whether the picture itself, behind its headers (which may hold pictures of their own), has its end, and one size. */
function jpegIsWhole(bytes: Uint8Array): boolean {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  let at = 2;
  let sizes = 0;
  while (at + 4 <= bytes.length && bytes[at] === 0xff) {
    const marker = view.getUint8(at + 1);
    const length = view.getUint16(at + 2);
    if (marker === 0xda) break;
    // two sizes are no size: what decodes it may take the other
    if (SIZES.has(marker) && ++sizes > 1) return false;
    at += marker === 0xff ? 1 : 2 + length;
  }
  for (let i = at; i + 1 < bytes.length; i++) if (bytes[i] === 0xff && bytes[i + 1] === 0xd9) return true;
  return false;
}
