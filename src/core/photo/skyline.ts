import { type FramePoint } from '@/core/field';
import { clamp, mean } from '@/core/numerics';
import { simplifyTo, withoutRises } from './line';
import { layOver, type Reduced } from './reduce';
import { boundaryPath, pathMargin, type PathWorth } from './skyline-path';
import { type Evidence, evidenceOf, likenessToSky, type PhotoCues, photoCues } from './skyline-cues';
import {
  type Candidate,
  clearness,
  DOUBTED,
  HARDLY,
  hasSky,
  lookAbove,
  mostSure,
  smootherAbove,
  worthOf,
} from './skyline-judgement';

/** A part of the way across, 0 to 1. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
}

/** A skyline found in a picture: a proposal. */
export interface FoundSkyline {
  /** Its points, from left to right, ready to be drawn. */
  readonly points: readonly FramePoint[];
  /** Its height at the middle of each column of the picture it was found in. */
  readonly line: Float64Array;
  /** How sure it is at each of these columns, 0 to 1. */
  readonly sure: Float64Array;
  /** Where it is unsure, from left to right. */
  readonly unsure: readonly Stretch[];
  /** How sure it is on the whole, 0 to 1; below `UNSURE` it should be looked at before it is used. */
  readonly confidence: number;
  /** Something above the line is like a sky; else there is none in the picture, and the line is nothing. */
  readonly hasSky: boolean;
  /** How the picture seems to lie, where it is not upright: then the line is hardly a skyline. */
  readonly lies: Lying | null;
}

export type Lying = 'on its side' | 'upside down';

/** Below this a stretch of the line, or all of it, is called unsure. */
export const UNSURE = 0.4;

/** Cells along the picture's longer side that the search works on. */
export const SKYLINE_CELLS = 180;

/** A picture of fewer cells a side does not tell how it lies. */
const SMALLEST = 24;

/** The heights at which the search starts, each on its own, and how often it learns anew from the line it has found. */
const STARTS = [0.18, 0.36, 0.54, 0.72];
const ROUNDS = 2;
/** A land's horizon is an edge; a sea's is faint but level; a still water's mirrors the sky. */
const WORTHS: readonly PathWorth[] = [
  { edge: 5, level: 0, mirror: 0 },
  { edge: 1, level: 24, mirror: 0 },
  { edge: 2, level: 3, mirror: 12 },
];
/** A margin at which a column is sure, in the units of the cost of a line. */
const SURE_MARGIN = 3.2;
/** Points of a proposal, and how closely they follow what was found, parts of the frame. */
const MOST_POINTS = 60;
const TOLERANCE = 0.004;

/**
 * Finds the line between sky and ground: two kinds of cells, learned from the picture itself, parted by one line across it
 * that follows edges. What stands through the sky is passed over where it is narrow; a still mirror of the sky is told by
 * its symmetry. Nothing is known of the place, so every answer comes with how sure it is.
 *
 * @param picture reduced to `SKYLINE_CELLS`
 */
export function findSkyline(picture: Reduced): FoundSkyline {
  const found = foundUpright(picture);
  if (found.lies || Math.min(picture.columns, picture.rows) < SMALLEST) return found;
  const surer = (['left', 'right'] as const).some((side) => {
    const { lies, confidence } = foundUpright(layOver(picture, side));
    return !lies && confidence > Math.max(DOUBTED, found.confidence);
  });
  return surer ? hardlySure(found, 'on its side') : found;
}

/** As it is found in a picture that is taken to stand upright, or to be upside down. */
function foundUpright(picture: Reduced): FoundSkyline {
  const cues = photoCues(picture);
  const told = evidenceTold(cues);
  const found = [
    ...WORTHS.flatMap((worth) => STARTS.map((v) => settle(told, v, worth))),
    ...levelLines(cues).map((line) => judged(told, line)),
  ];
  const first = found.reduce((a, b) => (worthOf(b.merits) > worthOf(a.merits) ? b : a));
  const best = lookAbove(first, found);
  const smoother = smootherAbove(cues, best);
  const proposed = proposal(cues, best, {
    clear: clearness(best, found),
    most: mostSure(cues, best, { first, found }),
    hasSky: hasSky(best, smoother),
  });
  return smoother < 0 && proposed.hasSky ? hardlySure(proposed, 'upside down') : proposed;
}

function hardlySure(found: FoundSkyline, lies: Lying): FoundSkyline {
  const sure = found.sure.map((s) => Math.min(s, HARDLY));
  return { ...found, sure, unsure: unsureStretches(sure), confidence: mean([...sure]), lies };
}

/** Learns both sides from a first line, draws the line anew, and again. */
function settle(told: Told, startV: number, worth: PathWorth): Candidate {
  const { columns, rows } = told.cues;
  const start = new Int32Array(columns).fill(Math.round(startV * rows));
  let line = boundaryPath(told.byFirst(start), worth);
  for (let round = 0; round < ROUNDS; round++) line = boundaryPath(told.by(line), worth);
  return judged(told, withoutSpikes(line));
}

/** What a picture tells by the two sides of a line; of a line that was asked for before it is known. */
interface Told {
  readonly cues: PhotoCues;
  readonly by: (line: Int32Array) => Evidence;
  /** Likewise where only the topmost and the lowest cells are taken to be certain. */
  readonly byFirst: (line: Int32Array) => Evidence;
}

/** Searches that start apart soon go the same way. */
function evidenceTold(cues: PhotoCues): Told {
  const remembered = (isFirst: boolean) => {
    const known = new Map<string, Evidence>();
    return (line: Int32Array): Evidence => {
      const key = line.join();
      const evidence = known.get(key) ?? evidenceOf(cues, likenessToSky(cues, line, isFirst));
      known.set(key, evidence);
      return evidence;
    };
  };
  return { cues, by: remembered(false), byFirst: remembered(true) };
}

/** Rows along which a level line runs most clearly right across the picture. */
function levelLines({ columns, rows, level }: PhotoCues): Int32Array[] {
  const across = Float64Array.from({ length: rows }, (_, row) =>
    mean([...level.subarray(row * columns, (row + 1) * columns)]),
  );
  const peaks = [...across.keys()].filter(
    (row) => across[row] > 0.35 && across[row] >= Math.max(across[row - 1] ?? 0, across[row + 1] ?? 0),
  );
  peaks.sort((a, b) => across[b] - across[a]);
  return peaks.slice(0, LEVEL_LINES).map((row) => new Int32Array(columns).fill(row));
}

const LEVEL_LINES = 5;

/** Cells above and below the line that are compared with the sky, parts of the height. */
const BAND = 0.08;

function judged({ cues, by }: Told, line: Int32Array): Candidate {
  const { columns, rows } = cues;
  const evidence = by(line);
  const over = (value: (row: number, column: number) => number) => mean(Array.from(line, value));
  const strongest = (values: Float32Array) =>
    over((row, column) =>
      Math.max(...[-1, 0, 1].map((k) => values[clamp(row + k, 0, rows - 1) * columns + column])),
    );
  const band = (from: number, to: number) =>
    over((row, column) => {
      const cells = Array.from({ length: to - from }, (_, k) => row + from + k).filter(
        (r) => r >= 0 && r < rows,
      );
      return cells.length ? mean(cells.map((r) => evidence.sky[r * columns + column])) : 0;
    });
  const deep = Math.max(2, Math.round(BAND * rows));
  const merits = {
    edge: strongest(cues.step),
    mirror: strongest(cues.mirror),
    skyAbove: band(-deep, -1),
    skyBelow: band(1, deep),
    low: over((row) => row / rows),
  };
  return { rows, line, evidence, merits };
}

/** What stands up through the sky over less than this part of the width is no skyline: a trunk, a mast. */
const NARROW = 0.035;

/** The line with narrow spikes cut off at the height of what stands beside them. */
function withoutSpikes(rowOf: Int32Array): Int32Array {
  const reach = Math.round((NARROW * rowOf.length) / 2);
  return Int32Array.from(withoutRises(rowOf, reach));
}

interface Judgement {
  /** How clearly the line stands out as a whole, 0 to 1: its columns are hardly surer than that. */
  readonly clear: number;
  /** How sure it may be called at the most. */
  readonly most: number;
  readonly hasSky: boolean;
}

function proposal(
  cues: PhotoCues,
  { line: rowOf, evidence }: Candidate,
  { clear, most, hasSky: isThere }: Judgement,
): FoundSkyline {
  const margin = pathMargin(evidence, rowOf);
  const { columns, rows } = cues;
  const line = Float64Array.from(rowOf, (row, column) =>
    clamp((row + finer(cues, row, column)) / rows, 0, 1),
  );
  const atMost = isThere ? most : 0;
  const sure = Float64Array.from(margin, (m) =>
    Math.min(atMost, (0.3 + 0.7 * clear) * (1 - Math.exp(-m / SURE_MARGIN))),
  );
  const points = Array.from(line, (v, column) => ({ u: (column + 0.5) / columns, v }));
  const ends = [{ u: 0, v: line[0] }, ...points, { u: 1, v: line[columns - 1] }];
  return {
    points: simplifyTo(ends, TOLERANCE, MOST_POINTS),
    line,
    sure,
    unsure: unsureStretches(sure),
    confidence: mean([...sure]),
    hasSky: isThere,
    lies: null,
  };
}

/** Unsure columns nearer to each other than this are one stretch, and shorter stretches are left out, parts of the width. */
const STRETCH = 0.03;

function unsureStretches(sure: Float64Array): Stretch[] {
  const all: { from: number; to: number }[] = [];
  sure.forEach((s, column) => {
    if (s >= UNSURE) return;
    const [from, to] = [column / sure.length, (column + 1) / sure.length];
    const last = all.at(-1);
    if (last && from - last.to < STRETCH) last.to = to;
    else all.push({ from, to });
  });
  return all.filter(({ from, to }) => to - from > STRETCH);
}

/** Where between the rows the edge lies: the middle of the steps of light round it, -1 to 1 rows. */
function finer({ columns, rows, log }: PhotoCues, row: number, column: number): number {
  let weight = 0;
  let sum = 0;
  for (let k = -1; k <= 1; k++) {
    const [above, below] = [row + k - 1, row + k];
    if (above < 0 || below >= rows) continue;
    const step = Math.abs(log[above * columns + column] - log[below * columns + column]);
    weight += step;
    sum += step * k;
  }
  return weight > 0.05 ? sum / weight : 0;
}
