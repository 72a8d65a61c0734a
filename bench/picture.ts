import sharp from 'sharp';
import {
  findSkyline,
  LIGHT_CELLS,
  lightFigures,
  type Pixels,
  reducePixels,
  SKYLINE_CELLS,
} from '@/core/photo';
import { makeScene, takePicture } from '@/core/scene';
import { type Figure, figure, median, runs } from './measure';

/** A camera's picture of 24 megapixels. */
const SIZE = { width: 6000, height: 4000 };
const COUNT = 5;

/** A picture of a scene blown up to full size, as a camera writes it. */
async function jpeg(): Promise<Buffer> {
  const scene = makeScene({ landscape: 'terraces', seed: 3, columns: 600 });
  const { columns, rows, rgb } = takePicture(scene, { midGreyEv: 13, contrast: 0.82 });
  return sharp(Buffer.from(rgb), { raw: { width: columns, height: rows, channels: 3 } })
    .resize(SIZE.width, SIZE.height, { fit: 'fill' })
    .jpeg({ quality: 92 })
    .toBuffer();
}

async function decoded(bytes: Buffer): Promise<Pixels> {
  const { data, info } = await sharp(bytes).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
  return {
    columns: info.width,
    rows: info.height,
    rgba: new Uint8ClampedArray(data.buffer, data.byteOffset, data.length),
  };
}

/** From a file of 24 megapixels to its figures and its skyline, beside what decoding alone takes (libjpeg, in the same run). */
export async function* pictureFigures(): AsyncGenerator<Figure> {
  const bytes = await jpeg();
  const decode: number[] = [];
  for (let i = 0; i < COUNT; i++) {
    const begun = performance.now();
    await decoded(bytes);
    decode.push(performance.now() - begun);
  }
  const pixels = await decoded(bytes);
  const figures = runs(() => lightFigures(reducePixels(pixels, LIGHT_CELLS)), { warm: 1, count: COUNT });
  const small = reducePixels(pixels, SKYLINE_CELLS);
  const skyline = runs(() => findSkyline(small), { warm: 1, count: COUNT });
  yield figure('decode', 'ms', decode);
  yield figure('figures', 'ms', figures);
  yield figure('skyline', 'ms', skyline);
  yield figure(
    'figures-vs-decode',
    'x',
    figures.map((ms) => ms / median(decode)),
  );
  yield figure(
    'skyline-vs-decode',
    'x',
    skyline.map((ms) => ms / median(decode)),
  );
}
