import { type Pixels } from '@/model';
import { type Drawing } from '@/workers/glance';

/** Draws pictures of one colour, and keeps the pixels that an image was made of. */
export function drawing(colour: readonly [number, number, number] = [128, 128, 128]) {
  const drawn: Pixels[] = [];
  const means: Drawing = {
    pixelsOf: async (_photo, { columns, rows }) => {
      const rgba = new Uint8ClampedArray(4 * columns * rows);
      for (let i = 0; i < columns * rows; i++) rgba.set([...colour, 255], 4 * i);
      return { columns, rows, rgba };
    },
    imageOf: async (pixels) => {
      drawn.push(pixels);
      return 'data:,';
    },
  };
  return { means, drawn };
}
