/** Values of a TIFF field: numbers of its type, or text. */
type Field = readonly [tag: number, type: 2 | 3 | 4 | 5 | 10 | 1, values: readonly number[] | string];

const SIZE = { 1: 1, 2: 1, 3: 2, 4: 4, 5: 8, 10: 8 } as const;

/** Directories of a TIFF file, little end first, each at a place of its own. */
function directory(fields: readonly Field[], at: number): Buffer {
  const sorted = [...fields].sort((a, b) => a[0] - b[0]);
  const head = Buffer.alloc(2 + 12 * sorted.length + 4);
  const tails: Buffer[] = [];
  let tailAt = at + head.length;
  head.writeUInt16LE(sorted.length, 0);
  sorted.forEach(([tag, type, given], i) => {
    const values = typeof given === 'string' ? [...Buffer.from(`${given}\0`)] : given;
    const bytes = Buffer.alloc(values.length * (type === 5 || type === 10 ? 4 : SIZE[type]));
    values.forEach((v, k) => {
      if (type <= 2) bytes.writeUInt8(v, k);
      else if (type === 3) bytes.writeUInt16LE(v, 2 * k);
      else if (type === 10) bytes.writeInt32LE(v, 4 * k);
      else bytes.writeUInt32LE(v, 4 * k);
    });
    const entry = 2 + 12 * i;
    head.writeUInt16LE(tag, entry);
    head.writeUInt16LE(type, entry + 2);
    head.writeUInt32LE(bytes.length / SIZE[type], entry + 4);
    if (bytes.length <= 4) bytes.copy(head, entry + 8);
    else {
      head.writeUInt32LE(tailAt, entry + 8);
      const padded = Buffer.concat([bytes, Buffer.alloc(bytes.length % 2)]);
      tails.push(padded);
      tailAt += padded.length;
    }
  });
  return Buffer.concat([head, ...tails]);
}

export interface RawFile {
  readonly columns: number;
  readonly rows: number;
  /** What the sensor's cell recorded, 0 to 1 of what it holds. */
  readonly light: (column: number, row: number) => number;
}

const WHITE = 16_383;
/** The sensor has the colours of a screen, in daylight (IEC 61966-2-1). */
const SCREEN_OF_XYZ = [3.2406, -1.5372, -0.4986, -0.9689, 1.8758, 0.0415, 0.0557, -0.204, 1.057];

/** A raw file as a camera without a name would write it: a DNG of one colour mosaic, uncompressed, with its exposure data. */
export function rawFile({ columns, rows, light }: RawFile): Buffer {
  const pixels = Buffer.alloc(2 * columns * rows);
  for (let row = 0, i = 0; row < rows; row++)
    for (let column = 0; column < columns; column++, i++)
      pixels.writeUInt16LE(Math.round(WHITE * Math.min(1, light(column, row))), 2 * i);
  const exif: Field[] = [
    [33434, 5, [1, 60]],
    [33437, 5, [11, 1]],
    [34855, 3, [200]],
    [37386, 5, [24, 1]],
    [36867, 2, '2026:03:14 05:41:10'],
  ];
  const matrix = SCREEN_OF_XYZ.flatMap((x) => [Math.round(10_000 * x), 10_000]);
  const fields = (exifAt: number, pixelsAt: number): Field[] => [
    [254, 4, [0]],
    [256, 4, [columns]],
    [257, 4, [rows]],
    [258, 3, [16]],
    [259, 3, [1]],
    [262, 3, [32803]],
    [271, 2, 'none'],
    [272, 2, 'made by a test'],
    [273, 4, [pixelsAt]],
    [274, 3, [1]],
    [277, 3, [1]],
    [278, 4, [rows]],
    [279, 4, [pixels.length]],
    [33421, 3, [2, 2]],
    [33422, 1, [0, 1, 1, 2]],
    [34665, 4, [exifAt]],
    [50706, 1, [1, 4, 0, 0]],
    [50708, 2, 'made by a test'],
    [50714, 3, [0]],
    [50717, 3, [WHITE]],
    [50721, 10, matrix],
    [50728, 5, [1, 1, 1, 1, 1, 1]],
    [50778, 3, [21]],
  ];
  const start = Buffer.from([0x49, 0x49, 0x2a, 0, 8, 0, 0, 0]);
  const exifAt = 8 + directory(fields(0, 0), 8).length;
  const exifBytes = directory(exif, exifAt);
  const pixelsAt = exifAt + exifBytes.length;
  return Buffer.concat([start, directory(fields(exifAt, pixelsAt), 8), exifBytes, pixels]);
}
