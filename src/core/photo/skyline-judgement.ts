import { mean } from '@/core/numerics';
import { type Evidence, type PhotoCues, textureRank } from './skyline-cues';

/** What counts for a line, and against it; fitted to scenes of known skyline, and held to others by the tests. */
const WEIGHTS: Readonly<Record<keyof Merits, number>> = {
  edge: 1.3,
  mirror: 1.2,
  skyAbove: 1.2,
  skyBelow: 0.2,
  low: -0.6,
};

/** Lines that lie farther apart than this, in the mean and as a part of the height, are different answers. */
const OTHER_LINE = 0.03;
/** Edges and mirrors, or a difference in kind, that a line is told by, in units of merit. */
const TOLD_BY = 0.35;
/** By so much a line must be better than the best of another answer to be sure, in units of merit. */
const CLEAR_LEAD = 0.12;

/** How clearly a line stands out, 0 to 1: before the others, and by what there is to tell it by. */
export const clearness = (best: Candidate, found: readonly Candidate[]): number =>
  // what lies below a skyline is no other answer
  lead(
    best,
    found.filter((c) => c === best || !liesAbove(best, c)),
  ) * told(best);

/** How far the best line is ahead of the best that lies elsewhere, 0 to 1. */
function lead(best: Candidate, found: readonly Candidate[]): number {
  const apart = ({ line }: Candidate) =>
    mean(Array.from(line, (row, i) => Math.abs(row - best.line[i]) / best.rows));
  const others = found.filter((c) => apart(c) > OTHER_LINE).map((c) => worthOf(c.merits));
  // one that was found by looking above may stand out less than others
  const ahead = Math.max(0, worthOf(best.merits) - Math.max(...others, -Infinity));
  return 1 - Math.exp(-ahead / CLEAR_LEAD);
}

/** How much there is to tell the line by, 0 to 1. */
function told({ merits: { edge, mirror, skyAbove, skyBelow } }: Candidate): number {
  return 1 - Math.exp(-(edge + mirror + Math.max(0, skyAbove - skyBelow)) / TOLD_BY);
}

/** A line, what it was judged by, and how it came out. */
export interface Candidate {
  readonly rows: number;
  readonly line: Int32Array;
  readonly evidence: Evidence;
  readonly merits: Merits;
}

/** What speaks for a line and against it, means over the columns. */
export interface Merits {
  readonly edge: number;
  readonly mirror: number;
  /** How much what lies just above it, and just below, is like the sky. */
  readonly skyAbove: number;
  readonly skyBelow: number;
  /** How far down it runs: what looks like a skyline below another one is none. */
  readonly low: number;
}

export const worthOf = (merits: Merits): number =>
  (Object.keys(WEIGHTS) as (keyof Merits)[]).reduce((sum, key) => sum + WEIGHTS[key] * merits[key], 0);

/** A line lies above another where it does so over nearly all of the width, by so much of the height. */
const ABOVE_BY = 0.04;
const ABOVE_OVER = 0.8;
/** It rises above another where it does so over so much of the width, and runs under it hardly anywhere. */
const RISES_OVER = 0.2;
const UNDER_OVER = 0.05;

/** Part of the width over which one line runs above another. */
const partAbove = (upper: Candidate, lower: Candidate): number =>
  mean(Array.from(upper.line, (row, i) => (lower.line[i] - row > ABOVE_BY * upper.rows ? 1 : 0)));

const liesAbove = (upper: Candidate, lower: Candidate): boolean => partAbove(upper, lower) > ABOVE_OVER;

/** A hill in haze whose foot is taken for the skyline: another line goes over it, and with this one elsewhere. */
const risesAbove = (upper: Candidate, lower: Candidate): boolean =>
  partAbove(upper, lower) > RISES_OVER && partAbove(lower, upper) < UNDER_OVER;

/** The greatest difference of height over a thirtieth of the width, and over all of it, parts of the height. */
function steepness({ line, rows }: Candidate): { readonly step: number; readonly range: number } {
  const reach = Math.max(1, Math.round(line.length / 30));
  const steps = Array.from(line.subarray(reach), (row, i) => Math.abs(row - line[i]) / rows);
  return { step: Math.max(0, ...steps), range: (Math.max(...line) - Math.min(...line)) / rows };
}

/** What makes a line a skyline beyond doubt: an edge, sky above it, and something else below. */
interface Clear {
  readonly edge: number;
  readonly skyAbove: number;
  readonly skyBelow: number;
}

/** A line that is a skyline for certain, and one that might be. */
const CERTAIN: Clear = { edge: 0.45, skyAbove: 0.9, skyBelow: -0.65 };
const POSSIBLE: Clear = { edge: 0.3, skyAbove: 0.7, skyBelow: -0.7 };

/** A line that is just clear enough in everything is not certain: all of it together must come to so much. */
const CERTAIN_TOGETHER = 2.12;

const isCertain = (c: Candidate): boolean =>
  isClear(c, CERTAIN) && c.merits.edge + c.merits.skyAbove - c.merits.skyBelow >= CERTAIN_TOGETHER;

const isClear = ({ merits }: Candidate, { edge, skyAbove, skyBelow }: Clear): boolean =>
  merits.edge >= edge && merits.skyAbove >= skyAbove && merits.skyBelow <= skyBelow;

/** A line that jumps about is no skyline that looking above could find. */
const STEADY_STEP = 0.1;

/**
 * The line above the one that stands out most, where there is one that is a skyline itself: a near ridge stands out before
 * hazy far ones, and a shore or a mirrored line below the hills.
 */
export function lookAbove(best: Candidate, found: readonly Candidate[]): Candidate {
  const above = found.filter((c) => liesAbove(c, best) && isCertain(c) && steepness(c).step < STEADY_STEP);
  if (!above.length) return best;
  return lookAbove(
    above.reduce((a, b) => (worthOf(b.merits) > worthOf(a.merits) ? b : a)),
    found,
  );
}

/** A line so steep, of such a range or so near the frame's foot is hardly a skyline, parts of the height. */
const STEEP_STEP = 0.3;
const STEEP_RANGE = 0.6;
const FOOT = 0.97;
/** One that runs lower on the whole may well be something before the skyline. */
const LOW = 0.72;
/** What is taken for certain has so much that is like the sky just above it, and so little below unless that mirrors it. */
const CLEAN_ABOVE = 0.93;
const CLEAN_BELOW = -0.65;
const MIRRORED = 0.4;
/** No more than this is said of a line with something against it, and of one that is hardly a skyline. */
export const DOUBTED = 0.65;
export const HARDLY = 0.35;

/** A sky with edges half as hard as the line’s own right across it holds hills, houses or branches: what counts as one, and over how much of the width. */
const AS_HARD = 0.5;
const HARD_OVER = 0.65;
/** Edges nearer to the line than this belong to it, parts of the height. */
const OWN_EDGE = 0.06;

/** Part of the width over which something well above a line stands out half as hard as the line itself. */
function hardAbove({ columns, step }: PhotoCues, { line, rows }: Candidate): number {
  const strongest = (column: number, from: number, to: number) => {
    let most = 0;
    for (let row = Math.max(0, from); row < Math.min(rows, to); row++)
      most = Math.max(most, step[row * columns + column]);
    return most;
  };
  return mean(
    Array.from(line, (at, column) =>
      strongest(column, 2, at - OWN_EDGE * rows) > AS_HARD * strongest(column, at - 1, at + 2) ? 1 : 0,
    ),
  );
}

/** A sky of which some columns are so much rougher than others, ranks of texture, has a wall or a house standing in it. */
const PATCHY = 2.5;
/** Columns that are left out at either end, by how rough they are. */
const OUTER = 0.1;

/** How much rougher what lies above a line is in its rough columns than in its smooth ones, ranks of texture. */
function patchiness(cues: PhotoCues, { line }: Candidate): number {
  const rough = Float64Array.from(line, (at, column) => {
    let sum = 0;
    for (let row = 0; row < at; row++) sum += textureRank(cues, row * cues.columns + column);
    return sum / Math.max(1, at);
  }).sort();
  const last = rough.length - 1;
  return rough[Math.round((1 - OUTER) * last)] - rough[Math.round(OUTER * last)];
}

/**
 * How sure the line may be called at the most, 0 to 1, however clearly it stands out.
 *
 * @param first the line that stood out most, before anyone looked above it
 */
export function mostSure(
  cues: PhotoCues,
  best: Candidate,
  { first, found }: { readonly first: Candidate; readonly found: readonly Candidate[] },
): number {
  const { step, range } = steepness(best);
  if (step >= STEEP_STEP || range > STEEP_RANGE || Math.max(...best.line) > FOOT * best.rows) return HARDLY;
  const { skyAbove, skyBelow, mirror, low } = best.merits;
  const hasDoubts =
    best !== first ||
    step > STEADY_STEP ||
    low > LOW ||
    skyAbove < CLEAN_ABOVE ||
    (skyBelow > CLEAN_BELOW && mirror < MIRRORED) ||
    found.some((c) => risesAbove(c, best) && isClear(c, POSSIBLE)) ||
    hardAbove(cues, best) > HARD_OVER ||
    patchiness(cues, best) > PATCHY;
  return hasDoubts ? DOUBTED : 1;
}

/** What lies above a skyline is smoother than what lies below it, by so many of eight ranks of texture. */
const SMOOTHER = 0.8;

/** Whether there is a sky above a line at all: it is parted from what is below beyond doubt, or smoother than that. */
export const hasSky = (best: Candidate, smoother: number): boolean =>
  // far hills in haze are as smooth as the sky
  isCertain(best) || smoother >= SMOOTHER;

/** By how much what lies above a line is smoother than what lies below it, ranks of texture; negative in a picture that is upside down. */
export function smootherAbove(cues: PhotoCues, { line, rows }: Candidate): number {
  const { columns } = cues;
  const sums = [0, 0];
  const counts = [0, 0];
  for (let i = 0; i < columns * rows; i++) {
    const side = Math.floor(i / columns) < line[i % columns] ? 0 : 1;
    sums[side] += textureRank(cues, i);
    counts[side]++;
  }
  const [above, below] = sums.map((sum, k) => sum / Math.max(1, counts[k])) as [number, number];
  return below - above;
}
