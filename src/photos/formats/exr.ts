import { type PhotoFault } from '@/model';
import { ascii, uint32 } from './bytes';
import { type Checked, checkedSize, refused } from './checked';

const MAX_TEXT_BYTES = 255;
const MAX_CHANNELS = 64;
const MAX_TILE = 4_096;
/** Tiles, several parts, deep ones (OpenEXR file layout: the version field). */
const TILED = 0x200;
const PARTS = 0x1800;
/** Lines of a chunk by the number of the compression (OpenEXR file layout); there are no others. */
const CHUNK_LINES = [1, 1, 1, 16, 32, 16, 32, 32, 32, 256] as const;
/** No compression packs more than this into a byte: that of deflate, and a little. */
const MAX_RATIO = 1_100;
const CHUNK_HEAD = 8;
const TILE_HEAD = 20;

/** The attributes of a header, by name: where each begins, and how long it is. */
type Attributes = ReadonlyMap<string, { readonly at: number; readonly length: number }>;

/**
 * Looks through an OpenEXR file before its reader sees it: one part whose header ends, no attribute twice, one window, channels
 * that are there, and a table of chunks that lie within the file, none over another, with enough in them for the pixels
 * they are said to hold.
 */
export function checkExr(bytes: Uint8Array, mostPixels: number): Checked {
  const flags = uint32(bytes, 4, true);
  if (flags & PARTS) return refused('unsupported');
  const header = attributesOf(bytes);
  if (!header) return refused('damaged');
  const { attributes, end } = header;
  const window = attributes.get('dataWindow');
  const channels = channelCount(bytes, attributes);
  const packing = attributes.get('compression');
  if (window?.length !== 16 || channels === null || packing?.length !== 1) return refused('damaged');
  const corner = (i: number) => uint32(bytes, window.at + 4 * i, true) | 0;
  const [columns, rows] = [corner(2) - corner(0) + 1, corner(3) - corner(1) + 1];
  const size = checkedSize(columns, rows, mostPixels);
  if (!size.ok) return size;
  if (columns * rows * channels > MAX_RATIO * bytes.length) return refused('truncated');
  const lines = CHUNK_LINES[bytes[packing.at] ?? -1];
  if (lines === undefined) return refused('unsupported');
  const tiles = flags & TILED ? tileCount(bytes, attributes, columns, rows) : null;
  if (tiles === 0) return refused('unsupported');
  const fault = chunksFault(bytes, end, {
    count: tiles ?? Math.ceil(rows / lines),
    head: tiles === null ? CHUNK_HEAD : TILE_HEAD,
  });
  return fault ? refused(fault) : size;
}

function attributesOf(bytes: Uint8Array): { readonly attributes: Attributes; readonly end: number } | null {
  const attributes = new Map<string, { at: number; length: number }>();
  let at = 8;
  /** A text up to its zero byte, and past it; null where it does not end. */
  const text = (): string | null => {
    const end = bytes.indexOf(0, at);
    if (end < 0 || end - at > MAX_TEXT_BYTES) return null;
    const found = ascii(bytes, at, end - at);
    at = end + 1;
    return found;
  };
  for (let name = text(); name !== ''; name = text()) {
    if (name === null || attributes.has(name) || text() === null || at + 4 > bytes.length) return null;
    const length = uint32(bytes, at, true);
    at += 4;
    if (at + length >= bytes.length) return null;
    attributes.set(name, { at, length });
    at += length;
  }
  return { attributes, end: at };
}

/** How many channels the header lists; null where the list is not whole. */
function channelCount(bytes: Uint8Array, attributes: Attributes): number | null {
  const list = attributes.get('channels');
  if (!list) return null;
  const end = list.at + list.length;
  const names = new Set<string>();
  let at = list.at;
  while (at < end && bytes[at] !== 0) {
    const nameEnd = bytes.indexOf(0, at);
    if (nameEnd < 0 || nameEnd - at > MAX_TEXT_BYTES || nameEnd + 17 > end) return null;
    const name = ascii(bytes, at, nameEnd - at);
    const [kind, across, down] = [0, 8, 12].map((k) => uint32(bytes, nameEnd + 1 + k, true));
    const isSampled = [across, down].every((s) => s !== undefined && s >= 1 && s <= 4);
    if (names.has(name) || (kind as number) > 2 || !isSampled) return null;
    names.add(name);
    if (names.size > MAX_CHANNELS) return null;
    at = nameEnd + 17;
  }
  return at === end - 1 && names.size ? names.size : null;
}

/** How many tiles there are; 0 for those in several levels, which are not read. */
function tileCount(bytes: Uint8Array, attributes: Attributes, columns: number, rows: number): number {
  const tiles = attributes.get('tiles');
  if (tiles?.length !== 9 || bytes[tiles.at + 8] !== 0) return 0;
  const [across, down] = [uint32(bytes, tiles.at, true), uint32(bytes, tiles.at + 4, true)];
  if (!(across >= 1 && down >= 1 && across <= MAX_TILE && down <= MAX_TILE)) return 0;
  return Math.ceil(columns / across) * Math.ceil(rows / down);
}

function chunksFault(
  bytes: Uint8Array,
  table: number,
  { count, head }: { readonly count: number; readonly head: number },
): PhotoFault | null {
  const first = table + 8 * count;
  if (first > bytes.length) return 'truncated';
  const chunks: (readonly [from: number, to: number])[] = [];
  for (let i = 0; i < count; i++) {
    // no file that is read is so long that the upper half says anything
    if (uint32(bytes, table + 8 * i + 4, true) !== 0) return 'damaged';
    const at = uint32(bytes, table + 8 * i, true);
    if (at < first || at + head > bytes.length) return 'truncated';
    const to = at + head + uint32(bytes, at + head - 4, true);
    if (to > bytes.length) return 'truncated';
    chunks.push([at, to]);
  }
  chunks.sort((a, b) => a[0] - b[0]);
  return chunks.some(([, to], i) => to > (chunks[i + 1]?.[0] ?? Infinity)) ? 'damaged' : null;
}
