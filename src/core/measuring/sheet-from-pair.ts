import { median, medianSlope, robustFit } from '@/core/numerics';
import {
  acrossSeam,
  averagedOverBeam,
  beamDiameterMm,
  type FrameSize,
  type Lens,
  sampleSheet,
  type Seat,
  sheetScale,
  tableDimmingAt,
  tableGrid,
} from '@/core/optics';
import { degreesFromRadians } from '@/core/units';

/**
 * A sheet measured by two pictures of one frame, without it and with it: the ratio of two linear pictures is its dimming
 * itself, whatever the scene. Strength, transition, seat and turn follow by least squares, each with how far it may be off;
 * the pupil's distance follows where the seat was read at the rail, and is taken as known where it was not: of the picture
 * alone the two cannot be told apart (physics 13).
 */

/** One cell of the frame: where it lies on the sensor, mm from its middle, and what the sheet took there, stops. */
export interface TakenCell {
  readonly x: number;
  readonly h: number;
  readonly stops: number;
  /** Which of the frame's patches it lies in: cells of one patch err together. */
  readonly patch: number;
}

/** A figure, and how far it may be off either way, 95 times of 100. */
export interface Figure {
  readonly value: number;
  readonly giveOrTake: number;
}

export interface SheetMeasured {
  readonly stops: Figure;
  readonly transitionMm: Figure;
  readonly offsetMm: Figure;
  readonly turnDeg: Figure;
  readonly pupilToFilterMm: Figure;
  /** By how much the light or the exposure changed between the two, stops, the one with the sheet being the darker. */
  readonly driftStops: Figure;
  /** What the model leaves, the usual size of it, stops: large where it is no plain graduated sheet. */
  readonly leftStops: number;
}

export type SheetFromPair =
  | { readonly ok: true; readonly measured: SheetMeasured }
  | { readonly ok: false; readonly reason: SheetUnmeasured };

/** Why a pair tells nothing. */
export type SheetUnmeasured =
  /** Too little of the frame is measured in both. */
  | 'too-little'
  /** One end of the sheet lies in the picture alone, or none of its transition. */
  | 'no-transition'
  /** It does not settle. */
  | 'unsettled';

export interface PairTaken {
  readonly cells: readonly TakenCell[];
  readonly frame: FrameSize;
  readonly lens: Lens;
  /** Where the seam lay from the axis, mm, where that was read at the rail: the pupil's distance follows from it. */
  readonly offsetMm?: number;
}

const LEAST_CELLS = 200;
/** Less than this between the clear and the dark end is no sheet, stops. */
const LEAST_STOPS = 0.3;
/** Transitions that are begun with, mm: the best end counts. */
const STARTS_MM = [5, 16, 40];
const ROUNDS = 30;
/** It has settled when no figure moves by more than this part of its step. */
const SETTLED = 1e-4;
/** A seam nearer the axis than this tells no pupil distance, mm. */
const OFF_AXIS_MM = 3;

/** What is fitted: level, stops, the logarithm of the transition, turn, and either the offset or the logarithm of the pupil's distance. */
type Figures = readonly [drift: number, stops: number, logMm: number, turnDeg: number, last: number];
const STEPS: Figures = [0.01, 0.01, 0.02, 0.1, 0.02];

/** Measures a graduated sheet by a pair of pictures. */
export function sheetFromPair({ cells, frame, lens, offsetMm }: PairTaken): SheetFromPair {
  if (cells.length < LEAST_CELLS) return { ok: false, reason: 'too-little' };
  const seesPupil = offsetMm !== undefined && Math.abs(offsetMm) >= OFF_AXIS_MM;
  const shape: Shape = { lens, frame, heldOffsetMm: seesPupil ? offsetMm : null };
  const guess = firstGuess(cells, lens);
  if (!guess) return { ok: false, reason: 'no-transition' };
  const ends = STARTS_MM.flatMap((mm) => {
    const last = seesPupil ? Math.log(lens.pupilToFilterMm) : guess.seat.offsetMm;
    const start: Figures = [guess.low, guess.stops, Math.log(mm), guess.seat.turnDeg, last];
    return settle(cells, shape, start) ?? [];
  });
  const best = ends.reduce<Settled | null>((a, b) => (a && a.left <= b.left ? a : b), null);
  if (!best) return { ok: false, reason: 'unsettled' };
  const [drift, stops, logMm, turn, last] = best.figures;
  if (!(stops >= LEAST_STOPS)) return { ok: false, reason: 'no-transition' };
  const [driftOff, stopsOff, logOff, turnOff, lastOff] = FLOORS.map((floor, k) =>
    Math.hypot(floor, best.errors[k], k === 4 && !seesPupil ? SEAT_FLOOR_MM : 0),
  ) as unknown as Figures;
  const mm = Math.exp(logMm);
  const figure = (value: number, error: number): Figure => ({ value, giveOrTake: 2 * error });
  const pupilMm = seesPupil ? Math.exp(last) : lens.pupilToFilterMm;
  // lengths on the sheet are as good as the distance that they are reckoned with
  const scaleOff = seesPupil ? 0 : lens.pupilEstimated ? PUPIL_OFF : 0;
  const seatMm = seesPupil ? offsetMm : last;
  return {
    ok: true,
    measured: {
      stops: figure(stops, stopsOff),
      transitionMm: figure(mm, mm * Math.hypot(logOff, scaleOff)),
      offsetMm: figure(seatMm, seesPupil ? 0 : Math.hypot(lastOff, seatMm * scaleOff)),
      turnDeg: figure(turn, turnOff),
      pupilToFilterMm: figure(pupilMm, pupilMm * (seesPupil ? lastOff : scaleOff)),
      driftStops: figure(drift, driftOff),
      leftStops: best.left,
    },
  };
}

/** No figure is told better than this, however quiet the pictures: a lens bends lines, light is never quite even. */
const FLOORS: Figures = [0.02, 0.02, 0.03, 0.15, 0.02];
const SEAT_FLOOR_MM = 0.1;

/** An estimated pupil distance is good to a fifth, 95 times of 100. */
const PUPIL_OFF = 0.1;

interface Shape {
  readonly lens: Lens;
  readonly frame: FrameSize;
  /** The offset that was read, where the pupil's distance is asked for instead. */
  readonly heldOffsetMm: number | null;
}

/** What the model takes from each cell. */
function taken(
  cells: readonly TakenCell[],
  { lens, frame, heldOffsetMm }: Shape,
  figures: Figures,
): number[] {
  const [drift, stops, logMm, turnDeg, last] = figures;
  const seen: Lens = heldOffsetMm === null ? lens : { ...lens, pupilToFilterMm: Math.exp(last) };
  const offsetMm = heldOffsetMm ?? last;
  const beam = beamDiameterMm(seen);
  const scale = sheetScale(seen);
  const reach = Math.abs(offsetMm) + scale * Math.hypot(frame.widthMm, frame.heightMm) + beam;
  const grid = tableGrid(beam, reach);
  const profile = { kind: 'graduated' as const, stops, transitionMm: Math.exp(logMm) };
  const table = averagedOverBeam(grid, [sampleSheet(grid, { profile, dyed: false })]);
  const { sin, cos } = acrossSeam(turnDeg);
  return cells.map(({ x, h }) => drift + tableDimmingAt(table, (x * sin + h * cos) * scale - offsetMm));
}

interface Settled {
  readonly figures: Figures;
  readonly errors: readonly number[];
  readonly left: number;
}

/** Gauss and Newton's steps, each halved until it is one for the better; null where it leads nowhere. */
function settle(cells: readonly TakenCell[], shape: Shape, start: Figures): Settled | null {
  const patches = cells.map((c) => c.patch);
  const leftOf = (figures: Figures) => {
    const model = taken(cells, shape, figures);
    return cells.map((c, i) => c.stops - model[i]);
  };
  const sizeOf = (left: readonly number[]) => 1.4826 * median(left.map(Math.abs));
  let figures = start;
  let left = leftOf(figures);
  let size = sizeOf(left);
  for (let round = 0; round < ROUNDS; round++) {
    const slopes = STEPS.map((step, k) => {
      const moved = (by: number) =>
        taken(cells, shape, figures.map((f, j) => (j === k ? f + by : f)) as unknown as Figures);
      const [up, down] = [moved(step), moved(-step)];
      return up.map((u, i) => (u - down[i]) / (2 * step));
    });
    const rows = cells.map((_, i) => slopes.map((s) => s[i]));
    const fit = robustFit(rows, left, patches);
    if (!fit) return null;
    let part = 1;
    let next: Figures = figures;
    let nextLeft = left;
    for (; part > 1 / 64; part /= 2) {
      next = figures.map((f, k) => f + part * held(fit.values[k], k)) as unknown as Figures;
      nextLeft = leftOf(next);
      if (sizeOf(nextLeft) <= size) break;
    }
    const isBetter = part > 1 / 64;
    const moves = fit.values.every((v, k) => Math.abs(v) < SETTLED * STEPS[k] * 10);
    if (!isBetter || moves) return { figures, errors: fit.errors, left: size };
    figures = next;
    left = nextLeft;
    size = sizeOf(left);
    if (round === ROUNDS - 1) return { figures, errors: fit.errors, left: size };
  }
  return null;
}

/** No step is longer than this: the model is a straight line near by alone. */
const LONGEST: Figures = [1, 1, 0.7, 8, 8];
const held = (step: number, k: number): number => Math.max(-LONGEST[k], Math.min(LONGEST[k], step));

/** Where to begin: the ends of what was taken, and the line along which it is half of that. */
function firstGuess(
  cells: readonly TakenCell[],
  lens: Lens,
): { readonly low: number; readonly stops: number; readonly seat: Seat } | null {
  const sorted = cells.map((c) => c.stops).toSorted((a, b) => a - b);
  const at = (part: number) => sorted[Math.floor(part * (sorted.length - 1))];
  const [low, high] = [at(0.03), at(0.97)];
  const stops = high - low;
  if (stops < LEAST_STOPS) return null;
  const half = low + stops / 2;
  // which way up: the dark end lies where more is taken
  const upper = median(cells.filter((c) => c.h > 0).map((c) => c.stops));
  const lower = median(cells.filter((c) => c.h < 0).map((c) => c.stops));
  const isUp = upper >= lower;
  const byColumn = new Map<number, TakenCell[]>();
  for (const cell of cells) {
    const key = Math.round(10 * cell.x);
    byColumn.set(key, [...(byColumn.get(key) ?? []), cell]);
  }
  const crossings = [...byColumn.values()].flatMap((column) => {
    const ordered = column.toSorted((a, b) => a.h - b.h);
    const i = ordered.findIndex((c) => (isUp ? c.stops >= half : c.stops < half));
    return i > 0 && i < ordered.length ? [ordered[i]] : [];
  });
  if (crossings.length < 5) return null;
  const xs = crossings.map((c) => c.x);
  const hs = crossings.map((c) => c.h);
  const slope = medianSlope(xs, hs);
  const h0 = median(hs.map((h, i) => h - slope * xs[i]));
  const turn = -degreesFromRadians(Math.atan(slope));
  const turnDeg = isUp ? turn : turn > 0 ? turn - 180 : turn + 180;
  const { cos } = acrossSeam(turnDeg);
  return { low, stops, seat: { offsetMm: h0 * cos * sheetScale(lens), turnDeg } };
}
