/**
 * Solves `A x = b` by elimination with pivots; `a` holds the rows, and both are overwritten.
 *
 * @returns null where the equations do not settle it
 */
export function solveLinear(a: number[][], b: number[]): number[] | null {
  const n = b.length;
  for (let k = 0; k < n; k++) {
    let pivot = k;
    for (let i = k + 1; i < n; i++)
      if (Math.abs((a[i] as number[])[k] as number) > Math.abs((a[pivot] as number[])[k] as number))
        pivot = i;
    [a[k], a[pivot]] = [a[pivot] as number[], a[k] as number[]];
    [b[k], b[pivot]] = [b[pivot] as number, b[k] as number];
    const row = a[k] as number[];
    const lead = row[k] as number;
    if (Math.abs(lead) < 1e-12) return null;
    for (let i = k + 1; i < n; i++) {
      const below = a[i] as number[];
      const times = (below[k] as number) / lead;
      for (let j = k; j < n; j++) below[j] = (below[j] as number) - times * (row[j] as number);
      b[i] = (b[i] as number) - times * (b[k] as number);
    }
  }
  for (let k = n - 1; k >= 0; k--) {
    const row = a[k] as number[];
    let sum = b[k] as number;
    for (let j = k + 1; j < n; j++) sum -= (row[j] as number) * (b[j] as number);
    b[k] = sum / (row[k] as number);
  }
  return b;
}
