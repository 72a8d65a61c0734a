import { type FrameSize } from './projection';

/** Angles of view of the frame across, up and down, and corner to corner, degrees. */
export function anglesOfViewDeg(focalLengthMm: number, { widthMm, heightMm }: FrameSize) {
  const angle = (mm: number) => (2 * Math.atan(mm / (2 * focalLengthMm)) * 180) / Math.PI;
  return {
    acrossDeg: angle(widthMm),
    upDeg: angle(heightMm),
    diagonalDeg: angle(Math.hypot(widthMm, heightMm)),
  };
}

/** Steps that a grid of angles may have, degrees, and the most lines that it then has across the longer side. */
const GRID_STEPS = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20];
const MOST_LINES = 12;

/** The step of a grid of angles that is neither crowded nor empty, degrees. */
export function gridStepDeg(focalLengthMm: number, { widthMm, heightMm }: FrameSize): number {
  const whole = anglesOfViewDeg(focalLengthMm, {
    widthMm: Math.max(widthMm, heightMm),
    heightMm: 1,
  }).acrossDeg;
  return GRID_STEPS.find((step) => whole / step <= MOST_LINES) ?? 20;
}

/** Where lines of equal angle from the lens axis cross a side of the frame, parts of the side from its middle line. */
export function angleLines(
  focalLengthMm: number,
  sideMm: number,
  stepDeg: number,
): { readonly deg: number; readonly at: number }[] {
  const most = Math.floor((Math.atan(sideMm / (2 * focalLengthMm)) * 180) / Math.PI / stepDeg);
  return Array.from({ length: 2 * most + 1 }, (_, i) => {
    const deg = (i - most) * stepDeg;
    return { deg, at: 0.5 + (focalLengthMm * Math.tan((deg * Math.PI) / 180)) / sideMm };
  });
}
