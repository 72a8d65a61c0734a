import { readSides } from '@/core/balance/problem/sides';
import { type LookSolver } from '@/core/balance/problem/types';

/** Even and Natural: what is left between the sides is the gap, and the rest is taken away. */
export const GAP_LOOK: LookSolver = {
  sidesOf: (readings, { gapStops }, { ground }) =>
    readSides(readings, ground, ({ spanStops }) => Math.abs(spanStops) - gapStops),
  exposesFor: 'darker-side',
  seeks: 'best',
};
