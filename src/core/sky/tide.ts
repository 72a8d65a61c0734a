/** High or low water, as a local table tells it. */
export interface TideTurn {
  /** ms since the epoch. */
  readonly atMs: number;
  /** Above the table's own zero. */
  readonly heightM: number;
}

/** The water between two turns of the tide: an estimate by two rules, never a table of its own. */
export interface Tide {
  /** By half a cosine from turn to turn, m. */
  readonly heightM: number;
  /** By the rule of twelfths, m. */
  readonly twelfthsM: number;
  readonly isRising: boolean;
}

/** The rule of twelfths: in each sixth of the time from one turn to the next the water goes by so many twelfths of the way. */
const TWELFTHS = [1, 2, 3, 3, 2, 1] as const;

/** Part of the way that is gone, by the rule of twelfths, at a part of the time, 0 to 1. */
export function twelfthsGone(part: number): number {
  const sixths = 6 * Math.min(1, Math.max(0, part));
  let gone = 0;
  TWELFTHS.forEach((twelfths, i) => {
    gone += (twelfths / 12) * Math.min(1, Math.max(0, sixths - i));
  });
  return gone;
}

/** Part of the way that is gone by half a cosine, at a part of the time. */
const cosineGone = (part: number): number => (1 - Math.cos(Math.PI * part)) / 2;

/** The two turns that a moment lies between; null outside all of them. */
function between(turns: readonly TideTurn[], atMs: number): readonly [TideTurn, TideTurn] | null {
  for (let i = 1; i < turns.length; i++) {
    const [from, to] = [turns[i - 1], turns[i]];
    if (atMs >= from.atMs && atMs <= to.atMs) return [from, to];
  }
  return null;
}

/**
 * The height of the water at a moment.
 *
 * @param turns in order of time
 * @returns null before the first turn and after the last: nothing is told of the water there
 */
export function tideAt(turns: readonly TideTurn[], atMs: number): Tide | null {
  const pair = between(turns, atMs);
  if (!pair) return null;
  const [from, to] = pair;
  const part = (atMs - from.atMs) / (to.atMs - from.atMs);
  const way = to.heightM - from.heightM;
  return {
    heightM: from.heightM + way * cosineGone(part),
    twelfthsM: from.heightM + way * twelfthsGone(part),
    isRising: way > 0,
  };
}

/** A stretch of time, ms since the epoch. */
export interface Span {
  readonly fromMs: number;
  readonly toMs: number;
}

/**
 * When the water stands below a height, or above it, by the cosine: the stretches of time between the first turn and the last.
 *
 * @param turns in order of time
 */
export function tideSpans(
  turns: readonly TideTurn[],
  heightM: number,
  side: 'below' | 'above',
): readonly Span[] {
  const spans: Span[] = [];
  const add = (fromMs: number, toMs: number) => {
    const last = spans.at(-1);
    if (last && last.toMs === fromMs) spans[spans.length - 1] = { fromMs: last.fromMs, toMs };
    else if (toMs > fromMs) spans.push({ fromMs, toMs });
  };
  const serves = (m: number) => (side === 'below' ? m <= heightM : m >= heightM);
  for (let i = 1; i < turns.length; i++) {
    const [from, to] = [turns[i - 1], turns[i]];
    const [first, last] = [serves(from.heightM), serves(to.heightM)];
    if (first && last) add(from.atMs, to.atMs);
    if (first === last) continue;
    // where the cosine passes the height
    const gone = (heightM - from.heightM) / (to.heightM - from.heightM);
    const part = Math.acos(1 - 2 * gone) / Math.PI;
    const atMs = from.atMs + part * (to.atMs - from.atMs);
    if (first) add(from.atMs, atMs);
    else add(atMs, to.atMs);
  }
  return spans;
}
