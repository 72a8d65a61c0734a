import { type Coding, type Pixels } from '@/model';
import { type PictureTie } from '@/core/field';
import { THEME_TINTS } from './pixels/display-light';
import { type FramePicture, layerDimming } from './frame-painter';
import { photoPlate, type Plate, recordedPixels } from './pixels/plate';

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

function offscreen(
  columns: number,
  rows: number,
  draw: (context: CanvasRenderingContext2D) => void,
): ImageData {
  const canvas = document.createElement('canvas');
  canvas.width = columns;
  canvas.height = rows;
  const context = canvas.getContext('2d', { willReadFrequently: true }) as CanvasRenderingContext2D;
  draw(context);
  return context.getImageData(0, 0, columns, rows);
}

export interface PhotoView {
  readonly plate: Plate;
  readonly tie: PictureTie;
  readonly isMonochrome: boolean;
}

/** Paints the photograph over the whole canvas as it would be recorded: its light through the glass, in linear light. */
export function paintPhoto(canvas: HTMLCanvasElement, picture: FramePicture, photo: PhotoView): void {
  const { plate, tie, isMonochrome } = photo;
  const { columns, rows } = plate;
  const { rgba } = recordedPixels(plate, {
    tie,
    evMidGrey: picture.evMidGrey,
    window: picture.window,
    lost: lostAt(picture, columns, rows),
    tint: THEME_TINTS[picture.theme],
    isMonochrome,
  });
  const small = document.createElement('canvas');
  small.width = columns;
  small.height = rows;
  (small.getContext('2d') as CanvasRenderingContext2D).putImageData(new ImageData(rgba, columns, rows), 0, 0);
  const context = canvas.getContext('2d') as CanvasRenderingContext2D;
  context.imageSmoothingQuality = 'high';
  context.drawImage(small, 0, 0, canvas.width, canvas.height);
}

/** What glass, openings and polariser take from each point of the picture, stops: read between the cells of the layers. */
export function lostAt(
  picture: FramePicture,
  columns: number,
  rows: number,
): (column: number, row: number) => number {
  const { layers, vignette, skyShift } = picture;
  const dimming = layerDimming(picture);
  if (!dimming && !vignette && !skyShift) return () => 0;
  const cells = Float32Array.from(
    { length: layers.columns * layers.rows },
    (_, i) => (dimming?.[i] ?? 0) + (vignette?.[i] ?? 0) - (skyShift?.[i] ?? 0),
  );
  const ends = (count: number, cellCount: number) => {
    const at = Float32Array.from({ length: count }, (_, i) =>
      Math.min(cellCount - 1, Math.max(0, ((i + 0.5) / count) * cellCount - 0.5)),
    );
    return { at, first: Int32Array.from(at, (x) => Math.min(cellCount - 2, Math.floor(x))) };
  };
  const across = ends(columns, layers.columns);
  const down = ends(rows, layers.rows);
  return (column, row) => {
    const [c, r] = [across.first[column] as number, down.first[row] as number];
    const [x, y] = [(across.at[column] as number) - c, (down.at[row] as number) - r];
    const i = r * layers.columns + c;
    const upper = (cells[i] as number) * (1 - x) + (cells[i + 1] as number) * x;
    const lower =
      (cells[i + layers.columns] as number) * (1 - x) + (cells[i + layers.columns + 1] as number) * x;
    return upper * (1 - y) + lower * y;
  };
}
