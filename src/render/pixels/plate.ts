import { type LightField, type PictureTie, REGION_CODES } from '@/core/field';
import { luminanceOf, srgbFromLinear } from '@/core/units';
import { type Coding, linearOfByte, type Pixels, type SensorWindow } from '@/model';
import { assumedLight } from './frame-layers';
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
    const r = linear[rgba[4 * i] as number] as number;
    const g = linear[rgba[4 * i + 1] as number] as number;
    const b = linear[rgba[4 * i + 2] as number] as number;
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
    const own = ev[i] as number;
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
  /** What lies before a pixel takes from it, stops. */
  readonly lost: (column: number, row: number) => number;
  /** Multiplies the channels of what is shown, in linear light. */
  readonly tint: readonly [number, number, number];
  readonly isMonochrome: boolean;
}

/** Steps of display light that are looked up: enough that the darks show no bands. */
const ENCODE_STEPS = 8192;
const ENCODED = Uint8Array.from({ length: ENCODE_STEPS + 1 }, (_, i) =>
  Math.round(255 * srgbFromLinear(i / ENCODE_STEPS)),
);

/** A plate's pixels as they would be recorded, in linear light. */
export function recordedPixels({ columns, rows, log, colour }: Plate, recording: Recording): Pixels {
  const { tie, evMidGrey, window, lost, tint, isMonochrome } = recording;
  const rgba = new Uint8ClampedArray(4 * columns * rows);
  for (let row = 0, i = 0; row < rows; row++)
    for (let column = 0; column < columns; column++, i++) {
      const ev = tie.offsetEv + tie.contrast * (log[i] as number);
      const light = displayLight(ev - lost(column, row) - evMidGrey, window) * ENCODE_STEPS;
      for (let k = 0; k < 3; k++) {
        const own = isMonochrome ? light : light * (colour[3 * i + k] as number);
        rgba[4 * i + k] = ENCODED[Math.min(ENCODE_STEPS, own * (tint[k] as number)) | 0] as number;
      }
      rgba[4 * i + 3] = 255;
    }
  return { columns, rows, rgba };
}
