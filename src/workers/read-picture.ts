import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import {
  findSkyline,
  type FoundSkyline,
  LIGHT_CELLS,
  lightFigures,
  type Pixels,
  reducePixels,
  SKYLINE_CELLS,
} from '@/core/photo';
import { pictureData, pictureHeader } from '@/files/picture';
import { type PictureFault, type PictureTells, type StandPicture, type StoredPicture } from '@/model';

/** Pixels along the longer side of the copy that is kept. */
const STORED_SIDE = 1600;
const STORED_QUALITY = 0.86;

/** A picture as it was read: what is kept of it, and what its own data say. */
export type PictureRead =
  | {
      readonly ok: true;
      readonly picture: StandPicture;
      readonly stored: StoredPicture;
      readonly data: PictureTells;
    }
  | { readonly ok: false; readonly fault: PictureFault };

/** Reads a picture file into a bounded copy and its figures; yields about how much is done. */
export async function* readPicture({
  bytes,
  name,
}: {
  readonly bytes: ArrayBuffer;
  readonly name: string;
}): AsyncGenerator<number, PictureRead> {
  const file = new Uint8Array(bytes);
  const found = pictureHeader(file);
  if (!found.ok) return found;
  yield 0.1;
  const data = await pictureData(file, found.header.type);
  const bitmap = await decode(bytes, found.header.type);
  if (!bitmap) return { ok: false, fault: 'damaged' };
  yield 0.6;
  const canvas = drawn(bitmap, STORED_SIDE);
  bitmap.close();
  const pixels = pixelsOf(canvas);
  const light = lightFigures(reducePixels(pixels, LIGHT_CELLS));
  yield 0.8;
  const type = 'image/jpeg';
  const copy = await (await canvas.convertToBlob({ type, quality: STORED_QUALITY })).arrayBuffer();
  const hash = bytesToHex(sha256(new Uint8Array(copy)));
  return {
    ok: true,
    stored: { sha256: hash, type, bytes: copy },
    picture: {
      sha256: hash,
      type,
      columns: pixels.columns,
      rows: pixels.rows,
      name: name.slice(0, 200),
      light,
      ...(data.exposure ? { exposure: data.exposure } : {}),
      ...(data.takenAt ? { takenAt: data.takenAt } : {}),
    },
    data,
  };
}

/** A skyline as it was found in a picture. */
export type SkylineRead = Pick<FoundSkyline, 'points' | 'unsure' | 'confidence'>;

/** Finds the skyline in a picture that is kept; null where it cannot be decoded. */
export async function* skylineOfPicture({
  bytes,
  type,
}: {
  readonly bytes: ArrayBuffer;
  readonly type: string;
}): AsyncGenerator<number, SkylineRead | null> {
  const bitmap = await decode(bytes, type);
  if (!bitmap) return null;
  yield 0.1;
  const { points, unsure, confidence } = findSkyline(
    reducePixels(pixelsOf(drawn(bitmap, 3 * SKYLINE_CELLS)), SKYLINE_CELLS),
  );
  bitmap.close();
  return { points, unsure, confidence };
}

async function decode(bytes: ArrayBuffer, type: string): Promise<ImageBitmap | null> {
  try {
    return await createImageBitmap(new Blob([bytes], { type }));
  } catch {
    return null;
  }
}

/** The picture on a canvas, no larger than asked for; what is transparent is white. */
function drawn(bitmap: ImageBitmap, longSide: number): OffscreenCanvas {
  const { width, height } = bitmap;
  const part = Math.min(1, longSide / Math.max(width, height));
  const canvas = new OffscreenCanvas(
    Math.max(1, Math.round(width * part)),
    Math.max(1, Math.round(height * part)),
  );
  const context = canvas.getContext('2d', { willReadFrequently: true }) as OffscreenCanvasRenderingContext2D;
  context.fillStyle = 'white';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.imageSmoothingQuality = 'high';
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  return canvas;
}

function pixelsOf(canvas: OffscreenCanvas): Pixels {
  const context = canvas.getContext('2d') as OffscreenCanvasRenderingContext2D;
  const { width: columns, height: rows, data } = context.getImageData(0, 0, canvas.width, canvas.height);
  return { columns, rows, rgba: data };
}
