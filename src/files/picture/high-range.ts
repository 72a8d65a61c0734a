import { FloatType } from 'three';
import { EXRLoader } from 'three/addons/loaders/EXRLoader.js';
import { HDRLoader } from 'three/addons/loaders/HDRLoader.js';
import { type LinearPixels } from '@/core/photo';
import { type HighRangeType } from './header';

/**
 * Reads a picture of high dynamic range into linear light, in the file's own unit, its upper row first.
 *
 * @throws where the file is damaged or of a kind that is not read
 */
export function readHighRange(bytes: ArrayBuffer, type: HighRangeType): LinearPixels {
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
  return { columns: width, rows: height, rgb };
}
