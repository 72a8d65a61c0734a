import { sheetKind, rise, STOPS, TRANSITION } from './kind';

/** A dense strip with a transition on either side. */
export const BAND = sheetKind({
  kind: 'band',
  fields: { stops: STOPS, transitionMm: TRANSITION, bandWidthMm: { type: 'lengthMm', column: 'band_mm' } },
  seated: {
    densityAt: ({ stops, transitionMm: w, bandWidthMm: b }, y) =>
      stops * rise(y + b / 2, w) * rise(b / 2 - y, w),
    joints: ({ transitionMm, bandWidthMm }) => {
      const [half, b] = [transitionMm / 2, bandWidthMm / 2];
      return [-b - half, -b + half, b - half, b + half].sort((p, q) => p - q);
    },
    forGlow: true,
  },
  stopsOf: ({ stops }) => stops,
  of: ({ stops, transitionMm }) => ({ stops, transitionMm, bandWidthMm: 24 }),
  hasBody: true,
  printed: {
    words: /^(?:band|strip|stripe|centre|center|horizon)$/,
    word: 'band',
    transition: 'hard',
    asksTransition: false,
    usualStops: null,
  },
});
