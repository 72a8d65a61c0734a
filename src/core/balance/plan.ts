import { finish, type Steps } from '@/core/numerics';
import { beamDiameterMm, type Seat } from '@/core/optics';
import { edgeNeeds, edgesOf, offsetsWithoutEdges } from './allowed';
import { BIN_MM, OFFSET_LIMIT } from './bins';
import { costsOf, lacksGlow, totalStops } from './costs';
import { judgeFromTables, judgeNone } from './fit';
import { chooseLeast } from './least';
import { lensFor, type Posed } from './pose';
import { fitAt, doingAt, type ScoredSeat, seatOf, type SetSearch, TURN_STEP_DEG, turnRange } from './search';
import { isAtBound, levelCost, playAt, playOf, settableSeat } from './seat';
import { type Target } from './target';
import {
  type BagSheet,
  type Balance,
  type BalanceInput,
  type BalanceResult,
  type Candidate,
  type Fit,
  type Ranked,
  type SeatWarning,
  type SheetSet,
} from './problem/types';
import { bestSeat, type Found, type Interest, type Rough, ROUGH_ERROR, roughSearch } from './valleys';

/** Sets whose scores lie within this of the best are as good, stops. */
const AS_GOOD_WITHIN = 0.05;
/** A set that dims nothing by this much is not worth fitting, stops; nor one that does less than this part of what is wanted. */
const DROPPED_UNDER = 0.05;
const LEAST_PART = 0.25;
/** A best set that draws such a line gives way to one whose line is so faint, if that is not much worse, stops. */
const LINE_SHOWS = 0.7;
const LINE_FAINT = 0.6;
const LINE_DECIDES_WITHIN = 0.08;
/** How many different sets the specification asks for. */
const BEST = 5;
/** How many of the best sets are looked at in the slots they really stand in. */
const IN_SLOTS = BEST + 3;
const TIE = 1e-9;
/** About how much of a search its first pass is. */
const ROUGH_PART = 0.5;
/** With more pairs than this the single sheets are told first, and of the pairs only those are looked at that can still win. */
const MANY_PAIRS = 500;
/** About how much of a long search the single sheets are. */
const SINGLES_PART = 0.1;

/**
 * Chooses and seats the glass (solver): the best of no sheet, every single sheet and every pair that the slots take.
 *
 * @param workedOut how many of the best sets to work out in full, at seats that hands can set.
 */
export const balance = (posed: Posed, workedOut = BEST): BalanceResult =>
  finish(balanceSteps(posed, workedOut));

/**
 * `balance` in steps; every yield tells about how much is done, 0 to 1, and is a chance to stop.
 *
 * @param onSingles given the answer of the single sheets alone, where the pairs will take their time
 */
export function* balanceSteps(
  posed: Posed,
  workedOut = BEST,
  onSingles?: (result: BalanceResult) => void,
): Steps<BalanceResult> {
  const { input, laid } = posed;
  if (!laid.ok) return laid;
  const { target } = laid;
  const singles = input.sheets.map((sheet): SheetSet => [sheet]);
  const pairs = input.slots > 1 ? pairsOf(input.sheets) : [];
  if (pairs.length <= MANY_PAIRS)
    return balanced(posed, target, yield* findSeats(posed, singles, pairs), pairs.length, workedOut);
  const alone = yield* scaled(findSeats(posed, singles, []), 0, SINGLES_PART);
  onSingles?.(balanced(posed, target, alone, 0, workedOut));
  const able = pairs.filter(canStillWin(posed, target, alone));
  const seated = yield* scaled(findSeats(posed, singles, able), SINGLES_PART, 1);
  return balanced(posed, target, seated, pairs.length, workedOut);
}

/** Steps as a part of a longer way. */
function* scaled<T>(steps: Steps<T>, from: number, to: number): Steps<T> {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    yield from + (to - from) * step.value;
  }
}

/**
 * Whether a pair can still be chosen once the single sheets are known. Where the weakest glass is sought, that must be weaker
 * than the single sheet that is enough, or stronger than all where none is; else the search itself leaves behind what
 * falls behind.
 */
function canStillWin(posed: Posed, target: Target, singles: readonly Found[]): (pair: SheetSet) => boolean {
  if (posed.input.look.solver.seeks !== 'weakest' || !singles.length) return () => true;
  const { found, leaves } = chooseLeast(posed, target, singles);
  const strongest = Math.max(...singles.map((f) => totalStops(f.ranked.set)));
  return leaves.enough
    ? (pair) => totalStops(pair) < totalStops(found.ranked.set)
    : (pair) => totalStops(pair) > strongest;
}

/** The answer from the seats that were found. */
function balanced(
  posed: Posed,
  target: Target,
  seated: readonly Found[],
  pairs: number,
  workedOut: number,
): BalanceResult {
  const { input } = posed;
  if (input.sheets.length && !seated.length) return { ok: false, ...edgesShow(input, target) };
  const none = judgeNone(input, target);
  const found = [noFilter(none), ...seated.filter(doesEnough)]
    .sort(byRank)
    .map((f, i) => (i < IN_SLOTS ? inBetterOrder(posed, f) : f))
    .sort(byRank);
  const least = input.look.solver.seeks === 'weakest' ? chooseLeast(posed, target, found) : null;
  const ordered = least ? [least.found, ...found.filter((f) => f !== least.found)] : found;
  const figuresOf = (f: Found): Candidate =>
    f.seated ? candidate(posed, target, { ...f.seated, set: f.ranked.set }) : bareCandidate(none);
  const best = ordered.slice(0, workedOut).map(figuresOf);
  const advice = workedOut > 0 && !least ? faintest(ordered, best, figuresOf) : (best[0] ?? null);
  return {
    ok: true,
    balance: {
      spanStops: target.sides.spanStops,
      neededStops: target.sides.neededStops,
      brighter: target.sides.brighter,
      upsideDown: target.upsideDown,
      ranking: ordered.map((f) => f.ranked),
      best: advice && !best.includes(advice) ? [...best, advice] : best,
      advice,
      compared: input.sheets.length + pairs + 1,
      least: least && least.leaves,
    },
  };
}

/** Whether a set at its best seat does what a sheet is fitted for: one that is pulled out of the picture does not. */
function doesEnough({ seated }: Found): boolean {
  if (!seated) return false;
  const { most, meanOverBright, wantedOverBright } = doingAt(seated.search, seated.raw);
  return most >= DROPPED_UNDER && meanOverBright >= LEAST_PART * wantedOverBright - TIE;
}

/**
 * The set that stands first: the best, unless it draws a line that shows where one hardly worse draws a faint one, for
 * what shows in peaks and trees decides a tie (solver: the fit).
 */
function faintest(
  ordered: readonly Found[],
  best: readonly Candidate[],
  figuresOf: (found: Found) => Candidate,
): Candidate {
  const [first] = best as readonly [Candidate, ...Candidate[]];
  if ((first.line?.stops ?? 0) <= LINE_SHOWS) return first;
  const limit = ordered[0].ranked.scoreStops + LINE_DECIDES_WITHIN + TIE;
  for (const [i, found] of ordered.entries()) {
    if (found.ranked.scoreStops > limit) break;
    const figures = best[i] ?? figuresOf(found);
    if ((figures.line?.stops ?? 0) <= LINE_FAINT) return figures;
  }
  return first;
}

function pairsOf(sheets: readonly BagSheet[]): SheetSet[] {
  return sheets.flatMap((a, i) => sheets.slice(i + 1).map((b): SheetSet => [a, b]));
}

/**
 * The best raw seats of all single sheets, and of the pairs that come near the best five: every set goes through the
 * first pass, and what falls too far behind there is not followed. Where the weakest glass is sought, all are.
 */
function* findSeats(posed: Posed, singles: readonly SheetSet[], pairs: readonly SheetSet[]): Steps<Found[]> {
  const all = posed.input.look.solver.seeks === 'weakest';
  const found: Rough[] = [];
  /** The best five scores so far, lowest first. */
  const fifth: number[] = [];
  const limit = (): number => (all || fifth.length < BEST ? Infinity : fifth[BEST - 1] + ROUGH_ERROR);
  const look = (set: SheetSet, interest: Interest) => {
    const s = posed.searchFor(set);
    const rough = s && roughSearch(s, interest);
    // what falls too far behind is not kept either: the bags of some hold thousands of pairs
    if (!rough?.starts.length || (set.length > 1 && lowest(rough) > limit())) return;
    found.push(rough);
    fifth.push(lowest(rough));
    fifth.sort((a, b) => a - b).splice(BEST);
  };
  const sets = singles.length + pairs.length;
  for (const [i, set] of singles.entries()) {
    look(set, { limit: Infinity, turning: Infinity });
    yield (ROUGH_PART * i) / sets;
  }
  // a pair gains by turning about what its sheets do
  const turning = all ? Infinity : Math.max(0, ...found.map((r) => r.gainedByTurning)) + ROUGH_ERROR;
  for (const [i, set] of pairs.entries()) {
    look(set, { limit: limit(), turning });
    yield (ROUGH_PART * (singles.length + i)) / sets;
  }
  const near = limit();
  const followed = found.filter((rough) => rough.s.set.length < 2 || lowest(rough) <= near);
  const seated: Found[] = [];
  for (const [i, rough] of followed.entries()) {
    const raw = bestSeat(rough);
    if (raw) seated.push(foundAt(rough.s, raw));
    yield ROUGH_PART + ((1 - ROUGH_PART) * i) / followed.length;
  }
  return seated;
}

const lowest = ({ starts }: Rough): number => starts[0]?.score ?? Infinity;

function foundAt(s: SetSearch, raw: ScoredSeat): Found {
  return {
    ranked: {
      set: s.set,
      seat: seatOf(raw),
      fitStops: raw.fit,
      scoreStops: raw.score,
      noGlow: lacksGlow(s.set, s.search.target),
      atBound: isAtBound(s, raw),
    },
    seated: { search: s, raw },
  };
}

/** A pair in the better order of its two slots, with what it scores there. */
function inBetterOrder(posed: Posed, found: Found): Found {
  const { ranked, seated } = found;
  if (!seated || ranked.set.length < 2) return found;
  const orders = [ranked.set, [...ranked.set].reverse()].map((set) => ({
    set,
    fit: posed.fitInSlots(set, seated.raw),
  }));
  const best = orders.reduce((a, b) => (b.fit < a.fit - TIE ? b : a));
  const scoreStops = ranked.scoreStops - ranked.fitStops + best.fit;
  return { ...found, ranked: { ...ranked, set: best.set, fitStops: best.fit, scoreStops } };
}

/** Whether a set's score is within 0.05 of the best one's; where the weakest glass is sought none is as good. */
export function isAsGood(set: Ranked, { ranking, least }: Balance): boolean {
  const best = ranking[0];
  if (!best || least) return set === best;
  return set.scoreStops <= best.scoreStops + AS_GOOD_WITHIN + TIE;
}

/** Whether a set is made of these filters, in any order of the slots. */
export function sameSet(set: SheetSet, ids: readonly string[]): boolean {
  return set.length === ids.length && set.every((s) => ids.includes(s.id));
}

function noFilter({ fitStops }: Fit): Found {
  return {
    ranked: { set: [], seat: null, fitStops, scoreStops: fitStops, noGlow: false, atBound: false },
    seated: null,
  };
}

/** Lower score; within a tie fewer sheets, then less density; the sort being stable, then bag order. */
function byRank({ ranked: a }: Found, { ranked: b }: Found): number {
  if (Math.abs(a.scoreStops - b.scoreStops) > TIE) return a.scoreStops - b.scoreStops;
  return a.set.length - b.set.length || totalStops(a.set) - totalStops(b.set);
}

/** The width of sheet that would do at the turn that asks least, mm. */
function edgesShow({ lens, frame }: BalanceInput, target: Target) {
  const [from, to] = turnRange(target);
  let half = Infinity;
  for (let turn = from; turn <= to; turn++)
    half = Math.min(half, edgeNeeds(lens, frame, turn * TURN_STEP_DEG).halfWidthMm);
  return { reason: 'all-sheets-show-edges', neededWidthMm: Math.ceil(2 * half) } as const;
}

function bareCandidate(fit: Fit): Candidate {
  return {
    ...fit,
    set: [],
    seat: null,
    scoreStops: fit.fitStops,
    costs: { sheets: 0, turn: 0, noGlow: 0 },
    noGlow: false,
    playMm: null,
    levelCostStops: null,
    warnings: [],
  };
}

/** A found set at the seat that hands can set, with its figures. */
function candidate(
  posed: Posed,
  target: Target,
  { set, search, raw }: { set: SheetSet; search: SetSearch; raw: ScoredSeat },
): Candidate {
  const settable = settableSeat(search, raw);
  const seat = seatOf(settable);
  const figures = atSeat(posed, target, set, seat);
  return {
    ...figures,
    playMm: playOf(search, settable),
    levelCostStops: levelCost(search, raw),
    warnings: warningsOf(posed.input, set, seat, isAtBound(search, raw)),
  };
}

/** Figures of a set at any seat, its sheets in the slots they stand in, without play. */
function atSeat({ input, tables }: Posed, target: Target, set: SheetSet, seat: Seat) {
  const fit = judgeFromTables(input, target, { lens: input.lens, seat }, tables(set, seat));
  const costs = costsOf(set, target, seat.turnDeg);
  return {
    ...fit,
    set,
    seat,
    costs,
    noGlow: costs.noGlow > 0,
    scoreStops: fit.fitStops + costs.sheets + costs.turn + costs.noGlow,
  };
}

/** The photographer's own choice of glass and seat, judged by the same figures; null where there is no target. */
export function judgeChoice(
  posed: Posed,
  { set, seat }: { set: SheetSet; seat: Seat | null },
): Candidate | null {
  const { input, laid } = posed;
  if (!laid.ok) return null;
  if (!seat) return bareCandidate(judgeNone(input, laid.target));
  const search = posed.searchFor(set);
  const raster = {
    turn: seat.turnDeg / TURN_STEP_DEG,
    offset: Math.round(seat.offsetMm / BIN_MM),
  };
  const figures = atSeat(posed, laid.target, set, seat);
  return {
    ...figures,
    playMm: search && playAt(search, posed.bestSeat(set), raster),
    levelCostStops: null,
    warnings: warningsOf(input, set, seat, Math.abs(raster.offset) >= OFFSET_LIMIT),
  };
}

/** A seat that a sheet slides through, and how well it serves there. */
export interface FitAlong {
  readonly offsetMm: number;
  readonly fitStops: number;
}

/** How the fit changes as a set slides from its seat at the same turn, half a millimetre apart; empty without a target. */
export function fitsAlong(
  posed: Posed,
  set: SheetSet,
  { offsetMm, turnDeg }: Seat,
  reachMm: number,
): FitAlong[] {
  const search = posed.searchFor(set);
  if (!search) return [];
  const turn = Math.round(turnDeg / TURN_STEP_DEG);
  const here = Math.round(offsetMm / BIN_MM);
  const [every, reach] = [0.5 / BIN_MM, Math.round(reachMm / BIN_MM)];
  const offsets: number[] = [];
  for (let offset = here - reach; offset <= here + reach; offset += every)
    if (Math.abs(offset) <= OFFSET_LIMIT) offsets.push(offset);
  return offsets.map((offset) => ({ offsetMm: offset * BIN_MM, fitStops: fitAt(search, turn, offset) }));
}

function warningsOf(input: BalanceInput, set: SheetSet, seat: Seat, atBound: boolean): SeatWarning[] {
  const warnings: SeatWarning[] = [];
  if (atBound) warnings.push('seat-at-bound');
  const beam = beamDiameterMm(input.lens);
  const tooWide = set.some(
    ({ sheet, widthMm }) =>
      beam > (widthMm ?? Infinity) || (sheet.reachMm && beam > sheet.reachMm[1] - sheet.reachMm[0]),
  );
  if (tooWide) warnings.push('beam-wider-than-sheet');
  const needs = edgeNeeds(lensFor(input.lens, set), input.frame, seat.turnDeg);
  const free = offsetsWithoutEdges(needs, edgesOf(set));
  const offset = seat.offsetMm / BIN_MM;
  if (!free || offset < free[0] - 1e-9 || offset > free[1] + 1e-9) warnings.push('edge-may-show');
  return warnings;
}
