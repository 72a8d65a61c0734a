import { clamp, solveLinear } from '@/core/numerics';

/** A quantity over the picture, and where the sky is taken to be. */
export interface SurfaceInput {
  readonly columns: number;
  readonly rows: number;
  readonly values: Float32Array;
  /** First row in each column that is no longer taken for sky. */
  readonly until: ArrayLike<number>;
}

/** Rounds in which outliers (clouds, leaves) lose their weight. */
const ROUNDS = 4;
/** Cells looked at along each side are thinned to one in so many: the surface is smooth. */
const THIN = 3;

/** 1, u, v, u^2, u v, v^2 about the middle. */
function basis(u: number, v: number): readonly number[] {
  const [x, y] = [2 * u - 1, 2 * v - 1];
  return [1, x, y, x * x, x * y, y * y];
}

/**
 * How far each cell lies from a smooth surface laid through the sky, in units of the usual distance there: a clear sky
 * changes slowly, and goes on as it was at the line below it. Weights fall with distance (Cauchy), so that clouds count for
 * little.
 */
export function offSurface({ columns, rows, values, until }: SurfaceInput): Float32Array {
  const cells: { b: readonly number[]; value: number; weight: number }[] = [];
  for (let column = 0; column < columns; column += THIN)
    for (let row = 0; row < (until[column] as number); row += THIN)
      cells.push({
        b: basis((column + 0.5) / columns, (row + 0.5) / rows),
        value: values[row * columns + column] as number,
        weight: 1,
      });
  let fit: readonly number[] = [0, 0, 0, 0, 0, 0];
  let spread = 1;
  for (let round = 0; round < ROUNDS; round++) {
    fit = leastSquares(cells) ?? fit;
    const off = cells.map((c) => Math.abs(c.value - at(fit, c.b)));
    const sorted = Float64Array.from(off).sort();
    spread = Math.max(0.03, 1.5 * (sorted[Math.floor(sorted.length / 2)] ?? 0.03));
    cells.forEach((c, i) => {
      c.weight = 1 / (1 + ((off[i] as number) / spread) ** 2);
    });
  }
  const out = new Float32Array(columns * rows);
  for (let column = 0; column < columns; column++) {
    const last = clamp((until[column] as number) - 1, 0, rows - 1);
    for (let row = 0; row < rows; row++) {
      const surface = at(fit, basis((column + 0.5) / columns, (Math.min(row, last) + 0.5) / rows));
      out[row * columns + column] = ((values[row * columns + column] as number) - surface) / spread;
    }
  }
  return out;
}

const at = (fit: readonly number[], b: readonly number[]): number =>
  b.reduce((sum, x, k) => sum + x * (fit[k] as number), 0);

function leastSquares(
  cells: readonly { readonly b: readonly number[]; readonly value: number; readonly weight: number }[],
): number[] | null {
  const a = Array.from({ length: 6 }, (_, i) => Array.from({ length: 6 }, (_, j) => (i === j ? 1e-3 : 0)));
  const y = new Array<number>(6).fill(0);
  for (const { b, value, weight } of cells)
    for (let i = 0; i < 6; i++) {
      const row = a[i] as number[];
      const w = weight * (b[i] as number);
      for (let j = 0; j < 6; j++) row[j] = (row[j] as number) + w * (b[j] as number);
      y[i] = (y[i] as number) + w * value;
    }
  return solveLinear(a, y);
}
