import { type SkyCondition } from './sky-light';
import { type Material, type SurfacePoint } from './surface';
import { type Rgb, type SceneSun, type SceneView } from './types';

/** A landscape: its ground, its sky, and what stands on it. */
export interface Landscape {
  readonly sky: SkyCondition;
  readonly ground: Ground;
  /** What stands up through the skyline, in front of everything: drawn in this order. */
  readonly standing?: readonly Stroke[];
  /** What stands is what is held back, in place of a sky: a roof of leaves. */
  readonly standingIsSky?: boolean;
}

export interface Ground {
  /** Height, m, at so many metres to the right and ahead, without detail finer than is asked for. */
  readonly height: (x: number, y: number, finestM: number) => number;
  /** What it is made of there. */
  readonly paint: (point: SurfacePoint, material: Material) => void;
  readonly water?: Water;
  readonly haze: Haze;
  /** From where to where it is seen, m ahead. */
  readonly nearM: number;
  readonly farM: number;
  /** How far it throws shadows, m. */
  readonly shadowM: number;
}

/** Still or moving water that fills the ground up to a level. */
export interface Water {
  readonly levelM: number;
  /** Tilt of its surface at a point, as slopes to the right and ahead. */
  readonly tilt: (x: number, y: number, finestM: number, out: [number, number]) => void;
  /** What lies under it, and how much of the light reaches that and comes back, 0 to 1. */
  readonly bed: Rgb;
  readonly clarity: number;
  /** White water at a point, 0 to 1. */
  readonly foam?: (x: number, y: number, finestM: number) => number;
}

export interface Haze {
  /** Where contrast has fallen to 2 %, m. */
  readonly visibilityM: number;
  /** Mist that lies in the low ground: how much of the light a metre of it takes, and how high it reaches, m. */
  readonly mist?: { readonly perM: number; readonly topM: number; readonly levelM: number };
}

/** A part of something that stands: a trunk, a branch, a leaf; straight, and as wide as it tapers. */
export interface Stroke {
  /** From where to where: metres to the right, ahead and up from the ground under the camera. */
  readonly from: Rgb;
  readonly to: Rgb;
  readonly fromWidthM: number;
  readonly toWidthM: number;
  readonly albedo: Rgb;
  /** Dark marks across it, for each metre of length; none for 0. */
  readonly marksPerM: number;
  readonly through: number;
}

/** How a landscape is usually seen. */
export interface LandscapeKind {
  readonly name: string;
  readonly sun: SceneSun;
  readonly view: Omit<SceneView, 'columns' | 'rows'>;
  /** Makes one of its kind; the same for the same seed. */
  readonly make: (seed: number) => Landscape;
}
