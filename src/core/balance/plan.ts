import { beamDiameterMm, dimmingTable, type Seat, tableDimmingAt } from '@/core/optics';
import { neededHalfWidthMm, offsetsWithoutEdges } from './allowed';
import { BIN_MM, OFFSET_LIMIT, reachInBins } from './bins';
import { judgeNone, judgeSeat, SLOPE_HALF_MM } from './fit';
import {
  bestSeat,
  lacksGlow,
  mostInFrame,
  type Search,
  type ScoredSeat,
  seatOf,
  type SetSearch,
  fixedCost,
  startSearch,
  startSet,
  TURN_COST,
  TURN_STEP_DEG,
} from './search';
import { isAtBound, levelCost, playOf, settableSeat } from './seat';
import { type Target, targetFor } from './target';
import {
  type BalanceInput,
  type BalanceResult,
  type Candidate,
  type Ranked,
  type SeatWarning,
  type SheetSet,
} from './types';

/** Sets whose scores lie within this of the best are as good, stops. */
const AS_GOOD_WITHIN = 0.05;
/** A set that dims nothing by this much is not worth fitting, stops. */
const DROPPED_UNDER = 0.05;
/** How many different sets the specification asks for. */
const BEST = 5;
const TIE = 1e-9;
/** Step of the table that figures are read from, mm: within 0.001 stop of the integral for a 3 mm transition. */
const FINE_MM = 0.0625;

interface Found {
  readonly ranked: Ranked;
  readonly seated: { readonly search: SetSearch; readonly raw: ScoredSeat } | null;
}

/**
 * Chooses and seats the glass (solver): the best of every single sheet and no sheet.
 *
 * @param laid the target of the same input, where it is at hand already.
 * @param workedOut how many of the best sets to work out in full, at seats that hands can set.
 */
export function balance(input: BalanceInput, laid = targetFor(input), workedOut = BEST): BalanceResult {
  if (!laid.ok) return laid;
  const { target } = laid;
  const search = startSearch(input, target);
  const seated = singles(input).flatMap((set) => findSeat(startSet(search, set)));
  if (input.sheets.length && !seated.length) return { ok: false, ...edgesShow(input, target) };
  const found = [
    noFilter(input, target),
    ...seated.filter(({ seated: s }) => s && mostInFrame(s.search, s.raw) >= DROPPED_UNDER),
  ].sort(byRank);
  const ranking = found.map((f) => f.ranked);
  return {
    ok: true,
    balance: {
      spanStops: target.sides.spanStops,
      neededStops: target.sides.neededStops,
      brighter: target.sides.brighter,
      upsideDown: target.upsideDown,
      ranking,
      best: found.slice(0, workedOut).map((f) => candidate(search, f)),
    },
  };
}

/** Whether a set's score is within 0.05 of the best one's. */
export function isAsGood(set: Ranked, ranking: readonly Ranked[]): boolean {
  const best = ranking[0];
  return !!best && set.scoreStops <= best.scoreStops + AS_GOOD_WITHIN + TIE;
}

/** Whether a set is made of these filters, in any order of the slots. */
export function sameSet(set: SheetSet, ids: readonly string[]): boolean {
  return set.length === ids.length && set.every((s) => ids.includes(s.id));
}

const singles = (input: BalanceInput): SheetSet[] => input.sheets.map((sheet) => [sheet]);

function noFilter(input: BalanceInput, target: Target): Found {
  const { fitStops } = judgeNone(input, target);
  return {
    ranked: { set: [], seat: null, fitStops, scoreStops: fitStops, noGlow: false, atBound: false },
    seated: null,
  };
}

function findSeat(s: SetSearch): Found[] {
  const raw = bestSeat(s);
  if (!raw) return [];
  return [
    {
      ranked: {
        set: s.set,
        seat: seatOf(raw),
        fitStops: raw.fit,
        scoreStops: raw.score,
        noGlow: lacksGlow(s.set, s.search.target),
        atBound: isAtBound(s, raw),
      },
      seated: { search: s, raw },
    },
  ];
}

const totalStops = (set: SheetSet): number => set.reduce((sum, s) => sum + s.sheet.profile.stops, 0);

/** Lower score; within a tie fewer sheets, then less density; the sort being stable, then bag order. */
function byRank({ ranked: a }: Found, { ranked: b }: Found): number {
  if (Math.abs(a.scoreStops - b.scoreStops) > TIE) return a.scoreStops - b.scoreStops;
  return a.set.length - b.set.length || totalStops(a.set) - totalStops(b.set);
}

/** The width of sheet that would do at the turn that asks least, mm. */
function edgesShow(input: BalanceInput, target: Target) {
  const [from, to] = startSearch(input, target).turns;
  let half = Infinity;
  for (let turn = from; turn <= to; turn++)
    half = Math.min(half, neededHalfWidthMm(input, turn * TURN_STEP_DEG));
  return { reason: 'all-sheets-show-edges', neededWidthMm: Math.ceil(2 * half) } as const;
}

function bareCandidate(input: BalanceInput, target: Target): Candidate {
  const fit = judgeNone(input, target);
  return {
    ...fit,
    set: [],
    seat: null,
    scoreStops: fit.fitStops,
    noGlow: false,
    playMm: null,
    levelCostStops: null,
    warnings: [],
  };
}

/** A found set at the seat that hands can set, with its figures. */
function candidate(search: Search, { ranked, seated }: Found): Candidate {
  const { input, target } = search;
  if (!seated) return bareCandidate(input, target);
  const settable = settableSeat(seated.search, seated.raw);
  return {
    ...atSeat(input, target, ranked.set, seatOf(settable)),
    playMm: playOf(seated.search, settable),
    levelCostStops: levelCost(seated.search, seated.raw),
    warnings: warningsOf(input, ranked.set, seatOf(settable), ranked.atBound),
  };
}

/** Figures of a set at any seat, without play: cheap enough for a drag. */
function atSeat(input: BalanceInput, target: Target, set: SheetSet, seat: Seat) {
  const fit = judgeSeat(input, target, seat, fineDimming(input, set, seat));
  const noGlow = lacksGlow(set, target);
  return {
    ...fit,
    set,
    seat,
    noGlow,
    scoreStops:
      fit.fitStops + fixedCost(set, target) + TURN_COST * Math.abs(seat.turnDeg - target.skylineTurnDeg),
  };
}

/** Dimming of a set from a fine table over all that the frame can ask for at a seat. */
export function fineDimming(input: BalanceInput, set: SheetSet, seat: Seat): (y: number) => number {
  const reach = reachInBins(input) * BIN_MM + SLOPE_HALF_MM;
  const table = dimmingTable(
    set.map((s) => s.sheet),
    beamDiameterMm(input.lens),
    { fromMm: -reach - seat.offsetMm, toMm: reach - seat.offsetMm, stepMm: FINE_MM },
  );
  return (y) => tableDimmingAt(table, y);
}

/** The photographer's own choice of glass and seat, judged by the same figures. */
export function judgeChoice(
  input: BalanceInput,
  target: Target,
  { set, seat }: { set: SheetSet; seat: Seat | null },
): Candidate {
  if (!seat) return bareCandidate(input, target);
  const s = startSet(startSearch(input, target), set);
  const raster = {
    turn: seat.turnDeg / TURN_STEP_DEG,
    offset: Math.round(seat.offsetMm / BIN_MM),
  };
  const figures = atSeat(input, target, set, seat);
  return {
    ...figures,
    playMm: playOf(s, { ...raster, fit: figures.fitStops, score: figures.scoreStops }),
    levelCostStops: null,
    warnings: warningsOf(input, set, seat, Math.abs(raster.offset) >= OFFSET_LIMIT),
  };
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
  const free = offsetsWithoutEdges(input, set, seat.turnDeg);
  const offset = seat.offsetMm / BIN_MM;
  if (!free || offset < free[0] - 1e-9 || offset > free[1] + 1e-9) warnings.push('edge-may-show');
  return warnings;
}
