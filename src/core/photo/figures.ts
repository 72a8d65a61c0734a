import { KNOWN, type PictureLight } from '@/core/field';
import { MID_GREY } from '@/core/units';
import { type Reduced } from './reduce';

/** A picture's light in figures that fit into a document: the luminance of each cell, in sixteenths of a stop. */
export interface LightFigures {
  readonly columns: number;
  readonly rows: number;
  /** Luminance of the highest step, log2; 0 for a picture whose white is 1. */
  readonly topStops: number;
  /** Two hexadecimal digits a cell, row by row: 00 black, ff blown, 01 to fe the steps up to the top. */
  readonly cells: string;
}

/** Cells along the picture's longer side. */
export const LIGHT_CELLS = 120;
const STEPS_PER_STOP = 16;
const LOWEST = 0x01;
const HIGHEST = 0xfe;
const BLOWN = 0xff;
/** A cell with more than this part beyond what the picture holds is not measured. */
const MOSTLY = 0.5;

/** Writes a picture reduced to `LIGHT_CELLS` as figures; light below 15.8 stops under the brightest is black. */
export function lightFigures({ columns, rows, luminance, blown, black }: Reduced): LightFigures {
  const most = luminance.reduce((a, b) => Math.max(a, b), 0);
  const topStops = most > 1 ? Math.ceil(Math.log2(most)) : 0;
  let cells = '';
  luminance.forEach((y, i) => {
    const step = Math.round(HIGHEST + STEPS_PER_STOP * (Math.log2(y) - topStops));
    const byte =
      (blown[i] as number) > MOSTLY
        ? BLOWN
        : (black[i] as number) > MOSTLY || !(step >= LOWEST)
          ? 0
          : Math.min(HIGHEST, step);
    cells += byte.toString(16).padStart(2, '0');
  });
  return { columns, rows, topStops, cells };
}

/** The light that figures stand for, and what of each cell is known. */
export function lightOfFigures(
  figures: LightFigures,
  evOfOne?: number,
): PictureLight & { readonly known: Uint8Array } {
  const { columns, rows, topStops, cells } = figures;
  const luminance = new Float32Array(columns * rows);
  const known = new Uint8Array(columns * rows);
  for (let i = 0; i < columns * rows; i++) {
    const byte = parseInt(cells.slice(2 * i, 2 * i + 2), 16);
    known[i] = byte === 0 ? KNOWN.atMost : byte === BLOWN ? KNOWN.atLeast : KNOWN.measured;
    // what is blown gives at least the light of the top, what is black at most that of the lowest step
    luminance[i] = 2 ** (topStops + (Math.min(HIGHEST, Math.max(LOWEST, byte)) - HIGHEST) / STEPS_PER_STOP);
  }
  return { columns, rows, luminance, evOfOne, known };
}

/** EV at ISO 100 of a luminance of 1 in a picture that was exposed at an EV: mid-grey lies where the meter put it. */
export const evOfWhite = (exposureEv: number): number => exposureEv - Math.log2(MID_GREY);
