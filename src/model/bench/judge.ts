import { judgeChoice, type SheetSet } from '@/core/balance';
import { mean } from '@/core/numerics';
import { polarises } from '@/core/glass';
import { type Seat } from '@/core/optics';
import { type Bag, filtersById } from '../bag/bag';
import { type Derived, deriveStand, type Glass, glassAt } from '../answer/derive';
import { meteredEv } from '../stand/metered';
import { takenStops } from '../resolve/glass';
import { type Solution } from '../answer/solve';
import { setOfTake } from '../check/evidence/light';
import { type Reading, type Stand, type Take } from '../stand/stand';
import { EXERCISE_TABLE } from './exercises';
import { type TrueShot } from './shot';
import { type BenchChoice, type ExerciseId } from '../terms/bench';
import { leftUntold, type Truth } from './truth';

/** What a choice cost beside an experienced hand's, stops; each with the others as they were. */
export type Costs = Readonly<Record<BenchChoice, number>>;

/** By how much each part of the frame was read too bright, stops; what was not read is absent. */
export type Misread = Readonly<Partial<Record<'sky' | 'land' | 'water', number>>>;

/** What is told of a shot afterwards. */
export interface Told {
  readonly costs: Costs;
  readonly misread: Misread;
  /** A polariser was turned into the light between the readings and the shot. */
  readonly polariserLate: boolean;
  /** By how much longer than serves behind its own glass the shutter was open, stops; shorter negative, within what serves 0. */
  readonly longerStops: number;
  /** By how much the sky comes out darker than the water that mirrors it, stops; null without water. */
  readonly skyUnderWaterStops: number | null;
  /** Glass that the exercise asks for and that was not on. */
  readonly lacking: readonly string[];
  /** Glass that was on the simulated lens and had not been told of. */
  readonly left: readonly string[];
  /** The shot's own glass in that light. */
  readonly own: Glass;
  /** What an experienced hand would have done, in the same light and from the same bag. */
  readonly expert: Derived;
  readonly expertStand: Stand;
}

/**
 * Judges a shot by the light that really was, with the same figures that advise: every choice by itself, the others being as
 * they were (solver: the fit), and the time by how far the darker side comes out from where it was wanted.
 *
 * @param solution the search's answer for the truth behind the shot
 */
export function toldOf(
  stand: Stand,
  bag: Bag,
  { taken, shot, solution }: { readonly taken: Take; readonly shot: TrueShot; readonly solution: Solution },
): Told {
  const { truth, take, through } = shot;
  const { prepared } = truth;
  const readings = readFor(stand, take);
  const expert = deriveStand(truth.stand, bag, solution, prepared);
  const set = setOfTake(bag, take);
  const best = set.length ? prepared.seatByLight(set) : null;
  const scoreAt = (seat: Seat | null) => scoreOf(truth, set, seat);
  const own = glassAt(truth.stand, bag, prepared, {
    filterIds: take.filterIds,
    seat: take.seat ?? null,
    apartMm: take.apartMm,
  });
  const longerStops = beyondWanted(through.evMidGrey, own, truth);
  const seatAlone = scoreAt(take.seat ?? null) - scoreAt(best);
  const glassAlone = scoreAt(best) - (expert.inUse?.figures?.scoreStops ?? 0);
  const toneOf = (role: string) =>
    own.outcome.readings.find((r) => r.id === `true-${role}`)?.toneThroughStops;
  const [sky, water] = [toneOf('sky'), toneOf('water')];
  return {
    costs: { glass: Math.max(0, glassAlone), seat: Math.max(0, seatAlone), time: Math.abs(longerStops) },
    misread: misreadOf(readings, bag, truth),
    polariserLate: isPolariserLate(readings, bag, take),
    longerStops,
    skyUnderWaterStops: sky === undefined || water === undefined ? null : Math.max(0, water - sky),
    lacking: lackingIn(stand.bench?.exercise, take),
    left: leftUntold(stand, taken.fitted),
    own,
    expert,
    expertStand: truth.stand,
  };
}

/**
 * By how much longer a shot was open than serves, stops, shorter negative: anything serves between the time that holds the
 * brightest and the one that places the darker side where it is wanted.
 */
function beyondWanted(evMidGrey: number | null, own: Glass, { stand }: Truth): number {
  const holding = own.outcome.exposure?.evMidGrey;
  if (evMidGrey === null || holding === undefined) return 0;
  const placing = holding - capStops(own, stand);
  return evMidGrey > holding ? holding - evMidGrey : evMidGrey < placing ? placing - evMidGrey : 0;
}

/** By how much glass's own time is shortened to hold the brightest, stops; 0 where it need not be. */
function capStops({ outcome }: Glass, { look }: Stand): number {
  return outcome.darkToneStops === null
    ? 0
    : Math.max(0, (look.landPlacementStops ?? 0) - outcome.darkToneStops);
}

const scoreOf = ({ prepared }: Truth, set: SheetSet, seat: Seat | null): number =>
  judgeChoice(prepared, { set, seat })?.scoreStops ?? 0;

/** What had been read when a shot was made. */
const readFor = ({ readings }: Stand, { takenAt }: Take): readonly Reading[] =>
  readings.filter((r) => r.takenAt === undefined || Date.parse(r.takenAt) <= Date.parse(takenAt));

/** What each part was read as, what the meter looked through added back whole, beside what it was. */
function misreadOf(readings: readonly Reading[], bag: Bag, truth: Truth): Misread {
  const off = (role: 'sky' | 'land' | 'water') => {
    const own = readings.filter((r) => r.role === role && !r.limit);
    const really = truth.stand.readings.find((r) => r.role === role)?.ev100;
    if (!own.length || really === undefined) return {};
    const read = own.map(
      (r) =>
        meteredEv(r) + filtersById(bag, r.throughFilterIds ?? []).reduce((sum, f) => sum + takenStops(f), 0),
    );
    return { [role]: mean(read) - really };
  };
  return { ...off('sky'), ...off('land'), ...off('water') };
}

function isPolariserLate(readings: readonly Reading[], bag: Bag, { fitted = [] }: Take): boolean {
  const polarisers = new Set(bag.filters.filter(polarises).map((f) => f.id));
  const shotThrough = fitted.some((f) => polarisers.has(f.filterId));
  return readings.some((r) => (r.throughFilterIds ?? []).some((id) => polarisers.has(id)) !== shotThrough);
}

const lackingIn = (exercise: ExerciseId | undefined, { fitted = [] }: Take): readonly string[] =>
  ((exercise && EXERCISE_TABLE[exercise].asksFor) ?? []).filter(
    (id) => !fitted.some((f) => f.filterId === id),
  );
