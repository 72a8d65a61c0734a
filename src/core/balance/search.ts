import { type Seat } from '@/core/optics';
import { allowedOffsets } from './allowed';
import {
  BIN_MM,
  binCells,
  type FitConstants,
  fitConstants,
  fitFromBins,
  type SetTable,
  setTable,
  type TurnBins,
} from './bins';
import { type Target } from './target';
import { type BalanceInput, type SheetSet } from './types';

/** Step of the turn, degrees, and how far the holder is turned either way. */
export const TURN_STEP_DEG = 0.25;
const TURN_LIMIT_DEG = 45;
/** Beyond this the skyline itself is the middle of the turns that are tried. */
const STEEP_DEG = 30;
export const TURN_COST = 0.01;
const SHEET_COSTS = [0, 0.05, 0.2];
const NO_GLOW_COST = 0.15;
/** Coarse steps of the first pass, in steps of the turn and of the seat, and how many of its minima are followed. */
const COARSE_TURN = 12;
const COARSE_OFFSET = 4;
const STARTS = 3;
const TIE = 1e-9;

/** A seat on the search's raster: quarter degrees and quarter millimetres. */
export interface RasterSeat {
  readonly turn: number;
  readonly offset: number;
}

export interface ScoredSeat extends RasterSeat {
  readonly score: number;
  readonly fit: number;
}

export const seatOf = ({ turn, offset }: RasterSeat): Seat => ({
  offsetMm: offset * BIN_MM,
  turnDeg: turn * TURN_STEP_DEG,
});

/** Whether a reverse or band sheet stands over a sky that has no glow at its foot. */
export function lacksGlow(set: SheetSet, target: Target): boolean {
  return (
    !target.glow && set.some(({ sheet }) => sheet.profile.kind === 'reverse' || sheet.profile.kind === 'band')
  );
}

/** The part of a set's score that no seat changes. */
export function fixedCost(set: SheetSet, target: Target): number {
  return (SHEET_COSTS[set.length] as number) + (lacksGlow(set, target) ? NO_GLOW_COST : 0);
}

/** First and last turn of the raster that may be tried. */
export function turnRange(target: Target): readonly [number, number] {
  const upright = target.upsideDown ? 180 : 0;
  const steep = Math.abs(target.skylineTurnDeg - upright) > STEEP_DEG;
  const middle = steep ? target.skylineTurnDeg : upright;
  return [
    Math.ceil((middle - TURN_LIMIT_DEG) / TURN_STEP_DEG - 1e-9),
    Math.floor((middle + TURN_LIMIT_DEG) / TURN_STEP_DEG + 1e-9),
  ];
}

/** One stand's search: what all of its sets share, and the bins of every turn looked at so far. */
export interface Search {
  readonly input: BalanceInput;
  readonly target: Target;
  readonly constants: FitConstants;
  readonly turns: readonly [number, number];
  readonly bins: Map<number, TurnBins>;
}

export function startSearch(input: BalanceInput, target: Target): Search {
  return {
    input,
    target,
    constants: fitConstants(input, target),
    turns: turnRange(target),
    bins: new Map(),
  };
}

function binsAt(search: Search, turn: number): TurnBins {
  let bins = search.bins.get(turn);
  if (!bins) {
    bins = binCells(search.input, search.target, turn * TURN_STEP_DEG);
    search.bins.set(turn, bins);
  }
  return bins;
}

/** A set within a search. */
export interface SetSearch {
  readonly search: Search;
  readonly set: SheetSet;
  readonly table: SetTable;
  readonly fixedCost: number;
}

export function startSet(search: Search, set: SheetSet): SetSearch {
  return {
    search,
    set,
    table: setTable(search.input, set, search.constants.slopePerTenth),
    fixedCost: fixedCost(set, search.target),
  };
}

const turnCost = ({ search: { target } }: SetSearch, turn: number): number =>
  TURN_COST * Math.abs(turn * TURN_STEP_DEG - target.skylineTurnDeg);

export function fitAt(s: SetSearch, turn: number, offset: number): number {
  return fitFromBins(binsAt(s.search, turn), s.table, s.search.constants, offset).fit;
}

/** Every seat of one turn between two offsets, `step` apart, the last one always among them. */
export function scoresAlong(
  s: SetSearch,
  turn: number,
  span: { from: number; to: number; step: number },
): ScoredSeat[] {
  const allowed = allowedOffsets(s.search.input, s.set, turn * TURN_STEP_DEG);
  if (!allowed) return [];
  const from = Math.max(span.from, allowed[0]);
  const to = Math.min(span.to, allowed[1]);
  const cost = s.fixedCost + turnCost(s, turn);
  const seats: ScoredSeat[] = [];
  for (let offset = from; offset <= to; offset += offset < to ? Math.min(span.step, to - offset) : 1) {
    const fit = fitAt(s, turn, offset);
    seats.push({ turn, offset, fit, score: fit + cost });
  }
  return seats;
}

/** Whether `a` is the better seat: lower score, then less turn from the skyline, then nearer the axis. */
function isBetter(a: ScoredSeat, b: ScoredSeat | null, target: Target): boolean {
  if (!b) return true;
  if (Math.abs(a.score - b.score) > TIE) return a.score < b.score;
  const turned = (seat: ScoredSeat) => Math.abs(seat.turn * TURN_STEP_DEG - target.skylineTurnDeg);
  if (Math.abs(turned(a) - turned(b)) > TIE) return turned(a) < turned(b);
  return Math.abs(a.offset) < Math.abs(b.offset);
}

/**
 * The best raw seat of a set, null where an edge shows at every seat.
 *
 * The turns are walked outwards from the skyline's own: a turn whose cost alone passes the best score so far cannot hold
 * the answer, nor can any beyond it. The ends of the range are kept, and the best few minima of the coarse pass are each
 * followed down to the raster, so that narrow sheets and several valleys are not missed.
 */
export function bestSeat(s: SetSearch): ScoredSeat | null {
  const { target } = s.search;
  let best: ScoredSeat | null = null;
  const starts: ScoredSeat[] = [];
  for (const turn of coarseTurns(s.search)) {
    if (best && s.fixedCost + turnCost(s, turn) >= best.score) break;
    const along = scoresAlong(s, turn, { from: -Infinity, to: Infinity, step: COARSE_OFFSET });
    for (const [i, seat] of along.entries()) {
      if (isBetter(seat, best, target)) best = seat;
      const left = along[i - 1]?.score ?? Infinity;
      const right = along[i + 1]?.score ?? Infinity;
      if (seat.score <= left && seat.score <= right) starts.push(seat);
    }
  }
  starts.sort((a, b) => a.score - b.score);
  for (const start of spread(starts)) {
    const seat = descend(s, start);
    if (isBetter(seat, best, target)) best = seat;
  }
  return best && nearestAxis(s, best);
}

/** Among the seats of the same turn and score, the one nearest the axis: a seam outside the frame ties with many. */
function nearestAxis(s: SetSearch, best: ScoredSeat): ScoredSeat {
  return scoresAlong(s, best.turn, { from: -Infinity, to: Infinity, step: 1 })
    .filter((seat) => seat.score <= best.score + TIE)
    .reduce((near, seat) => (Math.abs(seat.offset) < Math.abs(near.offset) ? seat : near), best);
}

/** Turns of the first pass, nearest the skyline's first. */
function coarseTurns({ target, turns }: Search): number[] {
  const [from, to] = turns;
  const middle = Math.min(to, Math.max(from, Math.round(target.skylineTurnDeg / TURN_STEP_DEG)));
  const list = new Set([from, to, Math.round((from + to) / 2)]);
  for (let turn = middle; turn <= to; turn += COARSE_TURN) list.add(turn);
  for (let turn = middle; turn >= from; turn -= COARSE_TURN) list.add(turn);
  const away = (turn: number) => Math.abs(turn * TURN_STEP_DEG - target.skylineTurnDeg);
  return [...list].sort((a, b) => away(a) - away(b));
}

/** The best few starts that are not close neighbours of a better one. */
function spread(starts: readonly ScoredSeat[]): ScoredSeat[] {
  const kept: ScoredSeat[] = [];
  for (const start of starts) {
    if (kept.length >= STARTS) break;
    const close = (k: ScoredSeat) =>
      Math.abs(k.turn - start.turn) <= COARSE_TURN && Math.abs(k.offset - start.offset) <= 3 * COARSE_OFFSET;
    if (!kept.some(close)) kept.push(start);
  }
  return kept;
}

/** Walks downhill on the raster, with ever shorter steps of the turn. */
function descend(s: SetSearch, start: ScoredSeat): ScoredSeat {
  const { turns } = s.search;
  let seat = start;
  const tryTurn = (turn: number): boolean => {
    if (turn < turns[0] || turn > turns[1]) return false;
    let improved = false;
    const window = { from: seat.offset - COARSE_OFFSET, to: seat.offset + COARSE_OFFSET, step: 1 };
    for (const next of scoresAlong(s, turn, window))
      if (next.score < seat.score - TIE) {
        seat = next;
        improved = true;
      }
    return improved;
  };
  while (tryTurn(seat.turn));
  for (let step = COARSE_TURN / 2; step >= 1;) {
    const moved = tryTurn(seat.turn + step) || tryTurn(seat.turn - step);
    if (!moved) step = step === 1 ? 0 : Math.ceil(step / 2);
  }
  return seat;
}

/** The greatest dimming a set brings to any cell with weight at a seat, stops. */
export function mostInFrame(s: SetSearch, seat: RasterSeat): number {
  const bins = binsAt(s.search, seat.turn);
  const shift = bins.first - seat.offset - s.table.first;
  let most = 0;
  for (let i = 0; i < bins.all.length; i++)
    if ((bins.all[i] as number) > 0) most = Math.max(most, s.table.stops[i + shift] as number);
  return most;
}
