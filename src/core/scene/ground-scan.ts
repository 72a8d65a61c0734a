import { type Ground } from './parts/landscape';
import { type SceneView } from './parts/types';

/** What of the ground each point of the picture shows. */
export interface GroundScan {
  /** Distance ahead of the ground at each point, m; 0 where there is sky. */
  readonly depth: Float32Array;
  /** v of the highest ground of each column, exact to a thousandth of a point. */
  readonly skyline: Float64Array;
}

/** Each step ahead is longer by this part of the distance than the last, at most. */
const STEP_PART = 0.006;

/** Height on the sensor, mm, of a point of the picture; the horizon is at 0. */
export const sensorHeightMm = (view: SceneView, v: number): number =>
  (view.horizonV - v) * view.frame.heightMm;

export const sensorRightMm = (view: SceneView, u: number): number => (u - 0.5) * view.frame.widthMm;

/** Walks away from the camera, column by column, and keeps what is not hidden by nearer ground. */
export function scanGround(ground: Ground, view: SceneView): GroundScan {
  const { columns, rows, focalLengthMm: f, eyeM } = view;
  const depth = new Float32Array(columns * rows);
  const skyline = new Float64Array(columns);
  const level = ground.water?.levelM ?? -Infinity;
  const pointMm = view.frame.heightMm / rows;
  for (let column = 0; column < columns; column++) {
    const side = sensorRightMm(view, (column + 0.5) / columns) / f;
    const lowest = sensorHeightMm(view, 1);
    let highest = lowest;
    let d0 = ground.nearM;
    let z0 = Math.max(level, ground.height(d0 * side, d0, (d0 * pointMm) / f)) - eyeM;
    /** The next row, from below, that shows nothing yet. */
    let row = rows - 1;
    while (d0 < ground.farM) {
      const d1 = d0 * (1 + STEP_PART);
      const z1 = Math.max(level, ground.height(d1 * side, d1, (d1 * pointMm) / f)) - eyeM;
      const h1 = (f * z1) / d1;
      if (h1 > highest) {
        for (; row >= 0; row--) {
          const h = sensorHeightMm(view, (row + 0.5) / rows);
          if (h > h1) break;
          // where the line of sight meets the ground between the two steps
          const meets = (f * z0 - h * d0) / (h * (d1 - d0) - f * (z1 - z0));
          depth[row * columns + column] = d0 + (d1 - d0) * Math.min(1, Math.max(0, meets));
        }
        highest = h1;
      }
      d0 = d1;
      z0 = z1;
    }
    skyline[column] = view.horizonV - highest / view.frame.heightMm;
  }
  return { depth, skyline };
}
