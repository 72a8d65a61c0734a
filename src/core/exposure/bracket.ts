/** A set of exposures to be merged, in place of a grad (physics 9). */

/** Kept free at either end of each frame's window, and shared between neighbours, stops. */
const MARGIN = 0.5;
const OVERLAP = 1;

export interface BracketRequest {
  readonly brightestEv: number;
  readonly darkestEv: number;
  readonly highlightRoom: number;
  readonly shadowRoom: number;
  /** EV at mid-grey of the wanted placement, for one frame alone; null where nothing is placed. */
  readonly placedEv: number | null;
}

/** Exposures, and what they are measured by. */
export interface Exposures {
  readonly ok: true;
  /** EV at mid-grey of each frame, darkest picture first. */
  readonly evs: readonly number[];
  readonly reachStops: number;
  /** What one frame holds within its margins, stops. */
  readonly windowStops: number;
}

export type Bracket = Exposures | { readonly ok: false; readonly reason: 'window-too-small' };

/** Frames a whole number of thirds apart, as a camera brackets by itself. */
export interface CameraRow {
  readonly frames: number;
  readonly stepStops: number;
}

/** Frames that cameras offer in a row, and the widest step between them, stops. */
export const ROW_FRAMES = [3, 5, 7] as const;
const WIDEST_STEP = 3;

/** What is measured of a bracket, whatever its frames. */
export const bracketMeasures = (request: BracketRequest): Pick<Exposures, 'reachStops' | 'windowStops'> => {
  const { reachStops, windowStops } = windowOf(request);
  return { reachStops, windowStops };
};

/** What one frame holds, and the exposures at which it holds the brightest and the darkest, EV at mid-grey. */
function windowOf({ brightestEv, darkestEv, highlightRoom, shadowRoom }: BracketRequest) {
  return {
    windowStops: highlightRoom + shadowRoom - 2 * MARGIN,
    reachStops: brightestEv - darkestEv,
    darkPhoto: brightestEv - (highlightRoom - MARGIN),
    brightPhoto: darkestEv + (shadowRoom - MARGIN),
  };
}

/** One frame for all: as bright as its brightest reading allows, or as is wanted where that is darker. */
const oneFrame = (request: BracketRequest): number => {
  const { darkPhoto, brightPhoto } = windowOf(request);
  return Math.min(brightPhoto, Math.max(darkPhoto, request.placedEv ?? darkPhoto));
};

/**
 * Exposures that between them hold everything from the brightest to the darkest reading: one where the reach fits, as
 * bright as its brightest reading allows or as is wanted where that is darker; else evenly spread, the brightest picture holding the darkest reading and the other way
 * round.
 */
export function bracketFor(request: BracketRequest): Bracket {
  const { windowStops, reachStops, darkPhoto, brightPhoto } = windowOf(request);
  if (reachStops <= windowStops) return { ok: true, evs: [oneFrame(request)], reachStops, windowStops };
  if (windowStops <= OVERLAP) return { ok: false, reason: 'window-too-small' };
  const frames = Math.ceil((reachStops - OVERLAP) / (windowStops - OVERLAP));
  const step = (darkPhoto - brightPhoto) / (frames - 1);
  return {
    ok: true,
    evs: Array.from({ length: frames }, (_, i) => darkPhoto - i * step),
    reachStops,
    windowStops,
  };
}

/** The same by a row of the camera's own, about the middle of what is to be held, or about the one frame that holds it all. */
export function bracketByRow(request: BracketRequest, { frames, stepStops }: CameraRow): Exposures {
  const { windowStops, reachStops, darkPhoto, brightPhoto } = windowOf(request);
  const middle = reachStops <= windowStops ? oneFrame(request) : (darkPhoto + brightPhoto) / 2;
  return {
    ok: true,
    evs: Array.from({ length: frames }, (_, i) => middle + ((frames - 1) / 2 - i) * stepStops),
    reachStops,
    windowStops,
  };
}

/** How much of a reach lies outside all frames of a row, or between them, stops; 0 where everything is held. */
export function uncoveredStops(
  { evs, reachStops, windowStops }: Exposures,
  { stepStops }: CameraRow,
): number {
  const covered = windowStops + (evs.length - 1) * stepStops;
  const between = Math.max(0, stepStops - windowStops);
  return Math.max(0, reachStops - covered, between) + 0;
}

/** The smallest of the camera's rows that covers a reach: fewest frames, then the smallest step; null where one frame does, or none. */
export function coveringRow(reachStops: number, windowStops: number): CameraRow | null {
  if (reachStops <= windowStops) return null;
  for (const frames of ROW_FRAMES) {
    const thirds = Math.max(1, Math.ceil((3 * (reachStops - windowStops)) / (frames - 1) - 1e-9));
    const stepStops = thirds / 3;
    if (stepStops <= Math.min(WIDEST_STEP, windowStops - OVERLAP) + 1e-9) return { frames, stepStops };
  }
  return null;
}
