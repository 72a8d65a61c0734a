/** Mean of some numbers; NaN for none, which the callers rule out first. */
export function mean(values: readonly number[]): number {
  return values.reduce((sum, v) => sum + v, 0) / values.length;
}

/** The middle of some numbers in order; the mean of the two middle ones of an even count. NaN for none. */
export function median(values: ArrayLike<number>): number {
  const sorted = Float64Array.from(values).sort();
  const half = Math.floor(sorted.length / 2);
  return sorted.length % 2 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2;
}

/** Median of the slopes between all pairs of points (Theil and Sen): outliers do not tilt it. NaN for fewer than two. */
export function medianSlope(xs: readonly number[], ys: readonly number[]): number {
  const slopes: number[] = [];
  xs.forEach((x, i) => {
    for (let k = 0; k < i; k++) slopes.push((ys[i] - ys[k]) / (x - xs[k]));
  });
  return median(slopes);
}

/** Slope of the least-squares line through points; 0 where all x coincide. */
export function leastSquaresSlope(xs: readonly number[], ys: readonly number[]): number {
  const mx = mean(xs);
  const my = mean(ys);
  let sxx = 0;
  let sxy = 0;
  xs.forEach((x, i) => {
    sxx += (x - mx) ** 2;
    sxy += (x - mx) * (ys[i] - my);
  });
  return sxx > 0 ? sxy / sxx : 0;
}
