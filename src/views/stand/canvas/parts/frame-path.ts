import { type FramePoint } from '@/core/field';

/** The frame at the size that it is drawn, px. */
export interface DrawnSize {
  readonly width: number;
  readonly height: number;
}

/** Points of the frame as an SVG list of points, at the size that it is drawn. */
export const pathOf = (points: readonly FramePoint[], { width, height }: DrawnSize): string =>
  points.map(({ u, v }) => `${u * width},${v * height}`).join(' ');
