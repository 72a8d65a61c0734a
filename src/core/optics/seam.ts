import { profileJoints, type Sheet } from '@/core/glass';
import { averagedOverBeam, sampleSheet, tableGrid } from './dimming-table';
import { acrossSeam, type FrameSize, type Lens, type Seat, sheetScale } from './projection';

/** The transition of a set as a beam draws it, in mm from the sheet's mid-line towards the dark end. */
export interface Transition {
  /** Where 10 %, half and 90 % of the greatest dimming are first passed, walking in from the clear side. */
  readonly tenthMm: number;
  readonly halfMm: number;
  readonly nineTenthsMm: number;
  /** Where a set that clears up again, as a band does, falls below half of it; null for one that stays above. */
  readonly farHalfMm: number | null;
}

/** Less than this of its greatest dimming beyond is clear glass again. */
const CLEAR_PART = 0.1;

/**
 * The transition that a beam draws of a set (physics 3). Light is averaged and not stops, so the line of half dimming is
 * not the projected mid-line, but lies towards the dark end. The ends of the sheets are not counted.
 */
export function transitionOf(sheets: readonly Sheet[], beamMm: number): Transition {
  const joints = sheets.flatMap((s) => profileJoints(s.profile));
  const grid = tableGrid(beamMm, Math.max(...joints.map(Math.abs)) + beamMm / 2 + 1);
  const [first, second] = sheets.map((s) => sampleSheet(grid, { profile: s.profile }));
  const { stops, startMm, stepsPerMm } = averagedOverBeam(grid, [first, second]);
  const most = stops.reduce((a, b) => Math.max(a, b), 0);
  const crossing = (part: number): number => {
    const wanted = part * most;
    const at = stops.findIndex((s) => s >= wanted);
    const high = stops[at];
    const low = stops[at - 1] ?? 0;
    return startMm + (high > low ? at - (high - wanted) / (high - low) : at) / stepsPerMm;
  };
  /** Where it is passed again on the way down, interpolated as the first is. */
  const farCrossing = (part: number): number => {
    const wanted = part * most;
    const at = stops.findLastIndex((s) => s >= wanted);
    const high = stops[at];
    const low = stops[at + 1] ?? high;
    return startMm + (high > low ? at + (high - wanted) / (high - low) : at) / stepsPerMm;
  };
  const clears = stops[stops.length - 1] < CLEAR_PART * most;
  return {
    tenthMm: crossing(0.1),
    halfMm: crossing(0.5),
    nineTenthsMm: crossing(0.9),
    farHalfMm: clears ? farCrossing(0.5) : null,
  };
}

/** Seam spread: length between 10 % and 90 % of the dimming in the picture, as a part of the frame's height. */
export function seamSpread(transition: Transition, lens: Lens, frame: FrameSize): number {
  return (transition.nineTenthsMm - transition.tenthMm) / sheetScale(lens) / frame.heightMm;
}

/** Where the seam meets two opposite edges of the frame, in parts of the frame (0 top or left); may lie outside 0..1. */
export type SeamAt =
  { readonly left: number; readonly right: number } | { readonly top: number; readonly bottom: number };

/** The seam of the picture (the line of half dimming) at the frame's edges; at top and bottom when it is steep. */
export function seamAtEdges(seat: Seat, halfMm: number, lens: Lens, frame: FrameSize): SeamAt {
  const { sin, cos } = acrossSeam(seat.turnDeg);
  const reach = (seat.offsetMm + halfMm) / sheetScale(lens);
  if (Math.abs(cos) * frame.widthMm >= Math.abs(sin) * frame.heightMm) {
    const at = (x: number) => 0.5 - (reach - x * sin) / cos / frame.heightMm;
    return { left: at(-frame.widthMm / 2), right: at(frame.widthMm / 2) };
  }
  const at = (h: number) => 0.5 + (reach - h * cos) / sin / frame.widthMm;
  return { top: at(frame.heightMm / 2), bottom: at(-frame.heightMm / 2) };
}
