import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import {
  codedInStops,
  LIGHT_CELLS,
  lightFigures,
  type LightFigures,
  type LinearPixels,
  reduceLinear,
} from '@/core/photo';
import { type StandPhoto, type StoredPhoto } from '@/model';

/** Pixels along the longer side of the copy that is kept. */
export const STORED_SIDE = 1600;
const STORED_QUALITY = 0.86;

/** What is kept of a picture: its copy on a canvas, its figures, and how the copy's bytes stand for light. */
export interface Copy {
  readonly canvas: OffscreenCanvas;
  readonly light: LightFigures;
  readonly coding?: 'stops';
}

/** A copy of linear light, each channel in sixteenths of a stop. */
export function copyInStops(pixels: LinearPixels): Copy {
  const light = lightFigures(reduceLinear(pixels, LIGHT_CELLS));
  const { columns, rows, rgba } = codedInStops(reduceLinear(pixels, STORED_SIDE), light.topStops);
  const canvas = new OffscreenCanvas(columns, rows);
  contextOf(canvas).putImageData(new ImageData(rgba, columns, rows), 0, 0);
  return { canvas, light, coding: 'stops' };
}

/** A copy as it is kept: its bytes, and what a stand holds of it. */
export async function keptCopy(
  { canvas, light, coding }: Copy,
  { name, exposure, takenAt }: Pick<StandPhoto, 'name' | 'exposure' | 'takenAt'>,
): Promise<{ readonly picture: StandPhoto; readonly stored: StoredPhoto }> {
  // where a step of a byte is a sixteenth of a stop, what a JPEG smears over an edge would be stops
  const type = coding ? 'image/png' : 'image/jpeg';
  const bytes = await (await canvas.convertToBlob({ type, quality: STORED_QUALITY })).arrayBuffer();
  const hash = bytesToHex(sha256(new Uint8Array(bytes)));
  return {
    stored: { sha256: hash, type, bytes },
    picture: {
      sha256: hash,
      type,
      ...(coding ? { coding } : {}),
      columns: canvas.width,
      rows: canvas.height,
      ...(name ? { name } : {}),
      light,
      ...(exposure ? { exposure } : {}),
      ...(takenAt ? { takenAt } : {}),
    },
  };
}

export const contextOf = (canvas: OffscreenCanvas) =>
  canvas.getContext('2d', { willReadFrequently: true }) as OffscreenCanvasRenderingContext2D;
