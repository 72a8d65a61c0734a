import { sheetKind, rise, STOPS, TRANSITION } from './kind';

/** Densest at its seam, from where it fades to a floor. */
export const REVERSE = sheetKind({
  kind: 'reverse',
  fields: {
    stops: STOPS,
    transitionMm: TRANSITION,
    fadeMm: { type: 'lengthMm', column: 'fade_mm' },
    floorStops: { type: 'stops', column: 'floor_stops' },
  },
  seated: {
    densityAt: ({ stops, transitionMm: w, fadeMm, floorStops }, y) =>
      y <= w / 2 ? stops * rise(y, w) : stops + (floorStops - stops) * Math.min(1, (y - w / 2) / fadeMm),
    joints: ({ transitionMm: w, fadeMm }) => [-w / 2, w / 2, w / 2 + fadeMm],
    forGlow: true,
  },
  stopsOf: ({ stops }) => stops,
  of: ({ stops, transitionMm }) => ({
    stops,
    transitionMm,
    fadeMm: 45,
    floorStops: Math.max(0, stops - 2),
  }),
  hasBody: true,
  faultOf: ({ stops, floorStops }) =>
    floorStops > stops
      ? { path: ['floorStops'], message: `floorStops lies between 0 and stops (${stops})` }
      : null,
  printed: {
    words: /^(?:r|rev|reversed?|rnd|rgnd|rgrad)$/,
    word: 'reverse',
    transition: 'hard',
    asksTransition: false,
    usualStops: null,
  },
});
