import { type SeamAt } from '@/core/optics';
import { transmittanceFromStops } from '@/core/units';
import { type SheetFilter } from '@/model';

/** What is drawn of a sheet whose length is not known, mm. */
const USUAL_LENGTH_MM = 150;

/** Length of a sheet for drawing, and where its seam lies from the dark end, mm. */
export function drawnLength(filter: SheetFilter): { lengthMm: number; seamMm: number } {
  const lengthMm = filter.sheetLengthMm ?? USUAL_LENGTH_MM;
  return { lengthMm, seamMm: filter.seamFromDarkEndMm ?? lengthMm / 2 };
}

/** How dark glass of a density looks, 0 to 1: the eye sees roughly the cube root of light. */
export const seenDarkness = (stops: number): number => 1 - Math.cbrt(transmittanceFromStops(stops));

/** Reach of the drawing from the lens axis, mm: towards the sheet's dark end and away from it. */
const FAR_MM = 106;
export const NEAR_MM = 62;
const SIDE_MM = 86;

/** Size of the drawing in px, and where the lens axis lies in it. */
export function holderSize(scale: number, upsideDown: boolean) {
  return {
    width: 2 * SIDE_MM * scale,
    height: (FAR_MM + NEAR_MM) * scale,
    axisX: SIDE_MM * scale,
    axisY: (upsideDown ? NEAR_MM : FAR_MM) * scale,
  };
}

/** Whether a seam lies wholly outside the picture, on which side, and by how much of its height. */
export function outside(at: SeamAt): { readonly side: 'above' | 'below'; readonly parts: number } | null {
  if (!('left' in at)) return null;
  const nearest = Math.max(at.left, at.right);
  if (nearest < 0) return { side: 'above', parts: -nearest };
  const lowest = Math.min(at.left, at.right);
  return lowest > 1 ? { side: 'below', parts: lowest - 1 } : null;
}

/** A figure on a scale, with a true minus. */
export const tickText = (value: number): string => (value < 0 ? `−${-value}` : String(value));

/** Millimetres to the half that a thumb can set. */
export const halfMm = (mm: number): number => Math.round(mm * 2) / 2;

/** The ends of a seam in the units of a drawing: x and y of one, x and y of the other. */
export const seamEnds = (
  at: SeamAt,
  width: number,
  height: number,
): readonly [number, number, number, number] =>
  'left' in at
    ? [0, at.left * height, width, at.right * height]
    : [at.top * width, 0, at.bottom * width, height];
