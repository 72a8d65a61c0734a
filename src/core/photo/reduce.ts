import { LINEAR_OF_BYTE, luminanceOf } from '@/core/units';
import { type LinearPixels, type Pixels } from './types';

/**
 * Red or green at or above this is blown: the last steps of a byte. Blue alone is not, since a blue sky's light is mostly told
 * by the others. All at or below that are black.
 */
const BLOWN = 254;
const BLACK = 2;
/** Light at or above this part of white is blown. */
const FULL = 0.985;

/** A picture reduced to cells: the mean linear light of each, and how much of it is beyond what the picture holds. */
export interface Reduced {
  readonly columns: number;
  readonly rows: number;
  /** Three numbers a cell. */
  readonly rgb: Float32Array;
  readonly luminance: Float32Array;
  /** Part of each cell that is blown, and that is black, 0 to 1. */
  readonly blown: Float32Array;
  readonly black: Float32Array;
}

/** Cells along each side for so many along the longer one; never more than there are pixels. */
function cells(columns: number, rows: number, longSide: number) {
  const part = Math.min(1, longSide / Math.max(columns, rows));
  return { columns: Math.max(1, Math.round(columns * part)), rows: Math.max(1, Math.round(rows * part)) };
}

/**
 * Reduces decoded pixels in linear light: light adds, stored values do not.
 *
 * @param linear the light of each byte (`linearOfByte`); absent: as a screen shows it
 */
export function reducePixels(
  { columns, rows, rgba }: Pixels,
  longSide: number,
  linear: Float32Array = LINEAR_OF_BYTE,
): Reduced {
  return reduce({ columns, rows }, longSide, (i, add) => {
    const [r, g, b] = [rgba[4 * i], rgba[4 * i + 1], rgba[4 * i + 2]];
    add(linear[r], linear[g], linear[b], Math.max(r, g) >= BLOWN, Math.max(r, g, b) <= BLACK);
  });
}

/** Reduces linear light; blown is what reaches its white in red or green, if it has one, and black only what gives no light at all. */
export function reduceLinear({ columns, rows, rgb, white }: LinearPixels, longSide: number): Reduced {
  const full = white === undefined ? Infinity : FULL * white;
  const held = (x: number | undefined) => (Number.isFinite(x) ? Math.max(0, x as number) : 0);
  return reduce({ columns, rows }, longSide, (i, add) => {
    const [r, g, b] = [held(rgb[3 * i]), held(rgb[3 * i + 1]), held(rgb[3 * i + 2])];
    add(r, g, b, Math.max(r, g) >= full, r + g + b <= 0);
  });
}

type Add = (r: number, g: number, b: number, isBlown: boolean, isBlack: boolean) => void;

function reduce(
  size: { readonly columns: number; readonly rows: number },
  longSide: number,
  pixel: (i: number, add: Add) => void,
): Reduced {
  const { columns, rows } = cells(size.columns, size.rows, longSide);
  const rgb = new Float32Array(3 * columns * rows);
  const blown = new Float32Array(columns * rows);
  const black = new Float32Array(columns * rows);
  const count = new Uint32Array(columns * rows);
  let cell = 0;
  const add: Add = (r, g, b, isBlown, isBlack) => {
    rgb[3 * cell] = rgb[3 * cell] + r;
    rgb[3 * cell + 1] = rgb[3 * cell + 1] + g;
    rgb[3 * cell + 2] = rgb[3 * cell + 2] + b;
    if (isBlown) blown[cell] = blown[cell] + 1;
    if (isBlack) black[cell] = black[cell] + 1;
    count[cell] = count[cell] + 1;
  };
  const across = Uint32Array.from({ length: size.columns }, (_, x) =>
    Math.floor((x * columns) / size.columns),
  );
  for (let y = 0, i = 0; y < size.rows; y++) {
    const line = Math.floor((y * rows) / size.rows) * columns;
    for (let x = 0; x < size.columns; x++, i++) {
      cell = line + across[x];
      pixel(i, add);
    }
  }
  const luminance = new Float32Array(columns * rows);
  for (let i = 0; i < columns * rows; i++) {
    const n = count[i];
    for (let k = 0; k < 3; k++) rgb[3 * i + k] = rgb[3 * i + k] / n;
    luminance[i] = luminanceOf(rgb[3 * i], rgb[3 * i + 1], rgb[3 * i + 2]);
    blown[i] = blown[i] / n;
    black[i] = black[i] / n;
  }
  return { columns, rows, rgb, luminance, blown, black };
}

/** A picture laid on its left or its right side, at half the size: what its own sides look like as top and foot. */
export function layOver(picture: Reduced, side: 'left' | 'right'): Reduced {
  const [columns, rows] = [Math.floor(picture.rows / 2), Math.floor(picture.columns / 2)];
  const laid = (values: Float32Array, per: number): Float32Array => {
    const out = new Float32Array(per * columns * rows);
    for (let row = 0; row < rows; row++)
      for (let column = 0; column < columns; column++)
        for (let k = 0; k < per; k++) {
          const [x, y] = side === 'right' ? [row, columns - 1 - column] : [rows - 1 - row, column];
          const at = (dx: number, dy: number) =>
            values[per * ((2 * y + dy) * picture.columns + 2 * x + dx) + k];
          out[per * (row * columns + column) + k] = (at(0, 0) + at(1, 0) + at(0, 1) + at(1, 1)) / 4;
        }
    return out;
  };
  const { rgb, luminance, blown, black } = picture;
  return {
    columns,
    rows,
    rgb: laid(rgb, 3),
    luminance: laid(luminance, 1),
    blown: laid(blown, 1),
    black: laid(black, 1),
  };
}
