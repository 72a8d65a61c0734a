import { stopsFromTransmittance } from '@/core/units';
import { type FrameSize } from '@/core/optics';
import { type TakenCell } from './sheet-from-pair';

/** A picture in linear light, reduced to cells (physics 13). */
export interface LightCells {
  readonly columns: number;
  readonly rows: number;
  /** Three numbers a cell. */
  readonly rgb: ArrayLike<number>;
  readonly luminance: ArrayLike<number>;
  /** Part of each cell that is blown, and that is black. */
  readonly blown: ArrayLike<number>;
  readonly black: ArrayLike<number>;
}

/** What a cell lost, and by how much more of red and of blue than of green, stops. */
export interface ColouredCell extends TakenCell {
  readonly red: number;
  readonly blue: number;
}

/** A cell with more of it blown or black than this is left out. */
const SPOILT = 0.02;
/** Patches across and up: cells of one err together. */
const PATCHES = 6;

/**
 * What glass took, cell by cell, of two pictures of one frame: the ratio of their light. Cells that either has blown or lost
 * are left out.
 *
 * @param longerStops by how much longer the picture through the glass was exposed, stops
 * @returns null where the two are of different shapes
 */
export function takenCells(
  without: LightCells,
  through: LightCells,
  { widthMm, heightMm }: FrameSize,
  longerStops = 0,
): ColouredCell[] | null {
  const { columns, rows } = without;
  if (columns !== through.columns || rows !== through.rows) return null;
  const spoilt = ({ blown, black }: LightCells, i: number) => blown[i] + black[i] > SPOILT;
  const lost = (of: (cells: LightCells) => number) =>
    stopsFromTransmittance(of(through) / of(without)) + longerStops;
  return Array.from({ length: columns * rows }, (_, i): ColouredCell => {
    const [column, row] = [i % columns, Math.floor(i / columns)];
    const [u, v] = [(column + 0.5) / columns, (row + 0.5) / rows];
    const green = lost(({ rgb }) => rgb[3 * i + 1]);
    return {
      x: (u - 0.5) * widthMm,
      h: (0.5 - v) * heightMm,
      patch: Math.floor(u * PATCHES) + PATCHES * Math.floor(v * PATCHES),
      stops: spoilt(without, i) || spoilt(through, i) ? NaN : lost(({ luminance }) => luminance[i]),
      red: lost(({ rgb }) => rgb[3 * i]) - green,
      blue: lost(({ rgb }) => rgb[3 * i + 2]) - green,
    };
  }).filter(
    ({ stops, red, blue }) => Number.isFinite(stops) && Number.isFinite(red) && Number.isFinite(blue),
  );
}
