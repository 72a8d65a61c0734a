import {
  type Balance,
  bareMidGreyEvOf,
  type Candidate,
  groundOf,
  isAsGood,
  judgeChoice,
  type NoPlan,
  type Outcome,
  outcomeOf,
  reachOf,
  sameSet,
  type SeatWarning,
  type SheetSet,
  spanOf,
} from '@/core/balance';
import { type Seat } from '@/core/optics';
import { type LiftCost, liftCost } from '@/core/sensor';
import { exactIso } from '@/core/units';
import { type Bag, type Filter, filtersById, isSheet, sticksOutMm } from '../bag/bag';
import { type SeenCast, seenCast } from './cast';
import { type Nudge, nudgeOf } from '../check/evidence/line';
import { bracketOf, type StandBracket } from './bracket';
import { type Prepared, prepareStand } from './prepare';
import { setOf } from '../resolve/glass';
import { settingsOf } from '../resolve/lens';
import { traitsOf } from '../terms/looks';
import { solutionKey } from './key';
import { type Solution } from './solve';
import { type Choice, type Stand } from '../stand/stand';
import { type ThroughTime, throughTimeOf } from './through';

/** Glass at a seat, with everything it does. */
export interface Glass {
  readonly filterIds: readonly string[];
  readonly filters: readonly Filter[];
  /** The same sheets as the core takes them. */
  readonly set: SheetSet;
  readonly seat: Seat | null;
  /** How much further than at the seat the second of a pair stands out, mm; 0 where both share it. */
  readonly apartMm: number;
  /** How far each sheet is to stand above the rail, by the optics and by what shots have shown, mm; null where its length is not known. */
  readonly standOutMm: readonly (number | null)[];
  /** That of the first sheet; null without one. */
  readonly sticksOutMm: number | null;
  /** What shots have shown: it is in these figures, and in no other. */
  readonly nudge: Nudge;
  /** How far the holder is to be turned, likewise, degrees clockwise; 0 without a seat. */
  readonly turnToSetDeg: number;
  /** Null where there is no target to judge it by. */
  readonly figures: Candidate | null;
  readonly outcome: Outcome;
  /** The colour of all that is on with it; null where none of it was measured. */
  readonly cast: SeenCast | null;
  readonly warnings: readonly SeatWarning[];
  /** Under Least glass: how far the darker side must be lifted afterwards, and what that costs; else null. */
  readonly lift: Lift | null;
}

/** Glass at a seat, and the EV that comes out at mid-grey behind it; null where nothing says. */
export interface SeenThrough extends Pick<Glass, 'set' | 'seat' | 'cast'> {
  readonly evMidGrey: number | null;
}

export const seenThrough = ({ set, seat, cast, outcome }: Glass): SeenThrough => ({
  set,
  seat,
  cast,
  evMidGrey: outcome.exposure?.evMidGrey ?? outcome.bareMidGreyEv,
});

export interface Lift extends LiftCost {
  readonly stops: number;
}

/** Why there is no plan. */
export type StandFault = NoPlan | { readonly reason: 'window-too-small' | 'no-reading' };

/** All that the interface and the command line show of a stand. */
export interface Derived {
  readonly prepared: Prepared;
  readonly spanStops: number | null;
  readonly reachStops: number | null;
  /** The search's answer, if there is one for the stand as it stands now or as it was a moment ago. */
  readonly balance: Balance | null;
  /** Why there is no plan. */
  readonly fault: StandFault | null;
  /** The answer shown belongs to earlier readings, or is not there yet: a search is due. */
  readonly stale: boolean;
  /** The computed advice. */
  readonly plan: Glass | null;
  /** The glass that was advised until now, where the plan has come to other glass. */
  readonly was: readonly Filter[] | null;
  /** The photographer's own choice. */
  readonly chosen: Glass | null;
  /** What the exposure and the picture are shown through: the choice, else the plan, else nothing. */
  readonly inUse: Glass | null;
  /** The exposures that take a grad's place, where the look is a bracket. */
  readonly bracket: StandBracket | null;
  /** The exposure by what the camera read through all that was on, while no sky is read. */
  readonly through: ThroughTime | null;
}

/** Glass of the plan or of one of its alternatives. */
export function glassOf(stand: Stand, bag: Bag, prepared: Prepared, candidate: Candidate): Glass {
  return describe(stand, bag, prepared, {
    set: candidate.set,
    seat: candidate.seat,
    figures: candidate,
  });
}

/** Glass of the bag at a seat, whatever the search says of it; filters that have left the bag are left out. */
export function glassAt(
  stand: Stand,
  bag: Bag,
  prepared: Prepared,
  {
    filterIds,
    seat: wanted,
    apartMm,
  }: Pick<Choice, 'filterIds' | 'apartMm'> & { readonly seat: Seat | null },
): Glass {
  const set = setOf(bag, filterIds, apartMm);
  const seat = set.length ? wanted : null;
  return describe(stand, bag, prepared, { set, seat, figures: judgeChoice(prepared, { set, seat }) });
}

/** Glass as a choice names it; filters that have left the bag are left out, which `filterIds` shows. */
export function chosenGlass(
  stand: Stand,
  bag: Bag,
  { prepared, choice }: { prepared: Prepared; choice: Choice },
): Glass {
  const { filterIds, apartMm } = choice;
  const set = setOf(bag, filterIds, apartMm);
  return glassAt(stand, bag, prepared, {
    filterIds,
    apartMm,
    seat: set.length ? seatOfChoice(prepared, set, choice) : null,
  });
}

/**
 * Where chosen glass sits: as it was set, or where it serves best by now: by what was read where that wants something taken,
 * else along the skyline. It is the set's own answer, whatever the search has found or how much of it was worked out.
 */
function seatOfChoice(prepared: Prepared, set: SheetSet, { offsetMm, turnDeg, follows }: Choice): Seat {
  const own = { offsetMm, turnDeg };
  if (!follows) return own;
  const { laid } = prepared;
  const wants = laid.ok && laid.target.sides.spanStops !== null && laid.target.sides.neededStops > 0;
  return (wants ? prepared.seatByLight(set) : null) ?? prepared.seatAlong(set) ?? own;
}

interface Described {
  readonly set: SheetSet;
  readonly seat: Seat | null;
  readonly figures: Candidate | null;
  readonly bracket?: StandBracket | null | undefined;
}

function describe(
  stand: Stand,
  bag: Bag,
  prepared: Prepared,
  { set, seat, figures, bracket }: Described,
): Glass {
  const filterIds = set.map((s) => s.id);
  const filters = filtersById(bag, filterIds);
  const nudge = nudgeOf(stand, bag, prepared);
  const slidMm = set.map((s) => s.slidMm ?? 0);
  const standOutMm = seat
    ? filters
        .filter(isSheet)
        .map((sheet, i) => sticksOutMm(sheet, seat.offsetMm + nudge.offsetMm + (slidMm[i] ?? 0), bag.holder))
    : [];
  const outcome = outcomeOf({
    posed: prepared,
    settings: settingsOf(stand),
    fitted: prepared.fitted,
    glarePart: stand.camera.veilingGlarePart ?? 0,
    set,
    seat,
    bracket: bracket?.ok ? bracket.frames.map((f) => f.evMidGrey) : undefined,
  });
  return {
    filterIds,
    filters,
    set,
    seat,
    apartMm: slidMm[1] ?? 0,
    standOutMm,
    sticksOutMm: standOutMm[0] ?? null,
    turnToSetDeg: (seat?.turnDeg ?? 0) + nudge.turnDeg,
    nudge,
    figures,
    outcome,
    cast: seenCast(stand, bag, filters),
    warnings: figures?.warnings ?? [],
    lift: liftOf(stand, prepared, outcome),
  };
}

/** What Least glass leaves to be lifted; by other looks the land is exposed where it is wanted. */
function liftOf(stand: Stand, { input }: Prepared, { darkToneStops }: Outcome): Lift | null {
  if (!traitsOf(stand).lifts || darkToneStops === null) return null;
  const stops = Math.max(0, input.look.placementStops - darkToneStops);
  const { camera, exposure } = stand;
  return { stops, ...liftCost(camera, exactIso(exposure.iso), darkToneStops, stops) };
}

/**
 * The computed advice: the best set, or the first of those that are there already and are as good, so that it does not
 * flicker while readings come in (solver: the fit).
 */
function advised(balance: Balance, there: readonly (readonly string[])[]): Candidate {
  const asGood = balance.best.filter((_, i) => isAsGood(balance.ranking[i]!, balance));
  const kept = there.flatMap((filterIds) => asGood.find((c) => sameSet(c.set, filterIds)) ?? []);
  return kept[0] ?? (balance.advice as Candidate);
}

/**
 * Everything derived from a stand, its bag and the search's answer: pure, synchronous, and cheap once `prepared` is at
 * hand, so that a drag can run it every frame.
 *
 * @param held the filters that were advised until now, which stay where they are as good; null for none
 */
export function deriveStand(
  stand: Stand,
  bag: Bag,
  solution: Solution | null,
  prepared = prepareStand(stand, bag),
  held: readonly string[] | null = null,
): Derived {
  const result = solution?.result ?? null;
  const stale = !solution || solution.key !== solutionKey(stand, bag);
  const { readings } = prepared.input.field;
  const balance = result?.ok ? result.balance : null;
  const there = [stand.choice?.filterIds, held].filter((ids) => !!ids);
  const plan = balance && glassOf(stand, bag, prepared, advised(balance, there));
  const { usesGlass, readsLight } = traitsOf(stand);
  const chosen =
    stand.choice && usesGlass ? chosenGlass(stand, bag, { prepared, choice: stand.choice }) : null;
  const bracket = usesGlass ? null : bracketOf(stand, bag, prepared, bareMidGreyEvOf(prepared.input));
  const inUse = chosen ?? plan ?? noGlass(stand, bag, prepared, bracket);
  return {
    prepared,
    spanStops: readsLight ? spanOf(readings, groundOf(prepared.input.field)) : null,
    reachStops: reachOf(readings),
    balance,
    fault: result && !result.ok ? result : bracket && !bracket.ok ? bracket : null,
    stale,
    plan,
    was: plan && held && !sameSet(plan.set, held) ? thoseHere(bag, held) : null,
    chosen,
    inUse,
    bracket,
    through: throughTimeOf(stand, bag, prepared, chosen),
  };
}

/** Filters that are all in the bag still; null where one has left it. */
function thoseHere(bag: Bag, ids: readonly string[]): readonly Filter[] | null {
  const here = filtersById(bag, ids);
  return here.length === ids.length ? here : null;
}

/** The stand without a grad, in one exposure or in those of a bracket. */
const noGlass = (stand: Stand, bag: Bag, prepared: Prepared, bracket: StandBracket | null): Glass =>
  describe(stand, bag, prepared, {
    set: [],
    seat: null,
    figures: judgeChoice(prepared, { set: [], seat: null }),
    bracket,
  });
