import { coverKind, STOPS } from './kind';

/** Neutral density: the same over all of it. */
export const NEUTRAL = coverKind({
  kind: 'neutral',
  fields: { stops: STOPS },
  stopsOf: ({ stops }) => stops,
  of: ({ stops }) => ({ stops }),
  hasBody: true,
  isDensity: true,
  printed: {
    words: /^(?:nd|neutral|solid|plain)$/,
    word: '',
    transition: null,
    asksTransition: false,
    usualStops: null,
  },
});
