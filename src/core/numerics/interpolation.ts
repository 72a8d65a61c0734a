export const mix = (a: number, b: number, part: number): number => a + (b - a) * part;

export const clamp = (x: number, low: number, high: number): number => (x < low ? low : x > high ? high : x);

/** 0 up to `from`, 1 from `to`, and a smooth step between. */
export function smoothStep(from: number, to: number, x: number): number {
  const q = clamp((x - from) / (to - from), 0, 1);
  return q * q * (3 - 2 * q);
}

/**
 * The height of a line of points over a place, between the two beside it; beyond its ends that of the end.
 *
 * @param points in ascending order of x, one at least
 */
export function alongLine(points: readonly { readonly x: number; readonly y: number }[], x: number): number {
  const next = points.findIndex((p) => p.x >= x);
  if (next <= 0) return (next === 0 ? points[0] : points.at(-1)!).y;
  const [a, b] = [points[next - 1], points[next]];
  return mix(a.y, b.y, (x - a.x) / (b.x - a.x));
}
