import { type AllowedOffsets } from './allowed';
import { BIN_MM, fitFromBins } from './bins';
import { levelDeg } from './costs';
import {
  allowedAt,
  BIN_STEPS,
  COARSE_OFFSET,
  COARSE_TURN,
  fitAt,
  type ScoredSeat,
  type SetSearch,
  TURN_STEP_DEG,
  turnCostOf,
} from './search';
import { type Target } from './target';
import { type Ranked } from './problem/types';

/** How many valleys of the first pass are followed. */
const STARTS = 3;
const TIE = 1e-9;
/** The first pass may mistake a score by this much, stops. */
export const ROUGH_ERROR = 0.12;

/** A set with its best raw seat, and its search where it has one. */
export interface Found {
  readonly ranked: Ranked;
  readonly seated: { readonly search: SetSearch; readonly raw: ScoredSeat } | null;
}

/** What the first pass found of a set: the lowest of its minima, lowest first. */
export interface Rough {
  readonly s: SetSearch;
  readonly starts: readonly ScoredSeat[];
  /** How much was gained by turning away from the skyline's own turn, stops. */
  readonly gainedByTurning: number;
}

/** Where a set stops being of interest. */
export interface Interest {
  /** A score that is too high. */
  readonly limit: number;
  /** What turning may gain at most, stops. */
  readonly turning: number;
}

/**
 * First pass over a set: blocks of cells, bins four times as wide, every few degrees and millimetres.
 *
 * Level comes first, for its turn costs nothing. The others are walked outwards from the skyline's own: a turn whose cost
 * alone passes the best score so far cannot hold the answer, nor can any beyond it; one at which no sheet could do as well
 * is passed over. The ends of the range are among them.
 */
export function roughSearch(s: SetSearch, { limit, turning }: Interest): Rough {
  const starts: ScoredSeat[] = [];
  let best = limit;
  let atFirst = Infinity;
  for (const turn of s.search.coarseTurns) {
    const cost = s.fixedCost + turnCostOf(s, turn);
    if (cost >= best) break;
    if (cost + s.search.leastFit(turn) >= best) continue;
    const lowest = coarseMinima(s, turn, cost, starts);
    if (atFirst === Infinity) {
      atFirst = lowest;
      if (lowest > limit + turning) break;
    }
    best = Math.min(best, lowest);
  }
  starts.sort((a, b) => a.score - b.score);
  const lowest = starts[0]?.score ?? Infinity;
  return { s, starts: spread(s, starts), gainedByTurning: Math.max(0, atFirst - lowest) || 0 };
}

/** Lowest score of the coarse pass at one turn; its local minima are added to `starts`. */
function coarseMinima(s: SetSearch, turn: number, cost: number, starts: ScoredSeat[]): number {
  const range = coarseOffsets(s, turn);
  if (!range) return Infinity;
  const bins = s.search.bins('coarse', turn);
  const table = s.table('coarse');
  const score = (offset: number) =>
    fitFromBins(bins, table, s.search.constants, Math.round(offset / BIN_STEPS.coarse)) + cost;
  let lowest = Infinity;
  let before = Infinity;
  let here = score(range[0]);
  for (let offset = range[0]; offset <= range[1];) {
    const next = offset < range[1] ? Math.min(range[1], offset + s.coarseOffset) : Infinity;
    const after = next === Infinity ? Infinity : score(next);
    if (here <= before && here <= after) starts.push({ turn, offset, fit: here - cost, score: here });
    if (here < lowest) lowest = here;
    before = here;
    here = after;
    offset = next;
  }
  return lowest;
}

/** The seats of a turn between which the transition crosses the frame, and one either way beyond it. */
function coarseOffsets(s: SetSearch, turn: number): AllowedOffsets {
  const allowed = allowedAt(s, turn);
  if (!allowed) return null;
  const { changing, first } = s.table('coarse');
  const reach = Math.ceil(s.search.edgeNeeds(turn).halfLengthMm / BIN_MM) + 1;
  const lowest = -reach - (changing[1] + first) * BIN_STEPS.coarse;
  const highest = reach - (changing[0] + first) * BIN_STEPS.coarse;
  const held = (offset: number) => Math.min(allowed[1], Math.max(allowed[0], offset));
  return [held(lowest), held(highest)];
}

/**
 * The best few starts that have no better one close by: the others lie on the slope down to it. The best level one lies on
 * no slope of turned ones, and is among them.
 */
function spread({ search }: SetSearch, starts: readonly ScoredSeat[]): ScoredSeat[] {
  const level = levelDeg(search.target) / TURN_STEP_DEG;
  const bestLevel = starts.find((start) => start.turn === level);
  const kept: ScoredSeat[] = [];
  for (const [i, start] of starts.entries()) {
    if (
      (kept.length >= STARTS && bestLevel && kept.includes(bestLevel)) ||
      start.score > (kept[0]?.score ?? Infinity) + ROUGH_ERROR
    )
      break;
    const close = (k: ScoredSeat) =>
      (k.turn === level) === (start.turn === level) &&
      Math.abs(k.turn - start.turn) <= COARSE_TURN &&
      Math.abs(k.offset - start.offset) <= 2 * COARSE_OFFSET;
    const hasRoom = kept.length < STARTS && !starts.slice(0, i).some(close);
    if (start === bestLevel || hasRoom) kept.push(start);
  }
  return kept;
}

/** Second pass: each start is followed down over blocks of cells, and the lowest end is finished on the cells. */
export function bestSeat({ s, starts }: Pick<Rough, 's' | 'starts'>): ScoredSeat | null {
  const { target } = s.search;
  let best: ScoredSeat | null = null;
  for (const start of starts) {
    const seat = descend(s, start);
    if (isBetter(seat, best, target)) best = seat;
  }
  if (!best) return null;
  return nearestAxis(s, slide(s, { ...best, fit: Infinity, score: Infinity }, 'exact', 2));
}

/** Whether `a` is the better seat: lower score, then less turn from the skyline, then nearer the axis. */
function isBetter(a: ScoredSeat, b: ScoredSeat | null, target: Target): boolean {
  if (!b) return true;
  if (Math.abs(a.score - b.score) > TIE) return a.score < b.score;
  const turned = (seat: ScoredSeat) => Math.abs(seat.turn * TURN_STEP_DEG - target.skylineTurnDeg);
  if (Math.abs(turned(a) - turned(b)) > TIE) return turned(a) < turned(b);
  return Math.abs(a.offset) < Math.abs(b.offset);
}

/** Walks downhill on the raster, with ever shorter steps of the turn. */
function descend(s: SetSearch, start: ScoredSeat): ScoredSeat {
  const [first, last] = s.search.turns;
  let seat = slide(s, { ...start, score: Infinity }, 'middle', s.coarseOffset / 2);
  for (let step = COARSE_TURN / 2; step >= 1;) {
    const before: ScoredSeat = seat;
    for (const turn of [before.turn + step, before.turn - step]) {
      if (turn < first || turn > last || seat !== before) continue;
      const moved = slide(s, { ...before, turn, score: Infinity }, 'middle', 2);
      if (moved.score < before.score - TIE) seat = moved;
    }
    if (seat === before) step = step === 1 ? 0 : Math.ceil(step / 2);
  }
  return seat;
}

/** The seat that sliding along a turn comes to from a given one. */
export const slideAt = (s: SetSearch, from: ScoredSeat, fineness: 'middle' | 'exact'): ScoredSeat =>
  slide(s, from, fineness, COARSE_OFFSET);

/** Slides a set along one turn as long as it gets better, in steps that halve; the score of the given seat is not used. */
function slide(s: SetSearch, from: ScoredSeat, fineness: 'middle' | 'exact', firstStep: number): ScoredSeat {
  const allowed = allowedAt(s, from.turn);
  if (!allowed) return from;
  const cost = s.fixedCost + turnCostOf(s, from.turn);
  const grain = BIN_STEPS[fineness];
  const low = Math.ceil(allowed[0] / grain) * grain;
  const high = Math.floor(allowed[1] / grain) * grain;
  if (low > high) return slide(s, from, 'exact', firstStep);
  let offset = Math.min(high, Math.max(low, Math.round(from.offset / grain) * grain));
  let score = fitAt(s, from.turn, offset, fineness) + cost;
  for (let step = Math.max(grain, Math.round(firstStep / grain) * grain); step >= grain;) {
    let moved = false;
    for (const next of [offset + step, offset - step]) {
      if (moved || next < low || next > high) continue;
      const there = fitAt(s, from.turn, next, fineness) + cost;
      if (there >= score - TIE) continue;
      score = there;
      offset = next;
      moved = true;
    }
    if (!moved) step = step === grain ? 0 : Math.max(grain, Math.round(step / 2 / grain) * grain);
  }
  return { turn: from.turn, offset, score, fit: score - cost };
}

/** Along seats of the same score, the one nearest the axis: a seam outside the frame ties with many. */
function nearestAxis(s: SetSearch, best: ScoredSeat): ScoredSeat {
  const way = best.offset > 0 ? -1 : 1;
  const allowed = allowedAt(s, best.turn);
  let seat = best;
  while (allowed && seat.offset !== 0) {
    const offset = seat.offset + way;
    if (offset < allowed[0] || offset > allowed[1]) break;
    const fit = fitAt(s, best.turn, offset);
    if (fit > best.fit + TIE) break;
    seat = { ...seat, offset };
  }
  return seat;
}
