import { type Drawing } from './glance';

/** Of an image that is looked at in little, or printed at a hand's width. */
const QUALITY = 0.85;

const contextOf = (columns: number, rows: number) =>
  new OffscreenCanvas(columns, rows).getContext('2d', {
    willReadFrequently: true,
  }) as OffscreenCanvasRenderingContext2D;

/** Draws with what a browser's worker has. */
export const WORKER_DRAWING: Drawing = {
  async pixelsOf({ bytes, type }, { columns, rows }) {
    const image = await createImageBitmap(new Blob([bytes], { type }));
    const context = contextOf(columns, rows);
    context.imageSmoothingQuality = 'high';
    context.drawImage(image, 0, 0, columns, rows);
    image.close();
    return { columns, rows, rgba: context.getImageData(0, 0, columns, rows).data };
  },
  async imageOf({ columns, rows, rgba }) {
    const context = contextOf(columns, rows);
    context.putImageData(new ImageData(rgba, columns, rows), 0, 0);
    const image = await context.canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
    return new FileReaderSync().readAsDataURL(image);
  },
};
