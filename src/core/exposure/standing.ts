/** People and frames beside one long exposure (physics 7). */

/** Part of its light with which a figure that stood still for so long of an exposure is recorded, 0 to 1: `tf / t`. */
export const recordedPart = (standingSeconds: number, exposureSeconds: number): number =>
  Math.min(1, Math.max(0, standingSeconds / exposureSeconds));

/** How long a figure must stand to be recorded with a part of its light, s: the other direction of `recordedPart`. */
export const standingSeconds = (part: number, exposureSeconds: number): number => part * exposureSeconds;

const HAIR = 1e-9;

/** How many frames of one time, averaged, have moved as much as one exposure of another: at least one. */
export const framesForTime = (frameSeconds: number, wantSeconds: number): number =>
  Math.max(1, Math.ceil(wantSeconds / frameSeconds - HAIR));
