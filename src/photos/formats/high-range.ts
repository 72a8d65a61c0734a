import { FloatType } from 'three';
import { EXRLoader } from 'three/addons/loaders/EXRLoader.js';
import { HDRLoader } from 'three/addons/loaders/HDRLoader.js';
import { type LinearPixels } from '@/core/photo';
import { LIMITS } from '@/model';
import { type HighRangeType } from './header';

/** Light that a document holds, in the file's own unit (limits: `lightStops`). */
const [DIMMEST, BRIGHTEST] = LIMITS.lightStops.map((stops) => 2 ** stops) as [number, number];

/** A picture in linear light. */
export interface HighRange extends LinearPixels {
  /** Some of its light was beyond what a document holds, and was held to it. */
  readonly isHeld: boolean;
}

/**
 * Reads a picture of high dynamic range into linear light, in the file's own unit, its upper row first. Its header must have
 * been looked at before (`photoHeader`).
 *
 * @throws where the file is damaged or of a kind that is not read
 */
export function readHighRange(bytes: ArrayBuffer, type: HighRangeType): HighRange {
  const isExr = type === 'image/x-exr';
  const loader = isExr ? new EXRLoader() : new HDRLoader();
  const { width, height, data } = loader.setDataType(FloatType).parse(bytes) as {
    readonly width: number;
    readonly height: number;
    readonly data: Float32Array;
  };
  const channels = data.length / (width * height);
  if (channels !== 4 && !(isExr && channels === 1)) throw new Error('fewer pixels than told');
  const rgb = new Float32Array(3 * width * height);
  for (let row = 0; row < height; row++)
    for (let column = 0; column < width; column++) {
      // OpenEXR is given with its lowest row first, as graphics cards take it
      const from = channels * ((isExr ? height - 1 - row : row) * width + column);
      const to = 3 * (row * width + column);
      for (let k = 0; k < 3; k++) rgb[to + k] = data[from + (channels >= 3 ? k : 0)] as number;
    }
  return { columns: width, rows: height, ...held(rgb) };
}

/** Light held to what a document holds: what is no light is none, and what is brighter or dimmer than that is brought to its end. */
function held(rgb: Float32Array): Pick<HighRange, 'rgb' | 'isHeld'> {
  let isHeld = false;
  let most = 0;
  for (let i = 0; i < rgb.length; i++) {
    const light = rgb[i] as number;
    const kept = light > 0 ? Math.min(light, BRIGHTEST) : 0;
    if (light > BRIGHTEST) isHeld = true;
    rgb[i] = kept;
    most = Math.max(most, kept);
  }
  if (!(most > 0 && most < DIMMEST)) return { rgb, isHeld };
  // the unit is the file's own: only what is brighter than what counts
  return { rgb: rgb.map((light) => (light / most) * DIMMEST), isHeld: true };
}
