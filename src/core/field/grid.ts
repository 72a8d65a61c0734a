import { type FramePoint, type Region, type Shape } from './types';

/** Cells along the long side of the frame (solver: the light field). */
const LONG_SIDE = 240;

export interface Grid {
  readonly columns: number;
  readonly rows: number;
  /** Width over height of the frame. */
  readonly aspect: number;
}

export function gridFor(frame: { readonly widthMm: number; readonly heightMm: number }): Grid {
  const aspect = frame.widthMm / frame.heightMm;
  return {
    columns: aspect >= 1 ? LONG_SIDE : Math.max(1, Math.round(LONG_SIDE * aspect)),
    rows: aspect >= 1 ? Math.max(1, Math.round(LONG_SIDE / aspect)) : LONG_SIDE,
    aspect,
  };
}

/** A skyline made ready to be asked for its height: sorted by u, straight between points, level beyond its ends. */
export function skylineAt(points: readonly FramePoint[]): (u: number) => number {
  const sorted = [...points].sort((a, b) => a.u - b.u);
  return (u) => {
    const next = sorted.findIndex((p) => p.u >= u);
    if (next < 0) return sorted.at(-1)?.v ?? 0;
    const right = sorted[next];
    const left = sorted[next - 1];
    if (!left) return right.v;
    return left.v + ((right.v - left.v) * (u - left.u)) / (right.u - left.u);
  };
}

/** Whether a point lies inside a polygon, by the even-odd rule. */
export function isInside(points: readonly FramePoint[], u: number, v: number): boolean {
  let inside = false;
  let previous = points.at(-1);
  for (const point of points) {
    if (
      previous &&
      point.v > v !== previous.v > v &&
      u < ((previous.u - point.u) * (v - point.v)) / (previous.v - point.v) + point.u
    )
      inside = !inside;
    previous = point;
  }
  return inside;
}

/** The codes of `RegionMap.regions`, in the order of their numbers. */
export const REGION_CODES: readonly Region[] = ['sky', 'land', 'water', 'feature', 'ignore'];

export interface RegionMap {
  readonly grid: Grid;
  /** Index into `REGION_CODES` for each cell, row by row. */
  readonly regions: Uint8Array;
  /** Index of the last shape that covers the cell, or -1. */
  readonly shapes: Int16Array;
  /** The skyline's v at each column. */
  readonly skyline: Float64Array;
}

/** Which region each cell belongs to: the skyline parts sky from land, then the shapes override in order. */
export function mapRegions(grid: Grid, skyline: readonly FramePoint[], shapes: readonly Shape[]): RegionMap {
  const { columns, rows } = grid;
  const heightAt = skylineAt(skyline);
  const line = Float64Array.from({ length: columns }, (_, i) => heightAt((i + 0.5) / columns));
  const regions = new Uint8Array(columns * rows);
  const covering = new Int16Array(columns * rows).fill(-1);
  const land = REGION_CODES.indexOf('land');
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++)
      if ((row + 0.5) / rows >= line[column]) regions[row * columns + column] = land;
  shapes.forEach((shape, index) => {
    const code = REGION_CODES.indexOf(shape.region);
    const us = shape.points.map((p) => p.u);
    const vs = shape.points.map((p) => p.v);
    const lastRow = Math.min(rows - 1, Math.floor(Math.max(...vs) * rows));
    const lastColumn = Math.min(columns - 1, Math.floor(Math.max(...us) * columns));
    for (let row = Math.max(0, Math.floor(Math.min(...vs) * rows)); row <= lastRow; row++)
      for (let column = Math.max(0, Math.floor(Math.min(...us) * columns)); column <= lastColumn; column++)
        if (isInside(shape.points, (column + 0.5) / columns, (row + 0.5) / rows)) {
          regions[row * columns + column] = code;
          covering[row * columns + column] = index;
        }
  });
  return { grid, regions, shapes: covering, skyline: line };
}
