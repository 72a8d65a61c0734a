import { slidSheet } from '@/core/glass';
import { type Seat } from '@/core/optics';
import { judgeChoice } from './plan';
import { type Posed } from './pose';
import { type BagSheet, type SheetSet } from './problem/types';

/** The second sheet of a pair is looked for so far from where the first sits, mm, by what hands can set. */
const REACH_MM = 5;
const STEP_MM = 0.5;
/** And is offered where the pair fits better by this, stops. */
const GAINS_STOPS = 0.1;

/** A second sheet slid by itself: how far, and what the pair's fit gains by it, stops. */
export interface SlidApart {
  readonly apartMm: number;
  readonly gainStops: number;
}

/** A sheet slid by itself beside its pair's seat, mm towards its dark end; the same one where it is not. */
export function slidBy(own: BagSheet, mm: number): BagSheet {
  return mm ? { ...own, sheet: slidSheet(own.sheet, mm), slidMm: mm } : own;
}

/**
 * Where the second sheet of a pair serves best beside the first, which stays where it is (solver: a pair slid apart); null where it serves
 * as well at one seat, or there is no pair, or nothing to judge it by.
 */
export function bestApart(posed: Posed, set: SheetSet, seat: Seat): SlidApart | null {
  const [first, second] = set;
  if (!first || !second) return null;
  const fitAt = (mm: number): number =>
    judgeChoice(posed, { set: [first, slidBy(second, mm)], seat })?.fitStops ?? NaN;
  const together = fitAt(0);
  let best: SlidApart | null = null;
  for (let mm = -REACH_MM; mm <= REACH_MM; mm += STEP_MM) {
    const gainStops = together - fitAt(mm);
    if (gainStops >= GAINS_STOPS && gainStops > (best?.gainStops ?? 0)) best = { apartMm: mm, gainStops };
  }
  return best;
}
