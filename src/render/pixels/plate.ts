import { type LightField, type PictureTie, REGION_CODES } from '@/core/field';
import { luminanceOf, srgbFromLinear } from '@/core/units';
import { type Coding, linearOfByte, type Pixels, type SeenCast, type SensorWindow } from '@/model';
import { assumedLight } from './frame-layers';
import { type Cells, rowReader } from './between';
import { displayLight, TINTS } from './display-light';

/** Light and colour made ready to be painted at one size, in linear light. */
export interface Plate {
  readonly columns: number;
  readonly rows: number;
  /** Luminance of each pixel, log2; of a photograph, white 0. */
  readonly log: Float32Array;
  /** Each channel against the luminance, three numbers a pixel. */
  readonly colour: Float32Array;
}

/** Light below this part of white is black on any screen. */
const FLOOR = 2 ** -14;

/**
 * A photograph's pixels as a plate.
 *
 * @param coding how their bytes stand for light
 */
export function photoPlate({ columns, rows, rgba }: Pixels, coding: Coding): Plate {
  const linear = linearOfByte(coding);
  const log = new Float32Array(columns * rows);
  const colour = new Float32Array(3 * columns * rows);
  for (let i = 0; i < columns * rows; i++) {
    const r = linear[rgba[4 * i]];
    const g = linear[rgba[4 * i + 1]];
    const b = linear[rgba[4 * i + 2]];
    const y = Math.max(FLOOR, luminanceOf(r, g, b));
    log[i] = Math.log2(y);
    // black has no colour
    colour[3 * i] = (r + FLOOR) / (y + FLOOR);
    colour[3 * i + 1] = (g + FLOOR) / (y + FLOOR);
    colour[3 * i + 2] = (b + FLOOR) / (y + FLOOR);
  }
  return { columns, rows, log, colour };
}

/** The drawn ground of a light field as a plate, a pixel a cell, its light in EV; what is not read is assumed. */
export function drawnPlate({ grid, regions, ev, readings }: LightField): Plate {
  const { columns, rows } = grid;
  const assumed = assumedLight(readings);
  const log = new Float32Array(columns * rows);
  const colour = new Float32Array(3 * columns * rows);
  regions.forEach((code, i) => {
    const region = REGION_CODES[code] ?? 'land';
    const own = ev[i];
    log[i] = Number.isNaN(own) ? (region === 'sky' ? assumed.sky : assumed.land) : own;
    colour.set(TINTS[region === 'ignore' ? 'land' : region], 3 * i);
  });
  return { columns, rows, log, colour };
}

/** How a plate is recorded. */
export interface Recording {
  /** What its light stands for. */
  readonly tie: Pick<PictureTie, 'offsetEv' | 'contrast'>;
  /** EV that the exposure places at mid-grey. */
  readonly evMidGrey: number;
  readonly window: SensorWindow;
  /** What lies before the plate takes from it, stops, read between its cells; null: nothing. */
  readonly lost: Cells | null;
  /** Multiplies the channels of what is shown, in linear light. */
  readonly tint: Channels;
  /** By how much more each channel loses than is told, for each stop that is lost; null: all lose alike. */
  readonly castPerStop: Channels | null;
  readonly isMonochrome: boolean;
}

/** How a picture is coloured. */
export type Coloured = Pick<Recording, 'tint' | 'castPerStop'>;

/** A tint with the colour of glass on it; null for glass without any. */
export function castOn([red, green, blue]: Channels, cast: SeenCast | null): Coloured {
  if (!cast) return { tint: [red, green, blue], castPerStop: null };
  const { whole, perStop } = cast;
  return {
    tint: [red * 2 ** -whole.red, green, blue * 2 ** -whole.blue],
    castPerStop: [perStop.red, 0, perStop.blue],
  };
}

/** Red, green and blue. */
export type Channels = readonly [number, number, number];

/** Steps of display light that are looked up: enough that the darks show no bands. */
const ENCODE_STEPS = 8192;
const ENCODED = Uint8Array.from({ length: ENCODE_STEPS + 1 }, (_, i) =>
  Math.round(255 * srgbFromLinear(i / ENCODE_STEPS)),
);

/** Tones below the top of the window are looked up in so many steps a stop, down to where any screen is black. */
const TONE_STEPS = 256;
const DARKEST_STOPS = 18;
/** Display light of tones from the darkest up to the top of the window, in steps of what is encoded. */
const LIGHT = Float32Array.from(
  { length: DARKEST_STOPS * TONE_STEPS + 1 },
  (_, i) => ENCODE_STEPS * displayLight(i / TONE_STEPS - DARKEST_STOPS, { highlightRoom: 0 }),
);

/** A plate's pixels as they would be recorded, in linear light: fast path of `displayLight` for each channel. */
export function recordedPixels({ columns, rows, log, colour }: Plate, recording: Recording): Pixels {
  const { tie, evMidGrey, window, lost, tint, castPerStop, isMonochrome } = recording;
  const { offsetEv, contrast } = tie;
  const [red, green, blue] = tint;
  // where in the table the light of the plate's own zero lies
  const zero = (offsetEv - evMidGrey - window.highlightRoom + DARKEST_STOPS) * TONE_STEPS;
  const perLog = contrast * TONE_STEPS;
  const last = LIGHT.length - 1;
  const words = new Uint32Array(columns * rows);
  const rowOf = lost ? rowReader(lost, columns, rows) : null;
  const none = new Float32Array(columns);
  for (let row = 0, i = 0; row < rows; row++) {
    const taken = rowOf?.(row) ?? none;
    for (let column = 0; column < columns; column++, i++) {
      const at = zero + perLog * log[i] - TONE_STEPS * taken[column];
      const light = LIGHT[at <= 0 ? 0 : at >= last ? last : (at + 0.5) | 0];
      const k = 3 * i;
      let r = light * red * (isMonochrome ? 1 : colour[k]);
      const g = light * green * (isMonochrome ? 1 : colour[k + 1]);
      let b = light * blue * (isMonochrome ? 1 : colour[k + 2]);
      if (castPerStop) {
        r *= 2 ** (-castPerStop[0] * taken[column]);
        b *= 2 ** (-castPerStop[2] * taken[column]);
      }
      words[i] =
        0xff000000 |
        (ENCODED[b < ENCODE_STEPS ? b | 0 : ENCODE_STEPS] << 16) |
        (ENCODED[g < ENCODE_STEPS ? g | 0 : ENCODE_STEPS] << 8) |
        ENCODED[r < ENCODE_STEPS ? r | 0 : ENCODE_STEPS];
    }
  }
  return { columns, rows, rgba: new Uint8ClampedArray(words.buffer) };
}
