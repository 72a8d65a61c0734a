import fc from 'fast-check';
import { type Posed, type SheetSet } from '@/core/balance';
import { exhaustiveSeat } from '@/core/balance/exhaustive';
import { judgeSeat } from '@/core/balance/fit';
import { lensFor } from '@/core/balance/pose';
import { doingAt, seatOf, TURN_STEP_DEG } from '@/core/balance/search';
import { beamDiameterMm, dimmingAt, stackOf } from '@/core/optics';
import { type Bag, type Stand } from '@/model';
import { anyBag, anyStand, prepared } from './fixtures';

/**
 * Cases of the search, and what the search through every seat finds in them. That takes seconds a case: what it found is stored
 * in `tests/vectors/search.json` (`npm run search-vectors` writes it), and the tests hold a few of them to it anew.
 */

/** Sets of one or two sheets of a bag, by two numbers. */
const pick = ({ input: { sheets } }: Posed, a: number, b: number): SheetSet => {
  const [first, second] = [sheets[a % sheets.length], sheets[b % sheets.length]];
  return first && second ? (first === second ? [first] : [first, second]) : [];
};

/** A set to be seated at a stand. */
export interface SeatCase {
  readonly posed: Posed;
  readonly set: SheetSet;
}

/** Random stands, each with a set of its bag; those that have a line to be laid. */
export function seatCases(count: number): SeatCase[] {
  const drawn = fc.sample(fc.tuple(anyStand, anyBag, fc.nat(20), fc.nat(20)), { numRuns: count, seed: 7 });
  return drawn.flatMap(([stand, bag, a, b]) => {
    const posed = prepared(stand, bag);
    return posed.laid.ok ? [{ posed, set: pick(posed, a, b) }] : [];
  });
}

/** The best score of a set at any seat whatever; null where no seat is allowed. */
export const bestScore = ({ posed, set }: SeatCase): number | null =>
  exhaustiveSeat(posed.searchFor(set)!)?.score ?? null;

/** A set at a seat, by the search's own steps of turn and offset. */
export interface FitCase extends SeatCase {
  readonly turn: number;
  readonly offset: number;
}

/** Random stands, each with a set of its bag at any seat near the one that it wants. */
export function fitCases(count: number): FitCase[] {
  const drawn = fc.sample(
    fc.tuple(
      anyStand,
      anyBag,
      fc.tuple(fc.nat(20), fc.nat(20)),
      fc.integer({ min: -80, max: 80 }),
      fc.integer({ min: -120, max: 120 }),
    ),
    { numRuns: count, seed: 20_261_125 },
  );
  return drawn.flatMap(([stand, bag, [a, b], offset, turned]) => {
    const posed = prepared(stand, bag);
    if (!posed.laid.ok) return [];
    const turn = (posed.laid.target.upsideDown ? 180 : 0) / TURN_STEP_DEG + turned;
    return [{ posed, set: pick(posed, a, b), turn, offset }];
  });
}

/** How well a set fits at a seat, cell by cell and by the integral itself (solver: The fit). */
export function fitByDefinition({ posed, set, turn, offset }: FitCase): number {
  const { input, laid } = posed;
  if (!laid.ok) throw new Error(laid.reason);
  const seated = { lens: lensFor(input.lens, set), seat: seatOf({ turn, offset }) };
  return judgeSeat(input, laid.target, seated, exactDimming(posed, set)).fitStops;
}

/** The set's dimming by the integral itself at one distance, as `judgeSeat` asks for it. */
function exactDimming({ input: { lens } }: Posed, set: SheetSet) {
  const beam = beamDiameterMm(lens);
  const known = new Map<number, ReturnType<typeof stackOf>>();
  return (y: number, slant: number) => {
    const key = Math.round(slant * 1e4) / 1e4;
    const stack =
      known.get(key) ??
      stackOf(
        set.map((s) => s.sheet),
        { slant: key },
      );
    known.set(key, stack);
    return dimmingAt(stack, y, beam);
  };
}

/** Random stands under skies so bright that one sheet is seldom enough, each with three sheets and two slots. */
export function pairCases(count: number): Posed[] {
  const drawn = fc.sample(fc.tuple(anyStand, anyBag), { numRuns: count, seed: 11 });
  return drawn.flatMap(([stand, bag]: [Stand, Bag]) => {
    const readings = stand.readings.map((r) =>
      r.role === 'sky' ? { ...r, ev100: (r.ev100 as number) + 5 } : r,
    );
    const posed = prepared({ ...stand, readings }, { slots: 2, filters: bag.filters.slice(0, 3) });
    return posed.laid.ok ? [posed] : [];
  });
}

/** What is best among all sets of one or two sheets, each at its best seat whatever. */
export interface BestSet {
  readonly scoreStops: number;
  readonly sheets: number;
}

export function bestOfAllSets(posed: Posed): BestSet | null {
  const { sheets } = posed.input;
  const sets = sheets.flatMap((x, i) => sheets.slice(i).map((y): SheetSet => (x === y ? [x] : [x, y])));
  let best: BestSet | null = null;
  for (const set of sets) {
    const s = posed.searchFor(set)!;
    const seat = exhaustiveSeat(s);
    const doing = seat && doingAt(s, seat);
    // a set that does less than a quarter of what is wanted is no candidate
    if (!doing || doing.meanOverBright < 0.25 * doing.wantedOverBright) continue;
    if (!best || seat.score < best.scoreStops) best = { scoreStops: seat.score, sheets: set.length };
  }
  return best;
}

/** What is stored of the cases: so many were drawn, and this was found in each that was kept. */
export interface SearchVectors {
  readonly fits: { readonly drawn: number; readonly stops: readonly number[] };
  readonly seats: { readonly drawn: number; readonly best: readonly (number | null)[] };
  readonly pairs: { readonly drawn: number; readonly best: readonly (BestSet | null)[] };
}
