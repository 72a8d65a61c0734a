/**
 * Solves `A x = b` by elimination with pivots; `a` holds the rows, and both are overwritten.
 *
 * @returns null where the equations do not settle it
 */
export function solveLinear(a: number[][], b: number[]): number[] | null {
  const n = b.length;
  for (let k = 0; k < n; k++) {
    let pivot = k;
    for (let i = k + 1; i < n; i++) if (Math.abs(a[i][k]) > Math.abs(a[pivot][k])) pivot = i;
    [a[k], a[pivot]] = [a[pivot], a[k]];
    [b[k], b[pivot]] = [b[pivot], b[k]];
    const row = a[k];
    const lead = row[k];
    if (Math.abs(lead) < 1e-12) return null;
    for (let i = k + 1; i < n; i++) {
      const below = a[i];
      const times = below[k] / lead;
      for (let j = k; j < n; j++) below[j] = below[j] - times * row[j];
      b[i] = b[i] - times * b[k];
    }
  }
  for (let k = n - 1; k >= 0; k--) {
    const row = a[k];
    let sum = b[k];
    for (let j = k + 1; j < n; j++) sum -= row[j] * b[j];
    b[k] = sum / row[k];
  }
  return b;
}
