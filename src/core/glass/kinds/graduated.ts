import { sheetKind, rise, STOPS, TRANSITION } from './kind';

/** Clear at one end, dark at the other, and a transition between them. */
export const GRADUATED = sheetKind({
  kind: 'graduated',
  fields: { stops: STOPS, transitionMm: TRANSITION },
  seated: {
    densityAt: ({ stops, transitionMm }, y) => stops * rise(y, transitionMm),
    joints: ({ transitionMm }) => [-transitionMm / 2, transitionMm / 2],
    forGlow: false,
  },
  stopsOf: ({ stops }) => stops,
  of: ({ stops, transitionMm }) => ({ stops, transitionMm }),
  hasBody: true,
  printed: {
    words: /^(?:grads?|graduated|graded|g|gnd|grnd|half|halfnd)$/,
    word: 'grad',
    transition: 'medium',
    asksTransition: true,
    usualStops: null,
  },
});
