import { coverKind, STOPS } from './kind';

/** Two polarisers turned against each other: as dense as they are set, within a range. */
export const VARIABLE = coverKind({
  kind: 'variable',
  fields: {
    stops: STOPS,
    leastStops: { type: 'stops', column: 'least_stops' },
    mostStops: { type: 'stops', column: 'most_stops' },
  },
  stopsOf: ({ stops }) => stops,
  of: ({ stops }) => ({ stops, leastStops: Math.min(stops, 1), mostStops: Math.max(stops, 8) }),
  hasBody: false,
  isDensity: true,
  polarises: false,
  faultOf: ({ stops, leastStops, mostStops }) =>
    leastStops > mostStops
      ? { path: ['leastStops'], message: `leastStops is at most mostStops (${mostStops})` }
      : stops < leastStops || stops > mostStops
        ? { path: ['stops'], message: `stops lies between ${leastStops} and ${mostStops}, its range` }
        : null,
  printed: null,
});
