import { polarises } from '@/core/glass';
import { type Filter, isSheet, type Stand } from '@/model';
import { useStand, useStandBag } from '../session';

/** What can be put on the lens beside the grads, the polarisers first; what is put away only while it is on. */
export function useOffered(): Filter[] {
  const stand = useStand();
  return useStandBag()
    .filters.filter((f) => !isSheet(f) && (!f.archived || isFitted(stand, f)))
    .toSorted((a, b) => Number(polarises(b)) - Number(polarises(a)));
}

export const isFitted = ({ fitted }: Stand, { id }: Filter): boolean =>
  !!fitted?.some((f) => f.filterId === id);
