/** A set of exposures to be merged, in place of a grad (physics 9). */

/** Kept free at either end of each frame's window, and shared between neighbours, stops. */
const MARGIN = 0.5;
const OVERLAP = 1;

export interface BracketRequest {
  readonly brightestEv: number;
  readonly darkestEv: number;
  readonly highlightRoom: number;
  readonly shadowRoom: number;
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
 * Exposures that between them hold everything from the brightest to the darkest reading: one, halfway between its two
 * limits, where the reach fits; else evenly spread, the brightest picture holding the darkest reading and the other way
 * round.
 */
export function bracketFor(request: BracketRequest): Bracket {
  const { brightestEv, darkestEv, highlightRoom, shadowRoom } = request;
  const windowStops = highlightRoom + shadowRoom - 2 * MARGIN;
  const reachStops = brightestEv - darkestEv;
  const darkPhoto = brightestEv - (highlightRoom - MARGIN);
  const brightPhoto = darkestEv + (shadowRoom - MARGIN);
  if (reachStops <= windowStops)
    return { ok: true, evs: [(darkPhoto + brightPhoto) / 2], reachStops, windowStops };
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
