import { ascii } from './bytes';
import { type Checked, checkedSize, refused } from './checked';

const HEADER_BYTES = 8_000;
const SIZE = /^-Y {1,8}(\d{1,9}) {1,8}\+X {1,8}(\d{1,9})$/;
const LOOKS_LIKE_SIZE = /[-+][XY] {1,8}\d/;
/** Widths whose lines may be written in runs. */
const [NARROWEST, WIDEST] = [8, 0x7fff];

/**
 * Looks through a Radiance file before its reader sees it: a header that says its format and ends, one size behind it, and
 * every line of pixels whole.
 */
export function checkRadiance(bytes: Uint8Array, mostPixels: number): Checked {
  const lines = ascii(bytes, 0, Math.min(bytes.length, HEADER_BYTES)).split('\n');
  const blank = lines.indexOf('');
  if (blank < 0 || blank + 2 >= lines.length) return refused('damaged');
  const head = lines.slice(0, blank);
  const size = SIZE.exec(lines[blank + 1] as string);
  if (!size || head.some((line) => LOOKS_LIKE_SIZE.test(line))) return refused('damaged');
  const format = head.find((line) => line.startsWith('FORMAT='));
  if (format !== 'FORMAT=32-bit_rle_rgbe') return refused(format ? 'unsupported' : 'damaged');
  const [rows, columns] = [Number(size[1]), Number(size[2])];
  const checked = checkedSize(columns, rows, mostPixels);
  if (!checked.ok) return checked;
  const start = lines.slice(0, blank + 2).reduce((at, line) => at + line.length + 1, 0);
  return isWhole(bytes, start, columns, rows) ? checked : refused('truncated');
}

/** Whether every line of pixels is there, written in runs or pixel by pixel. */
function isWhole(bytes: Uint8Array, start: number, columns: number, rows: number): boolean {
  const inRuns =
    columns >= NARROWEST &&
    columns <= WIDEST &&
    bytes[start] === 2 &&
    bytes[start + 1] === 2 &&
    (bytes[start + 2] ?? 128) < 128;
  if (!inRuns) return start + 4 * columns * rows <= bytes.length;
  let at = start;
  for (let row = 0; row < rows; row++) {
    if (bytes[at] !== 2 || bytes[at + 1] !== 2) return false;
    if ((((bytes[at + 2] as number) << 8) | (bytes[at + 3] as number)) !== columns) return false;
    at += 4;
    for (let left = 4 * columns; left > 0;) {
      const count = bytes[at];
      if (count === undefined || count === 0) return false;
      const length = count > 128 ? count - 128 : count;
      at += count > 128 ? 2 : 1 + count;
      left -= length;
      if (left < 0 || at > bytes.length) return false;
    }
  }
  return true;
}
