import { readSides } from '@/core/balance/sides';
import { type LookSolver } from '@/core/balance/types';

/** Heavy: more than the span is taken, and always from the sky. */
export const HEAVY_LOOK: LookSolver = {
  sidesOf: (readings, { gapStops }, { ground }) => {
    const read = readSides(readings, ground, ({ spanStops }) => spanStops - gapStops);
    if (!read.ok || read.sides.brighter === 'sky') return read;
    return { ok: false, reason: 'sky-already-darker', spanStops: read.sides.spanStops };
  },
  exposesFor: 'darker-side',
  seeks: 'best',
};
