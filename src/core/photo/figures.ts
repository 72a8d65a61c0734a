import { type FramePoint, KNOWN, type PictureLight } from '@/core/field';
import { clamp } from '@/core/numerics';
import { MID_GREY } from '@/core/units';
import { type Reduced } from './reduce';

/** A picture's light in figures that fit into a document: the luminance of each cell, in sixteenths of a stop. */
export interface LightFigures {
  readonly columns: number;
  readonly rows: number;
  /** Luminance of the highest step, log2. */
  readonly topStops: number;
  /** Two hexadecimal digits a cell, row by row: 00 black, ff blown, 01 to fe the steps up to the top. */
  readonly cells: string;
}

/** Cells along the picture's longer side. */
export const LIGHT_CELLS = 120;
export const STEPS_PER_STOP = 16;
const LOWEST = 0x01;
/** The step at the top. */
export const HIGHEST_STEP = 0xfe;
const BLOWN = 0xff;
/** A cell with more than this part beyond what the picture holds is not measured. */
const MOSTLY = 0.5;

/** The step of some light, sixteenths of a stop from the top; below `LOWEST` it is out of what is told, above the top at it. */
export const stepOf = (light: number, topStops: number): number =>
  light > 0
    ? Math.min(HIGHEST_STEP, Math.round(HIGHEST_STEP + STEPS_PER_STOP * (Math.log2(light) - topStops)))
    : 0;

/** Tops that a document holds, log2 of light in the picture's own unit: what lies beyond is blown or black. */
export const TOP_RANGE_STOPS = [-40, 40] as const;
/** Stops that the steps reach over. */
const REACH_STOPS = (HIGHEST_STEP - LOWEST) / STEPS_PER_STOP;
/** Cells that may be darker than what is told, as a part of all. */
const DARKEST_PART = 0.02;
/** Light so many times above the top is beyond it, and not a rounding. */
const BEYOND = 2 ** (1 / STEPS_PER_STOP);

/**
 * The top that the steps are counted from: over the brightest cell, but where a sun or a lamp is in the picture no higher than
 * lets all but the darkest cells be told.
 */
function topOf(luminance: Float32Array): number {
  const lit = luminance.filter((y) => y > 0).sort();
  if (!lit.length) return 0;
  const most = Math.ceil(Math.log2(lit[lit.length - 1]));
  const dark = Math.log2(lit[Math.floor(DARKEST_PART * lit.length)]);
  const top = Math.min(most, Math.floor(dark + REACH_STOPS));
  return Math.min(TOP_RANGE_STOPS[1], Math.max(TOP_RANGE_STOPS[0], top));
}

/** Writes a picture reduced to `LIGHT_CELLS` as figures; light 15.8 stops under their top is black, light above it blown. */
export function lightFigures({ columns, rows, luminance, blown, black }: Reduced): LightFigures {
  const topStops = topOf(luminance);
  let cells = '';
  luminance.forEach((y, i) => {
    const step = stepOf(y, topStops);
    const isBlown = blown[i] > MOSTLY || y > BEYOND * 2 ** topStops;
    const isBlack = black[i] > MOSTLY || step < LOWEST;
    const byte = isBlown ? BLOWN : isBlack ? 0 : step;
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
    luminance[i] =
      2 ** (topStops + (Math.min(HIGHEST_STEP, Math.max(LOWEST, byte)) - HIGHEST_STEP) / STEPS_PER_STOP);
  }
  return { columns, rows, luminance, evOfOne, known };
}

/**
 * The figures of the same light where each place of the frame is so many stops brighter; what is black or blown stays so, and
 * what comes out beyond the steps lies at their end.
 */
export function figuresThrough(
  { columns, rows, topStops, cells }: LightFigures,
  brighterStops: (place: FramePoint) => number,
): LightFigures {
  let changed = '';
  for (let i = 0; i < columns * rows; i++) {
    const byte = parseInt(cells.slice(2 * i, 2 * i + 2), 16);
    const place = { u: ((i % columns) + 0.5) / columns, v: (Math.floor(i / columns) + 0.5) / rows };
    const step = byte + Math.round(STEPS_PER_STOP * brighterStops(place));
    const next = byte < LOWEST || byte > HIGHEST_STEP ? byte : clamp(step, LOWEST, HIGHEST_STEP);
    changed += next.toString(16).padStart(2, '0');
  }
  return { columns, rows, topStops, cells: changed };
}

/** Light that half of a picture's cells lie above, log2. */
export function middleStops({ luminance }: Pick<PictureLight, 'luminance'>): number {
  return Math.log2(luminance.toSorted()[luminance.length >> 1]);
}

/** EV at ISO 100 of a luminance of 1 in a picture that was exposed at an EV: mid-grey lies where the meter put it. */
export const evOfWhite = (exposureEv: number): number => exposureEv - Math.log2(MID_GREY);
