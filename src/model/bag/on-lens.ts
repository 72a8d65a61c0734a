import { type FittedFilter, type Stand } from '../stand/stand';
import { type Bag, filtersById } from './bag';

/** Puts a filter on the lens beside the grads, or takes it off. */
export function putFitted(stand: Stand, filterId: string, on: boolean): Stand {
  const others = (stand.fitted ?? []).filter((f) => f.filterId !== filterId);
  return { ...stand, fitted: on ? [...others, { filterId }] : others };
}

/** The polariser on the lens, if there is one. */
export const fittedPolariser = (stand: Pick<Stand, 'fitted'>, bag: Bag): FittedFilter | undefined =>
  stand.fitted?.find((f) => filtersById(bag, [f.filterId]).some((b) => b.kind === 'polariser'));

/** The NDs on the lens. */
export const fittedNds = ({ fitted = [] }: Stand, bag: Bag): string[] =>
  filtersById(
    bag,
    fitted.map((f) => f.filterId),
  )
    .filter((f) => f.kind === 'neutral')
    .map((f) => f.id);

/** Puts these NDs on the lens in place of those that are there; a polariser stays. */
export function withNds(stand: Stand, bag: Bag, filterIds: readonly string[]): Stand {
  const off = new Set(fittedNds(stand, bag));
  const kept = (stand.fitted ?? []).filter((f) => !off.has(f.filterId));
  return { ...stand, fitted: [...kept, ...filterIds.map((filterId) => ({ filterId }))] };
}
