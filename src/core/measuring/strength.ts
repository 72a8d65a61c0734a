import { mean } from '@/core/numerics';

/** One look at something steady: its EV as the meter showed it, and when, in any even unit of time. */
export interface Look {
  readonly ev: number;
  readonly at: number;
}

/** Without the filter, through it, and without it again. */
export interface LooksAround {
  readonly before: Look;
  readonly through: Look;
  readonly after: Look;
}

/** A strength that was measured, stops. */
export interface MeasuredStrength {
  readonly stops: number;
  /** How far the single measurements lie apart: their standard deviation; null of one alone. */
  readonly spreadStops: number | null;
  readonly count: number;
}

/**
 * The strength of a filter by looks without it, with it and without it again: light that changes evenly cancels, since what
 * it would have been at the look between is read between the two others (physics 13).
 *
 * @returns null where there is no look, or none whose times tell a between
 */
export function strengthOf(looks: readonly LooksAround[]): MeasuredStrength | null {
  const found = looks.flatMap(({ before, through, after }) => {
    const whole = after.at - before.at;
    const part = whole > 0 ? (through.at - before.at) / whole : NaN;
    if (!(part >= 0 && part <= 1)) return [];
    return [before.ev + part * (after.ev - before.ev) - through.ev];
  });
  if (!found.length) return null;
  const stops = mean(found);
  const square = found.reduce((sum, f) => sum + (f - stops) ** 2, 0);
  return {
    stops,
    spreadStops: found.length < 2 ? null : Math.sqrt(square / (found.length - 1)),
    count: found.length,
  };
}
