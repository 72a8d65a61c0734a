import { type FramePoint } from '@/core/field';

/** How far a point lies from the straight line between two others, or from the nearer where it lies beyond them. */
function distance(p: FramePoint, a: FramePoint, b: FramePoint): number {
  const [du, dv] = [b.u - a.u, b.v - a.v];
  const length2 = du * du + dv * dv;
  const along = length2 ? Math.min(1, Math.max(0, ((p.u - a.u) * du + (p.v - a.v) * dv) / length2)) : 0;
  return Math.hypot(p.u - a.u - along * du, p.v - a.v - along * dv);
}

/**
 * The fewest points of a line from which no other lies farther than a tolerance (Douglas and Peucker, 1973). Both ends
 * stay.
 */
export function simplifyLine(points: readonly FramePoint[], tolerance: number): FramePoint[] {
  if (points.length <= 2) return [...points];
  const keep = new Uint8Array(points.length);
  keep[0] = keep[points.length - 1] = 1;
  const stretches: [number, number][] = [[0, points.length - 1]];
  for (let stretch = stretches.pop(); stretch; stretch = stretches.pop()) {
    const [from, to] = stretch;
    let farthest = 0;
    let at = -1;
    for (let i = from + 1; i < to; i++) {
      const d = distance(points[i], points[from], points[to]);
      if (d > farthest) {
        farthest = d;
        at = i;
      }
    }
    if (farthest <= tolerance) continue;
    keep[at] = 1;
    stretches.push([from, at], [at, to]);
  }
  return points.filter((_, i) => keep[i]);
}

/** Simplifies a line until it has no more than so many points. */
export function simplifyTo(points: readonly FramePoint[], tolerance: number, most: number): FramePoint[] {
  for (let t = tolerance; ; t *= 1.5) {
    const line = simplifyLine(points, t);
    if (line.length <= most) return line;
  }
}

/**
 * A line of heights, v downwards, with every rise cut off that is narrower than twice a reach: the lowest of each window,
 * then the highest of those.
 */
export function withoutRises(line: ArrayLike<number>, reach: number): number[] {
  const slide = (values: readonly number[], pick: (...of: number[]) => number) =>
    values.map((_, i) => pick(...values.slice(Math.max(0, i - reach), i + reach + 1)));
  return slide(slide(Array.from(line), Math.max), Math.min);
}
