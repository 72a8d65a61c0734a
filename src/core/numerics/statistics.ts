/** Mean of some numbers; NaN for none, which the callers rule out first. */
export function mean(values: readonly number[]): number {
  return values.reduce((sum, v) => sum + v, 0) / values.length;
}

/** Slope of the least-squares line through points; 0 where all x coincide. */
export function leastSquaresSlope(xs: readonly number[], ys: readonly number[]): number {
  const mx = mean(xs);
  const my = mean(ys);
  let sxx = 0;
  let sxy = 0;
  xs.forEach((x, i) => {
    sxx += (x - mx) ** 2;
    sxy += (x - mx) * ((ys[i] as number) - my);
  });
  return sxx > 0 ? sxy / sxx : 0;
}
