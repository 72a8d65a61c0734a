import { coverKind, STOPS } from './kind';

/** A polariser and an ND in one mount: both at once, and never one without the other. */
export const COMBINED = coverKind({
  kind: 'combined',
  fields: { stops: STOPS, baseLossStops: { type: 'stops', column: 'base_loss_stops' } },
  stopsOf: ({ stops, baseLossStops }) => stops + baseLossStops,
  of: ({ stops }) => ({ stops, baseLossStops: 1.5 }),
  hasBody: true,
  isDensity: true,
  polarises: true,
  printed: null,
});
