import { solveLinear } from './linear';
import { median } from './statistics';

/** What was fitted. */
export interface Fitted {
  readonly values: readonly number[];
  /** Standard errors: rows of one patch are taken to err together. */
  readonly errors: readonly number[];
}

const ROUNDS = 8;
/** What lies further off than so many times the usual counts less. */
const HUBER = 1.5;

/**
 * Least squares that a few wild values do not pull along (Huber 1964), with errors by patches (White's sandwich).
 *
 * @param rows what each value is made of, a coefficient for each figure that is asked for
 * @param patches which rows err together
 * @returns null where the rows do not settle it
 */
export function robustFit(
  rows: readonly (readonly number[])[],
  ys: readonly number[],
  patches: readonly number[],
): Fitted | null {
  const n = rows[0]?.length ?? 0;
  let weights = ys.map(() => 1);
  let values: number[] | null = null;
  for (let round = 0; round < ROUNDS; round++) {
    values = weightedFit(rows, ys, weights);
    if (!values) return null;
    const left = residuals(rows, ys, values);
    const scale = 1.4826 * median(left.map(Math.abs)) || 1e-6;
    weights = left.map((r) => Math.min(1, (HUBER * scale) / Math.max(1e-9, Math.abs(r))));
  }
  const found = values as number[];
  const left = residuals(rows, ys, found);
  const bread = inverse(normal(rows, weights));
  if (!bread) return null;
  const scores = new Map<number, number[]>();
  rows.forEach((row, i) => {
    const sum = scores.get(patches[i]) ?? new Array<number>(n).fill(0);
    row.forEach((x, k) => (sum[k] = sum[k] + x * weights[i] * left[i]));
    scores.set(patches[i], sum);
  });
  const few = scores.size / Math.max(1, scores.size - n);
  const errors = found.map((_, k) => {
    let variance = 0;
    for (const score of scores.values()) {
      const through = score.reduce((sum, s, j) => sum + s * bread[k]?.[j], 0);
      variance += through * through;
    }
    return Math.sqrt(few * variance);
  });
  return { values: found, errors };
}

const residuals = (rows: readonly (readonly number[])[], ys: readonly number[], values: readonly number[]) =>
  ys.map((y, i) => y - rows[i].reduce((sum, x, k) => sum + x * values[k], 0));

/** `X^T W X`. */
function normal(rows: readonly (readonly number[])[], weights: readonly number[]): number[][] {
  const n = rows[0]?.length ?? 0;
  const a = Array.from({ length: n }, () => new Array<number>(n).fill(0));
  rows.forEach((row, i) => {
    for (let j = 0; j < n; j++) for (let k = 0; k < n; k++) a[j][k] += weights[i] * row[j] * row[k];
  });
  return a;
}

function weightedFit(
  rows: readonly (readonly number[])[],
  ys: readonly number[],
  weights: readonly number[],
): number[] | null {
  const n = rows[0]?.length ?? 0;
  const b = new Array<number>(n).fill(0);
  rows.forEach((row, i) => row.forEach((x, k) => (b[k] = b[k] + x * weights[i] * ys[i])));
  return solveLinear(normal(rows, weights), b);
}

/** The inverse of a small matrix; null where it has none. */
function inverse(a: readonly (readonly number[])[]): number[][] | null {
  const columns = a.map((_, k) =>
    solveLinear(
      a.map((row) => [...row]),
      a.map((__, j) => (j === k ? 1 : 0)),
    ),
  );
  return columns.every((c) => c !== null) ? a.map((_, j) => columns.map((c) => c[j])) : null;
}
