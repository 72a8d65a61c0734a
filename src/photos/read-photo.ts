import {
  type Coding,
  findSkyline,
  type FoundSkyline,
  LIGHT_CELLS,
  lightFigures,
  linearOfByte,
  type LinearPixels,
  type Pixels,
  type Reduced,
  reduceLinear,
  reducePixels,
  SKYLINE_CELLS,
} from '@/core/photo';
import { photoData, photoHeader, RAW_TYPE, type SourceType } from '@/photos/formats';
import { type PhotoFault, type PhotoTells, type StandPhoto, type StoredPhoto } from '@/model';
import { contextOf, type Copy, copyInStops, keptCopy, STORED_SIDE } from './kept-copy';
import { readRaw } from './raw';

/** A picture as it was read: what is kept of it, and what its own data say. */
export type PhotoRead =
  | {
      readonly ok: true;
      readonly picture: StandPhoto;
      readonly stored: StoredPhoto;
      readonly data: PhotoTells;
    }
  | { readonly ok: false; readonly fault: PhotoFault };

/** Reads a picture file into a bounded copy and its figures; yields about how much is done. */
export async function* readPhoto({
  bytes,
  name,
}: {
  readonly bytes: ArrayBuffer;
  readonly name: string;
}): AsyncGenerator<number, PhotoRead> {
  const opened = yield* openFile(bytes);
  if (!opened.ok) return opened;
  const { source, tells: data } = opened;
  yield 0.6;
  const copy = source.linear ? copyInStops(source.linear) : copyForScreen(source.bitmap);
  yield 0.8;
  return { ok: true, ...(await keptCopy(copy, { ...data, name: name.slice(0, 200) })), data };
}

/** A picture's light in cells, and what its own data say. */
export type LightRead =
  | {
      readonly ok: true;
      readonly light: Reduced;
      /** As the sensor saw it: a camera's own JPEG is bent for the eye. */
      readonly isLinear: boolean;
      readonly tells: PhotoTells;
    }
  | { readonly ok: false; readonly fault: PhotoFault };

/** Reads a picture file's light in so many cells along its longer side; yields about how much is done. */
export async function* readLight(bytes: ArrayBuffer, longSide: number): AsyncGenerator<number, LightRead> {
  const opened = yield* openFile(bytes);
  if (!opened.ok) return opened;
  const { source, tells } = opened;
  yield 0.8;
  if (source.linear) return { ok: true, light: reduceLinear(source.linear, longSide), isLinear: true, tells };
  const canvas = drawn(source.bitmap, STORED_SIDE);
  source.bitmap.close();
  return { ok: true, light: reducePixels(pixelsOf(canvas), longSide), isLinear: false, tells };
}

/** A picture's pixels: as a screen shows them, or in linear light. */
type Source =
  | {
      readonly ok: true;
      readonly tells?: PhotoTells;
      readonly linear?: undefined;
      readonly bitmap: ImageBitmap;
    }
  | { readonly ok: true; readonly tells?: PhotoTells; readonly linear: LinearPixels }
  | { readonly ok: false; readonly fault: PhotoFault };

/** A picture file's pixels, and what its own data say; yields once it is known what it is. */
async function* openFile(
  bytes: ArrayBuffer,
): AsyncGenerator<
  number,
  | { readonly ok: true; readonly source: Extract<Source, { ok: true }>; readonly tells: PhotoTells }
  | Extract<Source, { ok: false }>
> {
  const file = new Uint8Array(bytes);
  const found = photoHeader(file);
  if (!found.ok) return found;
  yield 0.1;
  const own = photoData(file, found.header.type);
  const source = await openPicture(bytes, found.header.type);
  return source.ok ? { ok: true, source, tells: { ...source.tells, ...own } } : source;
}

async function openPicture(bytes: ArrayBuffer, type: SourceType): Promise<Source> {
  switch (type) {
    case 'image/vnd.radiance':
    case 'image/x-exr': {
      // its reader is large, and few ever need it
      const { readHighRange } = await import('@/photos/formats/high-range');
      try {
        const linear = readHighRange(bytes, type);
        return { ok: true, linear, tells: linear.isHeld ? { lightIsHeld: true } : {} };
      } catch {
        return { ok: false, fault: 'damaged' };
      }
    }
    case RAW_TYPE: {
      const raw = await readRaw(new Uint8Array(bytes));
      if (!raw.ok) return raw;
      if ('pixels' in raw) return { ok: true, linear: raw.pixels, tells: raw.tells };
      const preview = await bitmapOf(raw.preview.slice().buffer, 'image/jpeg');
      return preview.ok ? { ...preview, tells: raw.tells } : { ok: false, fault: 'unsupported' };
    }
    default:
      return bitmapOf(bytes, type);
  }
}

async function bitmapOf(bytes: ArrayBuffer, type: string): Promise<Source> {
  const bitmap = await decode(bytes, type);
  return bitmap ? { ok: true, bitmap } : { ok: false, fault: 'damaged' };
}

function copyForScreen(bitmap: ImageBitmap): Copy {
  const canvas = drawn(bitmap, STORED_SIDE);
  bitmap.close();
  return { canvas, light: lightFigures(reducePixels(pixelsOf(canvas), LIGHT_CELLS)) };
}

/** A skyline as it was found in a picture. */
export type SkylineRead = Pick<FoundSkyline, 'points' | 'unsure' | 'confidence' | 'hasSky' | 'lies'>;

/** Finds the skyline in a picture that is kept; null where it cannot be decoded. */
export async function* skylineOfPhoto({
  bytes,
  type,
  coding,
}: {
  readonly bytes: ArrayBuffer;
  readonly type: string;
  readonly coding: Coding;
}): AsyncGenerator<number, SkylineRead | null> {
  const bitmap = await decode(bytes, type);
  if (!bitmap) return null;
  yield 0.1;
  const { points, unsure, confidence, hasSky, lies } = findSkyline(
    reducePixels(pixelsOf(drawn(bitmap, 3 * SKYLINE_CELLS)), SKYLINE_CELLS, linearOfByte(coding)),
  );
  bitmap.close();
  return { points, unsure, confidence, hasSky, lies };
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
  const context = contextOf(canvas);
  context.fillStyle = 'white';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.imageSmoothingQuality = 'high';
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  return canvas;
}

function pixelsOf(canvas: OffscreenCanvas): Pixels {
  const {
    width: columns,
    height: rows,
    data,
  } = contextOf(canvas).getImageData(0, 0, canvas.width, canvas.height);
  return { columns, rows, rgba: data };
}
