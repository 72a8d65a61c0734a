import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import { type FramePoint, skylineAt } from '@/core/field';
import { mean } from '@/core/numerics';
import { type SkylineScene } from '@/testing/skyline-scenes';
import { claims, RIGHT, tried, turned } from '@/testing/skyline-trials';
import { findSkyline, type Pixels, reducePixels, SKYLINE_CELLS, UNSURE } from '.';

// four pictures of the corpus, made once (`npm run skyline-pictures`); all of it is tried by `npm run bench -- skyline`
const FOLDER = 'tests/corpus/skylines';
const truths = JSON.parse(readFileSync(`${FOLDER}/truths.json`, 'utf8')) as Record<string, number[] | null>;

async function pixelsOf(path: string): Promise<Pixels> {
  const { data, info } = await sharp(path).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
  return { columns: info.width, rows: info.height, rgba: Uint8ClampedArray.from(data) };
}

async function picture(name: string): Promise<SkylineScene> {
  const truth = truths[name];
  return { pixels: await pixelsOf(`${FOLDER}/${name}.png`), truth: truth ? Float64Array.from(truth) : null };
}

describe('the skyline found in a picture of known truth', () => {
  it('is near it, from edge to edge, and told stretch by stretch where it is unsure', async () => {
    const { error, points, sure, unsure } = tried(await picture('cones'));
    expect(error).toBeLessThan(0.01);
    expect([points[0]!.u, points.at(-1)!.u]).toEqual([0, 1]);
    expect(points.length).toBeLessThanOrEqual(60);
    const told = unsure.reduce((sum, { from, to }) => sum + to - from, 0);
    expect(Math.abs(told - mean(Array.from(sure, (s) => (s < UNSURE ? 1 : 0))))).toBeLessThan(0.15);
  });

  it('of the demo is near the one that its stand has', async () => {
    const name = 'tholl-saddle';
    const text = readFileSync(`src/demo/${name}.paleseam.json`, 'utf8');
    const at = skylineAt((JSON.parse(text) as { stand: { skyline: FramePoint[] } }).stand.skyline);
    const pixels = await pixelsOf(`src/demo/pictures/${name}.jpg`);
    const truth = Float64Array.from({ length: 240 }, (_, i) => at((i + 0.5) / 240));
    const { hasSky, error } = tried({ pixels, truth });
    expect(hasSky).toBe(true);
    expect(error).toBeLessThan(0.02);
  });

  it('is called unsure where it is wrong: a pan without a mirror under a high sun (fault 53)', async () => {
    const { error, confidence } = tried(await picture('pan-at-noon'));
    expect(error > RIGHT ? confidence : 0).toBeLessThan(UNSURE);
  });

  it('of a picture without any has no confidence', () => {
    const rgba = new Uint8ClampedArray(4 * 180 * 120).fill(128);
    const { confidence, line } = findSkyline(reducePixels({ columns: 180, rows: 120, rgba }, SKYLINE_CELLS));
    expect(confidence).toBeLessThan(UNSURE);
    expect([...line].every((v) => v >= 0 && v <= 1)).toBe(true);
  });

  it('of a picture without a sky is none', async () => {
    const { hasSky, confidence } = tried(await picture('none'));
    expect([hasSky, confidence]).toEqual([false, 0]);
  });

  it('of one turned over is not claimed, and said to lie so (fault 32)', async () => {
    const { pixels } = await picture('branches');
    const [upright, right, over, left] = [0, 1, 2, 3].map((quarters) =>
      tried({ pixels: turned(pixels, quarters), truth: null }),
    );
    expect(upright!.lies).toBeNull();
    expect([right!.lies, over!.lies, left!.lies]).toEqual(['on its side', 'upside down', 'on its side']);
    expect([right, over, left].filter((trial) => claims(trial!))).toEqual([]);
  });

  it.each([
    [1, 1],
    [2, 3],
    [300, 2],
    [3, 200],
  ])('of a picture of %p by %p pixels does not fail', (columns, rows) => {
    const rgba = Uint8ClampedArray.from({ length: 4 * columns * rows }, (_, i) => (i * 97) % 256);
    const { line, points } = findSkyline(reducePixels({ columns, rows, rgba }, SKYLINE_CELLS));
    expect([...line].every((v) => v >= 0 && v <= 1)).toBe(true);
    expect(points.length).toBeGreaterThanOrEqual(2);
  });
});
