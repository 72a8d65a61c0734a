import { existsSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { chromium } from '@playwright/test';
import { build } from 'esbuild';
import sharp from 'sharp';
import {
  findSkyline,
  LIGHT_CELLS,
  lightFigures,
  type Pixels,
  reducePixels,
  SKYLINE_CELLS,
} from '@/core/photo';
import { makeScene, takePhoto } from '@/core/scene';
import { CHROMIUM } from './served';
import { type InPage } from './in-page/decode-to-span';
import { type Figure, figure, median, runs } from './measure';

/** A camera's picture of 24 megapixels. */
const SIZE = { width: 6000, height: 4000 };
const COUNT = 5;

/** A picture of a scene blown up to full size, as a camera writes it. */
async function jpeg(): Promise<Buffer> {
  const scene = makeScene({ landscape: 'terraces', seed: 3, columns: 600 });
  const { columns, rows, rgb } = takePhoto(scene, { midGreyEv: 13, contrast: 0.82 });
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

/** In a browser, where there is one: from the file to the span of a stand, beside the browser's own decode. */
async function inBrowser(bytes: Buffer): Promise<InPage | null> {
  if (!existsSync(CHROMIUM)) return null;
  const { outputFiles } = await build({
    entryPoints: ['bench/in-page/decode-to-span.ts'],
    bundle: true,
    write: false,
    format: 'iife',
    tsconfig: 'tsconfig.base.json',
    logLevel: 'error',
  });
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox'] });
  try {
    const page = await browser.newPage();
    await page.addScriptTag({ content: outputFiles[0]!.text });
    const stand = await readFile('src/demo/hesk-terraces.paleseam.json', 'utf8');
    return await page.evaluate<InPage, [string, string, number]>(
      ([picture, text, count]) =>
        (globalThis as unknown as { measure: (...of: unknown[]) => Promise<InPage> }).measure(
          picture,
          text,
          count,
        ),
      [bytes.toString('base64'), stand, COUNT],
    );
  } finally {
    await browser.close();
  }
}

/** From a file of 24 megapixels to its figures and its skyline, beside what decoding alone takes (libjpeg, in the same run). */
export async function* photoFigures(): AsyncGenerator<Figure> {
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
  const browser = await inBrowser(bytes);
  if (browser) {
    const { decode: own, toSpan } = browser;
    yield figure('browser-decode', 'ms', own);
    yield figure('browser-decode-to-span', 'ms', toSpan);
    const ratios = toSpan.map((ms, i) => ms / (own[i] as number));
    yield figure('browser-decode-to-span-vs-decode', 'x', ratios);
  } else process.stderr.write('bench: no browser here, so that its own decode is not measured\n');
}
