export const mix = (a: number, b: number, part: number): number => a + (b - a) * part;

export const clamp = (x: number, low: number, high: number): number => (x < low ? low : x > high ? high : x);

/** 0 up to `from`, 1 from `to`, and a smooth step between. */
export function smoothStep(from: number, to: number, x: number): number {
  const q = clamp((x - from) / (to - from), 0, 1);
  return q * q * (3 - 2 * q);
}
