import { isDensity, polarises } from '@/core/glass';
import { type FittedFilter, type Stand } from '../stand/stand';
import { type Bag, type Filter, filtersById, isSheet, type SheetFilter } from './bag';

/** Puts a filter on the lens beside the grads, or takes it off. */
export function putFitted(stand: Stand, filterId: string, on: boolean): Stand {
  const others = (stand.fitted ?? []).filter((f) => f.filterId !== filterId);
  return { ...stand, fitted: on ? [...others, { filterId }] : others };
}

/** Glass on the lens that is no sheet, as it was put on. */
export const fittedFilters = (
  { fitted = [] }: Pick<Stand, 'fitted'>,
  bag: Bag,
): Exclude<Filter, SheetFilter>[] =>
  filtersById(
    bag,
    fitted.map((f) => f.filterId),
  ).filter((f): f is Exclude<Filter, SheetFilter> => !isSheet(f));

/** The polariser on the lens, if there is one. */
export const fittedPolariser = (stand: Pick<Stand, 'fitted'>, bag: Bag): FittedFilter | undefined =>
  stand.fitted?.find((f) => filtersById(bag, [f.filterId]).some(polarises));

/** The NDs on the lens. */
export const fittedNds = (stand: Pick<Stand, 'fitted'>, bag: Bag): string[] =>
  fittedFilters(stand, bag)
    .filter(isDensity)
    .map((f) => f.id);

/** Puts these NDs on the lens in place of those that are there; a polariser stays. */
export function withNds(stand: Stand, bag: Bag, filterIds: readonly string[]): Stand {
  const off = new Set(fittedNds(stand, bag));
  const kept = (stand.fitted ?? []).filter((f) => !off.has(f.filterId));
  return { ...stand, fitted: [...kept, ...filterIds.map((filterId) => ({ filterId }))] };
}
