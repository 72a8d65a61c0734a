import { type Bag, type Filter, filtersById, isSheet } from '@/model';
import { listText } from '../figures/figures';
import { filterKindText } from './kinds';

/** A filter by the name its owner gave it, or by what it is. */
export const filterName = (filter: Filter): string => filter.name?.trim() || filterKindText(filter);

/** What a thing of the bag is called: a filter by what it is, a lens or camera by its name. */
export function thingName(thing: { readonly id: string; readonly name?: string | undefined }): string {
  return 'kind' in thing ? filterName(thing as Filter) : thing.name?.trim() || thing.id;
}

/** Several sheets by name, the one nearest the lens first, or none. */
export function glassName(filters: readonly Filter[]): string {
  return filters.length ? filters.filter(isSheet).map(filterName).join(' with ') : 'no grad';
}

/** Sheets of a bag by their ids, as `glassName` calls them. */
export const glassNamed = (bag: Bag, ids: readonly string[]): string => glassName(filtersById(bag, ids));

/** What a reading was taken through: "the bare lens", "6 stops and polariser". */
export function throughText(filterIds: readonly string[], { filters }: Bag): string {
  if (!filterIds.length) return 'the bare lens';
  return listText(
    filterIds.map((id) => {
      const filter = filters.find((f) => f.id === id);
      return filter ? filterName(filter) : id;
    }),
  );
}
