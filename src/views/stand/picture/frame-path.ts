import { type FramePoint } from '@/core/field';

/** Points of the frame as an SVG list of points, at the size that it is drawn. */
export const pathOf = (
  points: readonly FramePoint[],
  { width, height }: { readonly width: number; readonly height: number },
): string => points.map(({ u, v }) => `${u * width},${v * height}`).join(' ');
