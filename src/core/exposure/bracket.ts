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

export type Bracket =
  | {
      readonly ok: true;
      /** EV at mid-grey of each frame, darkest picture first. */
      readonly evs: readonly number[];
      readonly reachStops: number;
      /** What one frame holds within its margins, stops. */
      readonly windowStops: number;
    }
  | { readonly ok: false; readonly reason: 'window-too-small' };

/**
 * Exposures that between them hold everything from the brightest to the darkest reading: one where the reach fits, as
 * bright as its brightest reading allows or as is wanted where that is darker; else evenly spread, the brightest picture holding the darkest reading and the other way
 * round.
 */
export function bracketFor(request: BracketRequest): Bracket {
  const { brightestEv, darkestEv, highlightRoom, shadowRoom, placedEv } = request;
  const windowStops = highlightRoom + shadowRoom - 2 * MARGIN;
  const reachStops = brightestEv - darkestEv;
  const darkPhoto = brightestEv - (highlightRoom - MARGIN);
  const brightPhoto = darkestEv + (shadowRoom - MARGIN);
  if (reachStops <= windowStops)
    return {
      ok: true,
      evs: [Math.min(brightPhoto, Math.max(darkPhoto, placedEv ?? darkPhoto))],
      reachStops,
      windowStops,
    };
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
