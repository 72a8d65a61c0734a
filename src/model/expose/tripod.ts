import { polarises } from '@/core/glass';
import { type Bag } from '../bag/bag';
import { fittedFilters, fittedNds } from '../bag/on-lens';
import { type Derived } from '../answer/derive';
import { totalStops } from '../resolve/glass';
import { exposureSeconds } from '../answer/slip';
import { isStale, oldestReadingMinutes } from '../readings/age';
import { type Stand } from '../stand/stand';
import { TRIPOD_STEPS, type TripodStep } from '../terms/stand';
import { fittedCharges } from '../resolve/glass';

/** Through glass as dense as this nothing can be composed or focused, stops. */
const DENSE_STOPS = 5;
/** Exposures as long as this let light in through the finder, s. */
const LONG_SECONDS = 1;

/** The list at the tripod, made from the stand. */
export interface TripodList {
  readonly steps: readonly TripodStep[];
  /** Those that are done: going on implies the ones before. */
  readonly done: number;
  /** The only thing to do now; null where all is done. */
  readonly next: TripodStep | null;
}

/** What there is to do at the tripod for this stand, in order. */
export function tripodList(stand: Stand, bag: Bag, derived: Derived): TripodList {
  const isOn = partsOf(stand, bag, derived);
  const steps = TRIPOD_STEPS.filter((step) => isOn[step] !== false);
  const upTo = stand.tripodUpTo ? TRIPOD_STEPS.indexOf(stand.tripodUpTo) : -1;
  const done = steps.filter((step) => TRIPOD_STEPS.indexOf(step) <= upTo).length;
  return { steps, done, next: steps[done] ?? null };
}

/** Which steps a stand has no use for. */
function partsOf(stand: Stand, bag: Bag, derived: Derived): Partial<Record<TripodStep, boolean>> {
  const hasGrad = !!derived.inUse?.seat;
  const hasNd = fittedNds(stand, bag).length > 0;
  return {
    polariser: fittedFilters(stand, bag).some(polarises),
    grad: hasGrad,
    line: hasGrad,
    nd: hasNd,
    rail: hasGrad && hasNd,
    finder: (exposureSeconds(stand, derived) ?? 0) >= LONG_SECONDS,
    'leave-out': (stand.leaveOut ?? []).length > 0,
  };
}

/** The stand with the list gone through up to a step; undefined for none of it. */
export function withTripodUpTo({ tripodUpTo: _, ...stand }: Stand, step: TripodStep | undefined): Stand {
  return step ? { ...stand, tripodUpTo: step } : stand;
}

/** The order has gone wrong: what is to be done again, or before. */
export type TripodFault = 'not-focused' | 'readings-old' | 'polariser-later' | 'rail-not-read';

/** What interrupts, the worst first; nothing while the order is right. */
export function tripodFaults(stand: Stand, bag: Bag, derived: Derived, nowMs: number): TripodFault[] {
  const { steps, done } = tripodList(stand, bag, derived);
  // who never took the list up goes by another
  const isTaken = stand.tripodUpTo !== undefined;
  const isDone = (step: TripodStep) => !steps.includes(step) || steps.indexOf(step) < done;
  const oldest = oldestReadingMinutes(stand, nowMs);
  const isDense = totalStops(fittedFilters(stand, bag).filter((f) => !polarises(f))) >= DENSE_STOPS;
  const polariser = fittedCharges(stand, bag).find(({ filter }) => polarises(filter));
  const isReadWithout = !!polariser && stand.readings.length > 0 && !readsThrough(stand, polariser.filter.id);
  const faults: readonly (readonly [TripodFault, boolean])[] = [
    ['not-focused', isTaken && isDense && !isDone('focus')],
    ['polariser-later', isReadWithout],
    ['readings-old', oldest !== null && isStale(oldest)],
    ['rail-not-read', isTaken && isDone('nd') && steps.includes('rail') && !isDone('rail')],
  ];
  return faults.filter(([, holds]) => holds).map(([fault]) => fault);
}

const readsThrough = ({ readings }: Stand, id: string): boolean =>
  readings.some((r) => r.throughFilterIds?.includes(id));

/** The timers that cameras have, s. */
export const CAMERA_TIMERS = [2, 5, 10] as const;

/** The camera's own timer to wait for after the tripod was touched, by how much the lens magnifies, and the wind, s. */
export function stillSeconds({ lens, wind }: Stand): (typeof CAMERA_TIMERS)[number] {
  const byLens = lens.focalLengthMm <= 35 ? 0 : lens.focalLengthMm <= 135 ? 1 : 2;
  const byWind = wind === 'gusts' ? 2 : wind === 'breeze' ? 1 : 0;
  return CAMERA_TIMERS[Math.min(2, byLens + byWind) as 0 | 1 | 2];
}
