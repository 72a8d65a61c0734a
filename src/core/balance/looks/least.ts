import { CAP_MARGIN, readSides } from '@/core/balance/problem/sides';
import { type LookSolver } from '@/core/balance/problem/types';

/** Least glass: no more is taken than does not fit between what may be brightest and what still prints (solver: least glass). */
export const LEAST_LOOK: LookSolver = {
  sidesOf: (readings, { gapStops }, { window: { highlightRoom, printRoom }, ground }) =>
    readSides(readings, ground, ({ spanStops, aboveDarkStops }) =>
      Math.min(Math.abs(spanStops) - gapStops, aboveDarkStops - (highlightRoom - CAP_MARGIN) - printRoom),
    ),
  exposesFor: 'brightest',
  seeks: 'weakest',
};
