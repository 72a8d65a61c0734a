import { readSides } from '@/core/balance/problem/sides';
import { type LookSolver } from '@/core/balance/problem/types';

/**
 * A look that makes the sky darker than it need be for the span's sake: always the sky, so that there is nothing to take
 * of one that is the darker already.
 *
 * @param neededStops what is to be taken, from the span and the look's gap, which lies below nought
 */
const fromSky = (neededStops: (spanStops: number, gapStops: number) => number): LookSolver => ({
  sidesOf: (readings, { gapStops }, { ground }) => {
    const read = readSides(readings, ground, ({ spanStops }) => neededStops(spanStops, gapStops));
    if (!read.ok || read.sides.brighter === 'sky') return read;
    return { ok: false, reason: 'sky-already-darker', spanStops: read.sides.spanStops };
  },
  exposesFor: 'darker-side',
  seeks: 'best',
});

/** Heavy: more than the span is taken. */
export const HEAVY_LOOK = fromSky((spanStops, gapStops) => spanStops - gapStops);

/** Draw the sky out: an even sky is brought so much below where it would lie, however little brighter than the land it is. */
export const DRAW_LOOK = fromSky((_, gapStops) => -gapStops);
