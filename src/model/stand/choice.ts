import { type Choice, type Stand } from './stand';

/** The stand with glass at a seat that the photographer chose, or with the computed one again. */
export const choose = (stand: Stand, choice: Choice | undefined): Stand => {
  const { choice: _, ...rest } = stand;
  return choice ? { ...rest, choice } : rest;
};

/** Whether two choices name the same glass at the same seat. */
export function sameChoice(a: Choice | undefined, b: Choice | undefined): boolean {
  return (
    a === b ||
    (!!a &&
      !!b &&
      a.offsetMm === b.offsetMm &&
      a.turnDeg === b.turnDeg &&
      a.filterIds.join('\n') === b.filterIds.join('\n'))
  );
}
