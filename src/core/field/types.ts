/** What a part of the frame or a reading belongs to. */
export const ROLES = ['sky', 'land', 'water', 'feature'] as const;
export type Role = (typeof ROLES)[number];
export type Region = Role | 'ignore';

/** A point of the upright picture: u 0 left to 1 right, v 0 top to 1 bottom. */
export interface FramePoint {
  readonly u: number;
  readonly v: number;
}

export type FeatureTreatment = 'protect' | 'tame' | 'silhouette';

/** A polygon (even-odd) that overrides the regions below it. */
export interface Shape {
  readonly id: string;
  readonly name?: string | undefined;
  readonly region: Region;
  readonly treat?: FeatureTreatment | undefined;
  readonly points: readonly FramePoint[];
}

/** A spot of known light. Without a place it stands at the middle of its region. */
export interface LightReading {
  readonly id: string;
  readonly role: Role;
  readonly place?: FramePoint | undefined;
  readonly ev100: number;
  /** To be held, not to be balanced: it counts in the field, in clipping and in the reach, and in no mean. */
  readonly limit?: boolean | undefined;
  /** So small that it says nothing of what lies around it: it counts in clipping and in the reach alone. */
  readonly isPoint?: boolean | undefined;
  /** Taken from the picture itself, which it therefore cannot tie. */
  readonly fromPicture?: boolean | undefined;
  /** The tone at which the photographer wants this spot, stops from mid-grey. */
  readonly wantedToneStops?: number | undefined;
}

/** `EV = offsetEv + contrast log2 Y`. */
export interface PictureTie {
  readonly offsetEv: number;
  readonly contrast: number;
  /** Readings placed on it; one of a whole side or of the whole frame, against the mean light there; or its own exposure. */
  readonly by: 'contrast-and-level' | 'level' | 'mean' | 'exposure-data';
}

/** What is known of a cell's light: it is measured, or the picture was black or blown there and gives only a bound. */
export const KNOWN = { measured: 0, atMost: 1, atLeast: 2 } as const;
