/** A figure of a benchmark: the median of its runs, and how far they lie apart. */
export interface Figure {
  readonly name: string;
  readonly unit:
    'ms' | '%' | 'x' | 'kB' | 'MB' | 'writes' | 'parts' | 'stops' | 'mm' | 'grade' | `of ${number}`;
  readonly median: number;
  readonly low: number;
  readonly high: number;
}

/** Milliseconds that a piece of work takes. */
export function timed(work: () => void): number {
  const begun = performance.now();
  work();
  return performance.now() - begun;
}

/** Milliseconds of each of several runs, after some that warm up. */
export function runs(work: () => void, { warm, count }: { warm: number; count: number }): number[] {
  for (let i = 0; i < warm; i++) work();
  return Array.from({ length: count }, () => timed(work));
}

export const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] as number;

export const figure = (name: string, unit: Figure['unit'], values: readonly number[]): Figure => ({
  name,
  unit,
  median: median(values),
  low: Math.min(...values),
  high: Math.max(...values),
});

/** Three figures that count, and no separators (formats: the command line). */
const plain = (value: number): string =>
  value >= 100 ? String(Math.round(value)) : String(Number(value.toPrecision(3)));

/** "search: 52.1 ms (50.2 to 60.3)"; a figure taken once has no spread. */
export function figureText({ name, unit, median: middle, low, high }: Figure): string {
  const spread = low === high ? '' : ` (${plain(low)} to ${plain(high)})`;
  return `${name}: ${plain(middle)} ${unit}${spread}`;
}
