import { beamDiameterMm, type Seat, tableDimmingAt } from '@/core/optics';
import { neededHalfWidthMm, offsetsWithoutEdges } from './allowed';
import { BIN_MM, OFFSET_LIMIT } from './bins';
import { judgeNone, judgeSeat } from './fit';
import { type Posed } from './pose';
import {
  bestSeat,
  fixedCost,
  lacksGlow,
  mostInFrame,
  type ScoredSeat,
  seatOf,
  type SetSearch,
  TURN_COST,
  TURN_STEP_DEG,
  turnRange,
} from './search';
import { isAtBound, levelCost, playOf, settableSeat } from './seat';
import { type Target } from './target';
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

interface Found {
  readonly ranked: Ranked;
  readonly seated: { readonly search: SetSearch; readonly raw: ScoredSeat } | null;
}

/**
 * Chooses and seats the glass (solver): the best of every single sheet and no sheet.
 *
 * @param workedOut how many of the best sets to work out in full, at seats that hands can set.
 */
export function balance(posed: Posed, workedOut = BEST): BalanceResult {
  const { input, laid } = posed;
  if (!laid.ok) return laid;
  const { target } = laid;
  const seated = input.sheets.flatMap((sheet) => findSeat(posed.tables([sheet]).search));
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
      best: found.slice(0, workedOut).map((f) => candidate(posed, target, f)),
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

function noFilter(input: BalanceInput, target: Target): Found {
  const { fitStops } = judgeNone(input, target);
  return {
    ranked: { set: [], seat: null, fitStops, scoreStops: fitStops, noGlow: false, atBound: false },
    seated: null,
  };
}

function findSeat(s: SetSearch | null): Found[] {
  const raw = s && bestSeat(s);
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
  const [from, to] = turnRange(target);
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
function candidate(posed: Posed, target: Target, { ranked, seated }: Found): Candidate {
  if (!seated) return bareCandidate(posed.input, target);
  const settable = settableSeat(seated.search, seated.raw);
  return {
    ...atSeat(posed, target, ranked.set, seatOf(settable)),
    playMm: playOf(seated.search, settable),
    levelCostStops: levelCost(seated.search, seated.raw),
    warnings: warningsOf(posed.input, ranked.set, seatOf(settable), ranked.atBound),
  };
}

/** Figures of a set at any seat, without play. */
function atSeat({ input, tables }: Posed, target: Target, set: SheetSet, seat: Seat) {
  const { fine } = tables(set);
  const fit = judgeSeat(input, target, seat, (y) => tableDimmingAt(fine, y));
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

/** The photographer's own choice of glass and seat, judged by the same figures; null where there is no target. */
export function judgeChoice(
  posed: Posed,
  { set, seat }: { set: SheetSet; seat: Seat | null },
): Candidate | null {
  const { input, laid } = posed;
  if (!laid.ok) return null;
  if (!seat) return bareCandidate(input, laid.target);
  const { search } = posed.tables(set);
  const raster = {
    turn: seat.turnDeg / TURN_STEP_DEG,
    offset: Math.round(seat.offsetMm / BIN_MM),
  };
  const figures = atSeat(posed, laid.target, set, seat);
  return {
    ...figures,
    playMm: search && playOf(search, { ...raster, fit: figures.fitStops, score: figures.scoreStops }),
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
