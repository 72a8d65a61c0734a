import { type Mark, shutterMarksRound } from '@/core/units';

/** Marks that the pad offers. */
export const MARKS = 7;

/** Half-way between two marks is at either. */
const ROUNDING = 1e-6;

interface MarksWanted {
  readonly roundSeconds: number;
  /** What the meter showed, or is guessed to show. */
  readonly targetSeconds: number;
  /** From one mark to the next, thirds of a stop. */
  readonly thirds: number;
  /** Thirds of a stop towards shorter times. */
  readonly shift: number;
}

/** The pad's marks, and the one that the target stands at; none where the marks are moved away from it. What lies beyond the marks brings them along. */
export function marksFor({ roundSeconds, targetSeconds, thirds, shift }: MarksWanted): {
  readonly marks: readonly Mark[];
  readonly chosen: Mark | null;
} {
  const reach = (thirds * (MARKS - 1)) / 2 / 3;
  const isBeyond = Math.abs(Math.log2(targetSeconds / roundSeconds)) > reach + thirds / 6;
  const round = isBeyond ? targetSeconds : roundSeconds;
  const marks = shutterMarksRound(round * 2 ** (-shift / 3), thirds, MARKS);
  const awayOf = (mark: Mark) => Math.abs(Math.log2(mark.exact / targetSeconds));
  const nearest = marks.reduce((best, mark) => (awayOf(mark) < awayOf(best) ? mark : best));
  return { marks, chosen: awayOf(nearest) <= thirds / 6 + ROUNDING ? nearest : null };
}
