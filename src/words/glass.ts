import { transitionName } from '@/core/glass';
import { type Filter, isSheet } from '@/model';
import { stopsText, wholeOrTenth } from './figures';

/** What a filter is: "2 stops, hard", "3 stops, reverse", "polariser". */
export function filterKindText(filter: Filter): string {
  switch (filter.kind) {
    case 'graduated':
      return `${stopsText(filter.stops)}, ${transitionName(filter.transitionMm, filter.sheetWidthMm)}`;
    case 'reverse':
      return `${stopsText(filter.stops)}, reverse`;
    case 'band':
      return `${stopsText(filter.stops)}, band of ${wholeOrTenth(filter.bandWidthMm)} mm`;
    case 'neutral':
      return `${stopsText(filter.stops)}, ND`;
    case 'polariser':
      return 'polariser';
  }
}

/** A filter by the name its owner gave it, or by what it is. */
export const filterName = (filter: Filter): string => filter.name?.trim() || filterKindText(filter);

/** Several sheets by name, or none. */
export function glassName(filters: readonly Filter[]): string {
  return filters.length ? filters.filter(isSheet).map(filterName).join(' with ') : 'no grad';
}
