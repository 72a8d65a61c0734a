import { coverKind } from './kind';

/** Takes its base loss from everything, and more from polarised light. */
export const POLARISER = coverKind({
  kind: 'polariser',
  fields: { baseLossStops: { type: 'stops', column: 'stops' } },
  stopsOf: ({ baseLossStops }) => baseLossStops,
  of: ({ stops }) => ({ baseLossStops: stops }),
  hasBody: false,
  polarises: true,
  printed: {
    words: /^(?:polari[sz]er|polari[sz]ing|cpl|pl|pol)$/,
    word: 'polariser',
    transition: null,
    asksTransition: false,
    usualStops: 1.5,
  },
});
