import { type Region } from '@/core/field';
import { type FrameSize } from '@/core/optics';

/** Linear light in the primaries of sRGB; its luminance, `luminanceOf`, is in cd/m2 where it is a scene's. */
export type Rgb = readonly [number, number, number];
/** An `Rgb` that is written into, so that a picture of millions of points makes no garbage. */
export type RgbOut = [number, number, number];

/** Where the sun stands. */
export interface SceneSun {
  readonly altitudeDeg: number;
  /** From the viewing direction, to the right positive. */
  readonly bearingDeg: number;
}

/** How a scene is looked at: a level camera, its picture shifted so that the horizon lies where it is wanted. */
export interface SceneView {
  readonly frame: FrameSize;
  readonly focalLengthMm: number;
  /** Where the horizon lies in the frame, 0 top to 1 bottom. */
  readonly horizonV: number;
  /** Height of the lens above the ground it stands on, m. */
  readonly eyeM: number;
  readonly columns: number;
  readonly rows: number;
}

/** A scene as it is seen: known light, known regions, known skyline. */
export interface SceneLight {
  readonly columns: number;
  readonly rows: number;
  /** Three numbers a point, row by row, linear, cd/m2. */
  readonly rgb: Float32Array;
  /** The region of each point, index into `REGION_CODES`. */
  readonly regions: Uint8Array;
  /** Where the ground meets the sky at each column, v; what stands through it (trees) is not counted. */
  readonly skyline: Float64Array;
}

/** Regions that scenes are made of. */
export type SceneRegion = Exclude<Region, 'ignore'>;
