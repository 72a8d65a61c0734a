import { type Coding, linearOfByte } from '@/model';
import { type PictureTie } from '@/core/field';
import { luminanceOf, srgbFromLinear } from '@/core/units';
import { displayLight, type FramePicture, layerDimming, THEME_TINTS } from './frame-painter';

/** A picture as it is kept. */
export interface CodedImage {
  readonly image: ImageBitmap;
  readonly coding: Coding;
}

/** A photograph made ready to be painted at one size, in linear light. */
export interface PhotoPlate {
  readonly columns: number;
  readonly rows: number;
  /** Luminance, log2, white 0. */
  readonly log: Float32Array;
  /** Each channel against the luminance, three numbers a pixel. */
  readonly colour: Float32Array;
}

/** Light below this part of white is black on any screen. */
const FLOOR = 2 ** -14;

/**
 * @param coding how the image's bytes stand for light
 * @param most pixels along its longer side
 */
export function photoPlate(
  { image, coding }: CodedImage,
  { width, height }: { readonly width: number; readonly height: number },
  most: number,
): PhotoPlate {
  const linear = linearOfByte(coding);
  const part = Math.min(1, most / Math.max(width, height, 1));
  const [columns, rows] = [Math.max(1, Math.round(width * part)), Math.max(1, Math.round(height * part))];
  const { data } = offscreen(columns, rows, (context) => context.drawImage(image, 0, 0, columns, rows));
  const log = new Float32Array(columns * rows);
  const colour = new Float32Array(3 * columns * rows);
  for (let i = 0; i < columns * rows; i++) {
    const r = linear[data[4 * i] as number] as number;
    const g = linear[data[4 * i + 1] as number] as number;
    const b = linear[data[4 * i + 2] as number] as number;
    const y = Math.max(FLOOR, luminanceOf(r, g, b));
    log[i] = Math.log2(y);
    // black has no colour
    colour[3 * i] = (r + FLOOR) / (y + FLOOR);
    colour[3 * i + 1] = (g + FLOOR) / (y + FLOOR);
    colour[3 * i + 2] = (b + FLOOR) / (y + FLOOR);
  }
  return { columns, rows, log, colour };
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
  readonly plate: PhotoPlate;
  readonly tie: PictureTie;
  readonly isMonochrome: boolean;
}

/** Steps of display light that are looked up: enough that the darks show no bands. */
const ENCODE_STEPS = 8192;
const ENCODED = Uint8Array.from({ length: ENCODE_STEPS + 1 }, (_, i) =>
  Math.round(255 * srgbFromLinear(i / ENCODE_STEPS)),
);

/** Paints the photograph over the whole canvas as it would be recorded: its light through the glass, in linear light. */
export function paintPhoto(canvas: HTMLCanvasElement, picture: FramePicture, photo: PhotoView): void {
  const { plate, tie, isMonochrome } = photo;
  const { columns, rows, log, colour } = plate;
  const lost = lostAt(picture, columns, rows);
  const image = new ImageData(columns, rows);
  const theme = THEME_TINTS[picture.theme];
  for (let row = 0, i = 0; row < rows; row++)
    for (let column = 0; column < columns; column++, i++) {
      const ev = tie.offsetEv + tie.contrast * (log[i] as number);
      const light = displayLight(ev - lost(column, row) - picture.evMidGrey, picture.window) * ENCODE_STEPS;
      for (let k = 0; k < 3; k++) {
        const own = isMonochrome ? light : light * (colour[3 * i + k] as number);
        image.data[4 * i + k] = ENCODED[Math.min(ENCODE_STEPS, own * (theme[k] as number)) | 0] as number;
      }
      image.data[4 * i + 3] = 255;
    }
  const small = document.createElement('canvas');
  small.width = columns;
  small.height = rows;
  (small.getContext('2d') as CanvasRenderingContext2D).putImageData(image, 0, 0);
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
