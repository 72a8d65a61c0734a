import { glassWorkings } from './glass';
import { exposeWorking, glassWorking, liftWorking, needWorking, safetyWorking, spanWorking } from './light';
import { fallWorkings, meanWorkings, readingWorking, throughWorking } from './readings';
import { type Working, type WorkingContext } from './types';

export { offsetText } from './light';
export type { Working, WorkingContext, WorkingOf } from './types';

/** The working of every figure that a stand has, in the order of the worksheet. */
export function workings(context: WorkingContext): Working[] {
  const { derived } = context;
  const { prepared } = derived;
  if (!prepared) return [];
  return [
    ...(derived.inUse?.outcome.readings ?? []).map((r) => readingWorking(context, prepared, r)),
    ...meanWorkings(context, prepared),
    ...fallWorkings(context),
    throughWorking(context),
    spanWorking(prepared, derived),
    needWorking(context, prepared),
    glassWorking(context),
    ...glassWorkings(context, prepared),
    exposeWorking(context, prepared),
    liftWorking(context),
    safetyWorking(context),
  ].filter((w) => w !== null);
}
