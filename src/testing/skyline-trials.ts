import { evOfLuminance } from '@/core/exposure';
import { mean } from '@/core/numerics';
import { findSkyline, type FoundSkyline, type Pixels, reducePixels, SKYLINE_CELLS } from '@/core/photo';
import { type LandscapeName, makeScene, type SceneSun, takePhoto } from '@/core/scene';
import { luminanceOf } from '@/core/units';
import { type SkylineScene } from './skyline-scenes';

const COLUMNS = 240;
const CONTRAST = 0.82;

/** A picture of a simulated scene as a camera takes it, exposed for its bright parts, and where its skyline really is. */
export function simulated(landscape: LandscapeName, seed: number, sun?: SceneSun): SkylineScene {
  const scene = makeScene({ landscape, seed, columns: COLUMNS, ...(sun ? { sun } : {}) });
  const evs = Float64Array.from({ length: scene.columns * scene.rows }, (_, i) =>
    evOfLuminance(luminanceOf(scene.rgb[3 * i]!, scene.rgb[3 * i + 1]!, scene.rgb[3 * i + 2]!)),
  ).sort();
  const midGreyEv = evs[Math.floor(0.985 * evs.length)]! - Math.log2(1 / 0.18) / CONTRAST;
  const { columns, rows, rgb } = takePhoto(scene, {
    midGreyEv,
    contrast: CONTRAST,
    cornerStops: 0.2,
    seed,
  });
  const rgba = new Uint8ClampedArray(4 * columns * rows).fill(255);
  for (let i = 0; i < columns * rows; i++) rgba.set(rgb.subarray(3 * i, 3 * i + 3), 4 * i);
  return { pixels: { columns, rows, rgba }, truth: scene.skyline };
}

/** What was found, and how far it lies from the truth in the mean, parts of the height; 1 where there is no sky. */
export interface Trial extends FoundSkyline {
  readonly error: number;
}

export function tried({ pixels, truth }: SkylineScene): Trial {
  const found = findSkyline(reducePixels(pixels, SKYLINE_CELLS));
  if (!truth) return { ...found, error: 1 };
  const truthAt = (i: number) => truth[Math.floor(((i + 0.5) * truth.length) / found.line.length)]!;
  return { ...found, error: mean(Array.from(found.line, (v, i) => Math.abs(v - truthAt(i)))) };
}

/** A line this near the truth is right, parts of the height; one that claims so much says that it is. */
export const RIGHT = 0.03;
const CLAIMED = 0.7;

export const claims = ({ hasSky, confidence }: FoundSkyline): boolean => hasSky && confidence >= CLAIMED;

/** A picture turned by quarters clockwise. */
export function turned(pixels: Pixels, quarters: number): Pixels {
  if (quarters === 0) return pixels;
  const { columns, rows, rgba } = pixels;
  const out = new Uint8ClampedArray(rgba.length);
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const from = 4 * (row * columns + column);
      out.set(rgba.subarray(from, from + 4), 4 * (column * rows + rows - 1 - row));
    }
  return turned({ columns: rows, rows: columns, rgba: out }, quarters - 1);
}
