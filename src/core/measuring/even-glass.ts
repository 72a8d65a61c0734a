import { median } from '@/core/numerics';
import { type Figure } from './sheet-from-pair';
import { type ColouredCell } from './taken-cells';

/** By how much more glass takes of red and of blue than of green, stops. */
export interface Cast {
  readonly red: number;
  readonly blue: number;
}

/** Glass that covers the whole frame alike, measured by two pictures. */
export interface EvenGlass {
  /** Counts where both pictures tell how they were exposed; else light and exposure are in it. */
  readonly stops: Figure;
  readonly cast: Cast;
}

const LEAST_CELLS = 30;
/** The part of the frame that counts, about its middle: corners are the lens's. */
const MIDDLE = 0.4;
/** Patches err by themselves: standard errors from so many fewer. */
const NORMAL = 1.4826;

/**
 * What an ND or a polariser takes, and its colour, by two pictures of something even, a grey patch at best, without and with
 * it: medians of the middle of the frame (physics 13).
 *
 * @returns null where too little of it is measured in both
 */
export function evenGlass(cells: readonly ColouredCell[]): EvenGlass | null {
  const reach = Math.max(...cells.map((c) => Math.abs(c.x)), 0);
  const high = Math.max(...cells.map((c) => Math.abs(c.h)), 0);
  const inner = cells.filter((c) => Math.abs(c.x) <= MIDDLE * reach && Math.abs(c.h) <= MIDDLE * high);
  if (inner.length < LEAST_CELLS) return null;
  const taken = inner.map((c) => c.stops);
  const value = median(taken);
  const patches = new Set(inner.map((c) => c.patch)).size;
  const spread = NORMAL * median(taken.map((s) => Math.abs(s - value)));
  return {
    stops: { value, giveOrTake: 2 * Math.hypot(0.01, spread / Math.sqrt(patches)) },
    cast: castOf(inner),
  };
}

const castOf = (cells: readonly ColouredCell[]): Cast => ({
  red: median(cells.map((c) => c.red)),
  blue: median(cells.map((c) => c.blue)),
});

/**
 * The colour of a sheet where it is dense, against its clear end; of the whole of its density.
 *
 * @param takenBy what the sheet as it was measured takes of each cell, stops
 * @returns null where either end is hardly in the picture
 */
export function sheetCast(cells: readonly ColouredCell[], takenBy: readonly number[]): Cast | null {
  const most = Math.max(...takenBy);
  const dense = cells.filter((_, i) => takenBy[i] > 0.8 * most);
  const clear = cells.filter((_, i) => takenBy[i] < 0.1 * most);
  if (dense.length < LEAST_CELLS || clear.length < LEAST_CELLS) return null;
  const [a, b] = [castOf(dense), castOf(clear)];
  return { red: a.red - b.red, blue: a.blue - b.blue };
}
