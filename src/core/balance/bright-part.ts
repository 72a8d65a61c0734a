import { type LightField, REGION_CODES } from '@/core/field';

/** The bright top of a sky that is to be evened out alone. */
export interface BrightPart {
  /** The level line under it, parts of the frame's height from its top. */
  readonly v: number;
  /** How much brighter it is than the rest of the sky, on the mean of the cells, stops. */
  readonly aboveStops: number;
  readonly meanEv: number;
}

/** So much of the sky's cells is evened out, from the top downwards. */
const PART = 1 / 3;
/** A top that is no brighter than by this is even already, stops. */
const EVEN_UNDER = 0.3;

const SKY = REGION_CODES.indexOf('sky');

/**
 * The brightest third of a sky alone: its top, down to the level line that has a third of its cells above it. Null where
 * that is no brighter than the rest, or there is no sky.
 */
export function brightPartOf({ grid, regions, ev }: LightField): BrightPart | null {
  const { columns, rows } = grid;
  const rowsOfSky = Array.from({ length: rows }, (_, row) => {
    let cells = 0;
    let sum = 0;
    for (let i = row * columns; i < (row + 1) * columns; i++)
      if (regions[i] === SKY) {
        cells++;
        sum += ev[i];
      }
    return { cells, sum };
  });
  const total = (of: typeof rowsOfSky) =>
    of.reduce((a, b) => ({ cells: a.cells + b.cells, sum: a.sum + b.sum }), { cells: 0, sum: 0 });
  const all = total(rowsOfSky);
  let above = 0;
  const at = rowsOfSky.findIndex(({ cells }) => (above += cells) >= PART * all.cells) + 1;
  const [top, rest] = [total(rowsOfSky.slice(0, at)), total(rowsOfSky.slice(at))];
  if (!all.cells || !rest.cells) return null;
  const meanEv = top.sum / top.cells;
  const aboveStops = meanEv - rest.sum / rest.cells;
  return aboveStops < EVEN_UNDER ? null : { v: at / rows, aboveStops, meanEv };
}
