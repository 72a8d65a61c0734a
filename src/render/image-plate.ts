import { type Coding, type Pixels } from '@/model';
import { offscreen } from './offscreen';
import { photoPlate, type Plate } from './pixels/plate';

/** A picture as it is kept. */
export interface CodedImage {
  readonly image: ImageBitmap;
  readonly coding: Coding;
}

interface ImageSize {
  readonly width: number;
  readonly height: number;
}

/** An image's pixels at a size, as its bytes stand. */
export function pixelsOfImage(image: ImageBitmap, { width, height }: ImageSize): Pixels {
  const [columns, rows] = [Math.max(1, Math.round(width)), Math.max(1, Math.round(height))];
  const { data } = offscreen(columns, rows, (context) => context.drawImage(image, 0, 0, columns, rows));
  return { columns, rows, rgba: data };
}

/**
 * @param most pixels along its longer side
 */
export function plateOfImage(
  { image, coding }: CodedImage,
  { width, height }: ImageSize,
  most: number,
): Plate {
  const part = Math.min(1, most / Math.max(width, height, 1));
  return photoPlate(pixelsOfImage(image, { width: width * part, height: height * part }), coding);
}
