import { type BagSheet, type FittedGlass, type SheetSet, slidBy } from '@/core/balance';
import { isDensity, polarises, stopsOfGlass } from '@/core/glass';
import {
  type Bag,
  type Filter,
  filtersById,
  isSheet,
  profileOf,
  type SheetFilter,
  sheetOf,
} from '../bag/bag';
import { fittedFilters } from '../bag/on-lens';
import { type Stand } from '../stand/stand';

/** What a filter takes: as it was measured, where it was, else as it is sold, stops. */
export const takenStops = (filter: Filter): number =>
  isSheet(filter) ? stopsOfGlass(profileOf(filter)) : (filter.measuredStops ?? stopsOfGlass(filter));

/** What some filters take together, stops. */
export const totalStops = (filters: readonly Filter[]): number =>
  filters.reduce((sum, f) => sum + takenStops(f), 0);

/** What the ND and polarisers among some filters take, stops. */
export const plainStops = (bag: Bag, ids: readonly string[]): number =>
  totalStops(filtersById(bag, ids).filter((f) => !isSheet(f)));

/** What a filter takes beside what it takes by polarising: that is lost to a meter behind it already. */
export function unpolarisedStops(filter: Filter): number {
  if (!polarises(filter)) return takenStops(filter);
  return isDensity(filter) && 'baseLossStops' in filter
    ? Math.max(0, takenStops(filter) - filter.baseLossStops)
    : 0;
}

/** What the ND and the polariser on the lens take from everything beyond what the meter saw taken, stops. */
export const fittedStops = (stand: Stand, bag: Bag): number => fittedGlass(stand, bag).stops;

/** Glass on the lens beside the grads, and what is to be added for it to a time that the readings give. */
export interface FittedCharge {
  readonly filter: Filter;
  readonly stops: number;
}

/**
 * What the ND and the polariser on the lens are charged. A polariser stays on while one reads: what was read through one has
 * lost its light already, and glass that was on is never counted again (physics 1).
 */
export function fittedCharges(stand: Stand, bag: Bag): FittedCharge[] {
  const seen = filtersById(
    bag,
    stand.readings.flatMap((light) => light.throughFilterIds ?? []),
  ).some(polarises);
  return fittedFilters(stand, bag).map((filter) => ({
    filter,
    stops: seen ? unpolarisedStops(filter) : takenStops(filter),
  }));
}

/** The ND and the polariser on the lens, as the core takes them. */
export function fittedGlass(stand: Stand, bag: Bag): FittedGlass {
  const charges = fittedCharges(stand, bag);
  const total = (of: readonly FittedCharge[]) => of.reduce((sum, { stops }) => sum + stops, 0);
  return {
    stops: total(charges),
    dyedStops: total(charges.filter(({ filter: f }) => isDensity(f) && 'body' in f && f.body === 'dyed')),
  };
}

/**
 * The sheets that ids name, as the core takes them.
 *
 * @param apartMm how far the second of a pair is slid by itself, mm
 */
export const setOf = (bag: Bag, ids: readonly string[], apartMm = 0): SheetSet =>
  filtersById(bag, ids)
    .filter(isSheet)
    .map((sheet, i) => slidBy(bagSheet(sheet), i === 1 ? apartMm : 0));

export function bagSheet(filter: SheetFilter): BagSheet {
  return { id: filter.id, sheet: sheetOf(filter), widthMm: filter.sheetWidthMm };
}
