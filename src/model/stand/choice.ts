import { type Seat } from '@/core/optics';
import { type Choice, type Stand } from './stand';

/** The stand with glass at a seat that the photographer chose, or with the computed one again: for the light as it is. */
export const choose = (stand: Stand, choice: Choice | undefined): Stand => {
  const { choice: _, ...rest } = notFittedFor(stand);
  return choice ? { ...rest, choice } : rest;
};

/** The stand without the mark that its glass was chosen for a moment to come. */
export function notFittedFor<S extends Pick<Stand, 'coming'>>(stand: S): S {
  if (!stand.coming?.fitFor) return stand;
  const { fitFor: _, ...coming } = stand.coming;
  return { ...stand, coming };
}

/** The stand with glass that the forecast makes right at a moment to come, ISO 8601. */
export const fitFor = (stand: Stand, choice: Choice, at: string): Stand => ({
  ...choose(stand, choice),
  coming: { ...stand.coming, fitFor: at },
});

/** Glass as it is, as a choice of one's own. */
export const choiceOf = ({
  filterIds,
  seat,
  apartMm,
}: Pick<Choice, 'filterIds'> & { readonly seat: Seat; readonly apartMm: number }): Choice => ({
  filterIds,
  ...seat,
  ...(apartMm ? { apartMm } : {}),
});

/** Whether two choices name the same glass at the same seat. */
export function sameChoice(a: Choice | undefined, b: Choice | undefined): boolean {
  return (
    a === b ||
    (!!a &&
      !!b &&
      a.offsetMm === b.offsetMm &&
      a.turnDeg === b.turnDeg &&
      (a.apartMm ?? 0) === (b.apartMm ?? 0) &&
      a.follows === b.follows &&
      a.filterIds.join('\n') === b.filterIds.join('\n'))
  );
}
