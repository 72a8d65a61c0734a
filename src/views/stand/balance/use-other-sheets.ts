import { useMemo } from 'react';
import { chosenGlass, filtersAtHand, type Glass, isSheet } from '@/model';
import { useDerived, useStand, useStandBag } from '../session';

/** Each sheet that is along and is none of some sets by itself, where it would serve best here. */
export function useOtherSheets(glasses: readonly Glass[]): readonly Glass[] {
  const stand = useStand();
  const bag = useStandBag();
  const { prepared } = useDerived();
  return useMemo(() => {
    const listed = new Set(glasses.flatMap(({ filterIds }) => (filterIds.length === 1 ? filterIds : [])));
    const others = filtersAtHand(bag).filter((f) => isSheet(f) && !listed.has(f.id));
    return others.map(({ id }) =>
      chosenGlass(stand, bag, {
        prepared,
        choice: { filterIds: [id], offsetMm: 0, turnDeg: 0, follows: true },
      }),
    );
  }, [stand, bag, prepared, glasses]);
}
