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

/** Terms of the surface: 1, x, y, x^2, x y, y^2, with x and y from -1 to 1 over the picture. */
const TERMS = 6;
type Surface = Float64Array;

/** From -1 to 1 over so many cells. */
const about = (i: number, count: number): number => (2 * (i + 0.5)) / count - 1;

function heightOf(s: Surface, x: number, y: number): number {
  const along = s[1] + s[3] * x + s[4] * y;
  return s[0] + x * along + y * (s[2] + s[5] * y);
}

/** Cells of the sky that are looked at, one array a quantity. */
interface Sampled {
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly value: Float64Array;
}

function sampledSky({ columns, rows, values, until }: SurfaceInput): Sampled {
  const [x, y, value]: number[][] = [[], [], []];
  for (let column = 0; column < columns; column += THIN)
    for (let row = 0; row < until[column]; row += THIN) {
      x.push(about(column, columns));
      y.push(about(row, rows));
      value.push(values[row * columns + column]);
    }
  return { x: Float64Array.from(x), y: Float64Array.from(y), value: Float64Array.from(value) };
}

/**
 * How far each cell lies from a smooth surface laid through the sky, in units of the usual distance there: a clear sky
 * changes slowly, and goes on as it was at the line below it. Weights fall with distance (Cauchy), so that clouds count for
 * little.
 */
export function offSurface(input: SurfaceInput): Float32Array {
  const { columns, rows, values, until } = input;
  const cells = sampledSky(input);
  const weights = new Float64Array(cells.x.length).fill(1);
  let fit: Surface = new Float64Array(TERMS);
  let spread = 1;
  for (let round = 0; round < ROUNDS; round++) {
    fit = leastSquares(cells, weights) ?? fit;
    const off = cells.value.map((z, i) => Math.abs(z - heightOf(fit, cells.x[i], cells.y[i])));
    const sorted = off.slice().sort();
    spread = Math.max(0.03, 1.5 * (sorted[Math.floor(sorted.length / 2)] ?? 0.03));
    off.forEach((d, i) => {
      weights[i] = 1 / (1 + (d / spread) ** 2);
    });
  }
  const out = new Float32Array(columns * rows);
  for (let column = 0; column < columns; column++) {
    const x = about(column, columns);
    const last = clamp(until[column] - 1, 0, rows - 1);
    for (let row = 0; row < rows; row++) {
      const i = row * columns + column;
      out[i] = (values[i] - heightOf(fit, x, about(Math.min(row, last), rows))) / spread;
    }
  }
  return out;
}

/** The surface of the least weighted squares; null where the cells do not tell one. */
function leastSquares({ x, y, value }: Sampled, weights: Float64Array): Surface | null {
  const sums = new Float64Array(TERMS * TERMS);
  const right = new Float64Array(TERMS);
  const term = new Float64Array(TERMS);
  term[0] = 1;
  for (let k = 0; k < x.length; k++) {
    const [u, v] = [x[k], y[k]];
    term[1] = u;
    term[2] = v;
    term[3] = u * u;
    term[4] = u * v;
    term[5] = v * v;
    for (let i = 0; i < TERMS; i++) {
      const w = weights[k] * term[i];
      for (let j = 0; j <= i; j++) sums[i * TERMS + j] += w * term[j];
      right[i] += w * value[k];
    }
  }
  const a = Array.from({ length: TERMS }, (_, i) =>
    Array.from(
      { length: TERMS },
      (__, j) => sums[Math.max(i, j) * TERMS + Math.min(i, j)] + (i === j ? 1e-3 : 0),
    ),
  );
  const solved = solveLinear(a, [...right]);
  return solved && Float64Array.from(solved);
}
