import crc32 from 'crc-32';
import { inflateSync } from 'fflate';
import { type FileResult, quoted, refused } from './errors';

/** Most entries of a zip file that is opened. */
const MAX_ENTRIES = 20_000;
/** Longest directory: a name of moderate length an entry. */
const MAX_DIRECTORY_BYTES = 8_000_000;
const MAX_NAME_BYTES = 500;
/** A file may unpack to so many times its size, and to a little more than a small one has. */
const MAX_RATIO = 200;
const FREE_BYTES = 5_000_000;

const END = 0x06054b50;
const ENTRY = 0x02014b50;
const LOCAL = 0x04034b50;
const END_BYTES = 22;
const ENTRY_BYTES = 46;
const LOCAL_BYTES = 30;
const LONGEST_COMMENT = 0xffff;
const STORED = 0;
const DEFLATED = 8;
const ENCRYPTED = 1;

/** One file within a zip file, as its directory tells of it. */
export interface ZipEntry {
  readonly name: string;
  /** What it unpacks to. */
  readonly bytes: number;
}

interface PlacedEntry extends ZipEntry {
  readonly packedBytes: number;
  readonly method: number;
  readonly checksum: number;
  readonly at: number;
}

/** A zip file whose directory was looked through; its entries are unpacked one by one, when they are asked for. */
export interface Zip {
  readonly entries: readonly ZipEntry[];
  /** Unpacks an entry; refused where its size, its place or its checksum is not as the directory says. */
  read(name: string): Promise<FileResult<Uint8Array<ArrayBuffer>>>;
}

const damaged = (path: string, how: string) => refused('damaged', path, `the bundle is damaged: ${how}`);

/**
 * Opens a zip file by its directory. Refused before anything is unpacked: more entries than are opened, two of one name, entries
 * that overlap or lie outside the file, and sizes that together are more than such a file can honestly hold.
 */
export async function openZip(file: Blob): Promise<FileResult<Zip>> {
  const directory = await readDirectory(file);
  if (!directory.ok) return directory;
  const entries = directory.value;
  const total = entries.reduce((sum, e) => sum + e.bytes, 0);
  if (total > MAX_RATIO * file.size + FREE_BYTES)
    return refused('too-large', '', 'the bundle unpacks to more than an honest one of its size');
  const byName = new Map(entries.map((e) => [e.name, e]));
  if (byName.size < entries.length) return damaged('', 'two of its entries have one name');
  return {
    ok: true,
    value: {
      entries,
      read: async (name) => {
        const entry = byName.get(name);
        return entry ? unpack(file, entry) : refused('missing', name, 'missing');
      },
    },
  };
}

const bytesOf = async (file: Blob, from: number, to: number): Promise<Uint8Array<ArrayBuffer>> =>
  new Uint8Array(await file.slice(from, to).arrayBuffer());

const viewOf = (bytes: Uint8Array) => new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);

async function readDirectory(file: Blob): Promise<FileResult<readonly PlacedEntry[]>> {
  const tailAt = Math.max(0, file.size - END_BYTES - LONGEST_COMMENT);
  const tail = viewOf(await bytesOf(file, tailAt, file.size));
  const end = endOf(tail);
  if (end === null) return damaged('', 'it has no directory');
  const count = tail.getUint16(end + 10, true);
  const size = tail.getUint32(end + 12, true);
  const at = tail.getUint32(end + 16, true);
  if (count > MAX_ENTRIES || size > MAX_DIRECTORY_BYTES)
    return refused('too-large', '', `the bundle has more than ${MAX_ENTRIES} entries`);
  if (at + size > tailAt + end) return damaged('', 'its directory lies outside of it');
  return entriesOf(await bytesOf(file, at, at + size), count, at);
}

/** Where the end of the directory stands; null where there is none whose comment reaches to the end. */
function endOf(tail: DataView): number | null {
  for (let at = tail.byteLength - END_BYTES; at >= 0; at--)
    if (
      tail.getUint32(at, true) === END &&
      at + END_BYTES + tail.getUint16(at + 20, true) === tail.byteLength
    )
      return at;
  return null;
}

function entriesOf(bytes: Uint8Array, count: number, end: number): FileResult<readonly PlacedEntry[]> {
  const view = viewOf(bytes);
  const entries: PlacedEntry[] = [];
  let at = 0;
  for (let i = 0; i < count; i++) {
    if (at + ENTRY_BYTES > bytes.length || view.getUint32(at, true) !== ENTRY)
      return damaged('', 'its directory breaks off');
    const nameBytes = view.getUint16(at + 28, true);
    const next = at + ENTRY_BYTES + nameBytes + view.getUint16(at + 30, true) + view.getUint16(at + 32, true);
    if (nameBytes > MAX_NAME_BYTES || next > bytes.length) return damaged('', 'its directory breaks off');
    const name = new TextDecoder().decode(bytes.subarray(at + ENTRY_BYTES, at + ENTRY_BYTES + nameBytes));
    const entry = {
      name,
      method: view.getUint16(at + 10, true),
      checksum: view.getUint32(at + 16, true),
      packedBytes: view.getUint32(at + 20, true),
      bytes: view.getUint32(at + 24, true),
      at: view.getUint32(at + 42, true),
    };
    if (view.getUint16(at + 8, true) & ENCRYPTED)
      return refused('not-allowed', quoted(name), 'a bundle is not encrypted');
    entries.push(entry);
    at = next;
  }
  const overlaps = overlapOf(entries, end);
  return overlaps
    ? damaged(quoted(overlaps.name), 'entries lie one over another')
    : { ok: true, value: entries };
}

/** An entry that reaches into the next or into the directory, by the least that it takes. */
function overlapOf(entries: readonly PlacedEntry[], end: number): PlacedEntry | undefined {
  const inOrder = entries.toSorted((a, b) => a.at - b.at);
  return inOrder.find((e, i) => e.at + LOCAL_BYTES + e.packedBytes > (inOrder[i + 1]?.at ?? end));
}

async function unpack(file: Blob, entry: PlacedEntry): Promise<FileResult<Uint8Array<ArrayBuffer>>> {
  const { name, at, packedBytes, bytes, method, checksum } = entry;
  const local = viewOf(await bytesOf(file, at, at + LOCAL_BYTES));
  if (local.byteLength < LOCAL_BYTES || local.getUint32(0, true) !== LOCAL)
    return damaged(name, 'an entry is not where its directory says');
  const from = at + LOCAL_BYTES + local.getUint16(26, true) + local.getUint16(28, true);
  const packed = await bytesOf(file, from, from + packedBytes);
  if (packed.length < packedBytes) return damaged(name, 'it breaks off');
  const content = contentOf(packed, method, bytes);
  if (!content) return damaged(name, 'it cannot be unpacked');
  if (crc32.buf(content) >>> 0 !== checksum) return damaged(name, 'its checksum is another');
  return { ok: true, value: content };
}

function contentOf(
  packed: Uint8Array<ArrayBuffer>,
  method: number,
  bytes: number,
): Uint8Array<ArrayBuffer> | null {
  if (method === STORED) return packed.length === bytes ? packed : null;
  if (method !== DEFLATED) return null;
  try {
    // no more is unpacked than was told: what goes beyond has nowhere to go
    const content = inflateSync(packed, { out: new Uint8Array(bytes) });
    return content.length === bytes ? content : null;
  } catch {
    return null;
  }
}
