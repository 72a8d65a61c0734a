import { linearFromSrgb, srgbFromLinear } from '@/core/units';

/**
 * What a camera's histogram shows of tones (physics 12). Tones are stops from mid-grey, `room` where the picture on the camera's
 * screen is white; places are parts of the histogram's width, 0 black to 1 white.
 */

/** Where a tone stands in the histogram: 1 for all that is white or brighter. */
export const placeOfTone = (tone: number, room: number): number =>
  srgbFromLinear(Math.min(1, 2 ** (tone - room)));

/** The tone that stands at a place; black has none: the darkest told apart there. */
export const toneAtPlace = (place: number, room: number): number =>
  room + Math.log2(linearFromSrgb(Math.min(1, Math.max(DARKEST_PLACE, place))));

/** No eye tells a place from black that is darker than this. */
const DARKEST_PLACE = 0.02;

/** How a camera's histogram ought to look, a height a bin, the highest of all 1. */
export function histogramOf(tones: readonly number[], room: number, bins: number, most?: number): number[] {
  const heights = new Array<number>(bins).fill(0);
  for (const tone of tones) {
    if (Number.isNaN(tone)) continue;
    const bin = Math.min(bins - 1, Math.floor(placeOfTone(tone, room) * bins));
    heights[bin] = heights[bin] + 1;
  }
  const top = most ?? Math.max(1, ...heights);
  return heights.map((h) => h / top);
}

/** A part of the tones may lie beyond what is called an end: nobody sees single cells. */
const BEYOND = 0.005;

/** Between which tones nearly all of them lie; null without any. */
export function endsOf(tones: readonly number[]): readonly [low: number, high: number] | null {
  const sorted = tones.filter(Number.isFinite).toSorted((a, b) => a - b);
  if (!sorted.length) return null;
  const off = Math.floor(BEYOND * sorted.length);
  return [sorted[off], sorted[sorted.length - 1 - off]];
}
