import { mean } from '@/core/numerics';
import { findSkyline, type FoundSkyline, type Pixels, reducePixels, SKYLINE_CELLS } from '@/core/photo';
import { type LandscapeName, type SceneSun } from '@/core/scene';
import { simulatedPhoto } from './simulated-photo';
import { type SkylineScene } from './skyline-scenes';

const COLUMNS = 240;

/** A picture of a simulated scene as a camera takes it, and where its skyline really is. */
export function simulated(landscape: LandscapeName, seed: number, sun?: SceneSun): SkylineScene {
  const { columns, rows, rgb, skyline } = simulatedPhoto({
    landscape,
    seed,
    columns: COLUMNS,
    ...(sun ? { sun } : {}),
  });
  const rgba = new Uint8ClampedArray(4 * columns * rows).fill(255);
  for (let i = 0; i < columns * rows; i++) rgba.set(rgb.subarray(3 * i, 3 * i + 3), 4 * i);
  return { pixels: { columns, rows, rgba }, truth: skyline };
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
