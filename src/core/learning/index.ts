import { median } from '@/core/numerics';

/** What a row of corrections says, where it says anything. */
export interface Leaning {
  /** The middle of those that lean this way. */
  readonly by: number;
  /** How many lean this way, of how many. */
  readonly agreeing: number;
  readonly of: number;
}

export interface LeaningRule {
  /** So many must lean the same way at least. */
  readonly least: number;
  /** And so large a part of them all. */
  readonly part: number;
  /** What leans by less than this does not lean. */
  readonly worth: number;
}

/**
 * Which way corrections lean, and by how much: their middle is told, which one wild value does not move. Null where they are
 * too few, or go either way.
 *
 * @param values in any unit, positive and negative, 0 for what was right
 */
export function leaningOf(values: readonly number[], { least, part, worth }: LeaningRule): Leaning | null {
  for (const way of [1, -1]) {
    const own = values.filter((v) => way * v >= worth);
    if (own.length >= least && own.length >= part * values.length)
      return { by: median(own), agreeing: own.length, of: values.length };
  }
  return null;
}

/** Values that agree with one another to within a spread; null where they are too few or do not. */
export function agreedOn(
  values: readonly number[],
  { least, spread }: { readonly least: number; readonly spread: number },
): number | null {
  if (values.length < least) return null;
  const middle = median(values);
  const near = values.filter((v) => Math.abs(v - middle) <= spread);
  return near.length >= Math.max(least, AGREEING * values.length) ? middle : null;
}

/** So large a part of the values must agree. */
const AGREEING = 0.75;
