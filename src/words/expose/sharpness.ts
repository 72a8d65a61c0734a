import { type Sharpness } from '@/model/expose';
import { metresText } from './focus';

const reach = (nearM: number, farM: number): string =>
  farM === Infinity
    ? `from ${metresText(nearM)} to the far end`
    : `from ${metresText(nearM)} to ${metresText(farM)}`;

/** What is sharp, what of it was wanted, and what would hold it all; a sentence each. */
export function sharpnessTexts(s: Sharpness, aperture: number): string[] {
  const [near, far] = s.wants;
  const misses = [
    !s.holdsNear && near !== null && `the nearest, at ${metresText(near)}`,
    !s.holdsFar && `the farthest, at ${far === Infinity ? 'the horizon' : metresText(far)}`,
  ].filter((m) => m !== false);
  return [
    `Focused at ${metresText(s.focusedM)}, f/${aperture}: sharp ${reach(s.nearM, s.farM)}.`,
    ...(misses.length ? [`Soft: ${misses.join(' and ')}.`] : []),
    ...(near === null
      ? []
      : [
          s.both
            ? `f/${s.both.aperture} focused at ${metresText(s.both.focusM)} holds both.`
            : 'No aperture holds both before diffraction shows: step back, or take two frames.',
        ]),
    `Hyperfocal distance ${metresText(s.hyperfocalM)}.`,
  ];
}
