import { type LookSolver } from '@/core/balance/problem/types';

/** By the sun nothing is read: the sky is taken as the brighter by what the sun's direction usually makes it. */
export const SUN_LOOK: LookSolver = {
  sidesOf: (_, { guessStops }) =>
    guessStops === undefined
      ? { ok: false, reason: 'no-sun-direction', spanStops: null }
      : {
          ok: true,
          sides: {
            spanStops: null,
            neededStops: guessStops,
            brighter: 'sky',
            bright: [],
            dark: [],
            brightMeanEv: NaN,
            darkMeanEv: NaN,
          },
        },
  exposesFor: 'darker-side',
  seeks: 'best',
};
