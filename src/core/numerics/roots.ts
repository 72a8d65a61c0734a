export type Root =
  { readonly found: true; readonly x: number } | { readonly found: false; readonly reason: 'no-sign-change' };

/** Root of a continuous function between two points of opposite sign, by bisection to `tolerance`. */
export function bisect(f: (x: number) => number, lo: number, hi: number, tolerance = 1e-9): Root {
  let a = lo;
  let b = hi;
  const rising = f(a) <= 0;
  if (rising !== f(b) >= 0) return { found: false, reason: 'no-sign-change' };
  while (b - a > tolerance) {
    const mid = (a + b) / 2;
    if (f(mid) <= 0 === rising) a = mid;
    else b = mid;
  }
  return { found: true, x: (a + b) / 2 };
}
