/** The cue: from a few taps with the waves, a count to the moment that is wanted, again and again. */

/** Taps further apart than so many times the usual gap belong to a wave that was missed. */
const MISSED = 1.6;

/** Period of what was tapped along with, ms, and the last tap; null before two taps. A wave that was not tapped is counted. */
export function beatOf(
  taps: readonly number[],
): { readonly periodMs: number; readonly lastMs: number } | null {
  const gaps = taps.slice(1).map((at, i) => at - (taps[i] ?? at));
  const lastMs = taps.at(-1);
  if (!gaps.length || lastMs === undefined) return null;
  const usual = gaps.toSorted((a, b) => a - b)[Math.floor((gaps.length - 1) / 2)] as number;
  const waves = gaps.map((gap) => (gap > MISSED * usual ? Math.round(gap / usual) : 1));
  const periodMs = gaps.reduce((a, b) => a + b, 0) / waves.reduce((a, b) => a + b, 0);
  return { periodMs, lastMs };
}

/** How long until the moment comes again that lies so long after each beat, ms. */
export function untilCue(
  { periodMs, lastMs }: NonNullable<ReturnType<typeof beatOf>>,
  afterMs: number,
  nowMs: number,
): number {
  const since = (nowMs - lastMs - afterMs) % periodMs;
  return since <= 0 ? Math.abs(since) : periodMs - since;
}
