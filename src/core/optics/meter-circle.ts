import { type FrameSize, sensorPoint } from './projection';

/** The spot of a meter as the lens draws it: an ellipse, in parts of the frame's height, drawn out away from the middle. */
export interface MeterCircle {
  readonly u: number;
  readonly v: number;
  /** Half its length away from the middle of the picture, and across that. */
  readonly radial: number;
  readonly tangential: number;
  /** Where away from the middle lies, radians clockwise from the right. */
  readonly awayRad: number;
}

/**
 * A meter's circle of so many degrees about a point of the frame, by a lens that keeps straight lines straight: off the axis by
 * an angle `a` lengths grow with `1 / cos a` across and `1 / cos^2 a` outwards.
 */
export function meterCircle(
  { u, v }: { readonly u: number; readonly v: number },
  angleDeg: number,
  { focalLengthMm, frame }: { readonly focalLengthMm: number; readonly frame: FrameSize },
): MeterCircle {
  const { x, h } = sensorPoint(frame, u, v);
  const off = Math.atan(Math.hypot(x, h) / focalLengthMm);
  const onAxis = (focalLengthMm * Math.tan((angleDeg * Math.PI) / 360)) / frame.heightMm;
  return {
    u,
    v,
    radial: onAxis / Math.cos(off) ** 2,
    tangential: onAxis / Math.cos(off),
    awayRad: Math.atan2(-h, x),
  };
}

/**
 * Whether a point lies in a meter's circle.
 *
 * @param aspect width over height of the frame
 */
export function isInCircle(circle: MeterCircle, u: number, v: number, aspect: number): boolean {
  const [dx, dy] = [(u - circle.u) * aspect, v - circle.v];
  const [cos, sin] = [Math.cos(circle.awayRad), Math.sin(circle.awayRad)];
  const out = dx * cos + dy * sin;
  const across = dy * cos - dx * sin;
  return (out / circle.radial) ** 2 + (across / circle.tangential) ** 2 <= 1;
}
