import { type ExactAperture } from '@/core/units';
import { type FrameSize } from './projection';

/** Part of the sensor's diagonal that a point may be blurred to and still count as sharp (physics 7). */
const CONFUSION_PART = 1 / 2000;
/** Green light, mm. */
const WAVELENGTH_MM = 0.00055;

/** Diameter of the blur that still counts as sharp, mm on the sensor. */
export const circleOfConfusionMm = ({ widthMm, heightMm }: FrameSize): number =>
  Math.hypot(widthMm, heightMm) * CONFUSION_PART;

export interface FocusInput {
  readonly focalLengthMm: number;
  readonly aperture: ExactAperture;
  readonly confusionMm: number;
}

/** The nearest focus at which infinity is still sharp, mm from the lens: `f^2 / (N c) + f`. */
export const hyperfocalMm = ({ focalLengthMm: f, aperture, confusionMm }: FocusInput): number =>
  (f * f) / (aperture * confusionMm) + f;

/**
 * Where what is sharp begins and ends for a focus at `s` mm from the lens (thin lens); the far limit is infinite from the
 * hyperfocal distance on.
 */
export function sharpRangeMm(
  input: FocusInput,
  s: number,
): { readonly nearMm: number; readonly farMm: number } {
  const h = hyperfocalMm(input);
  const f = input.focalLengthMm;
  const nearMm = (s * (h - f)) / (h + s - 2 * f);
  return { nearMm, farMm: s >= h * (1 - 1e-9) ? Infinity : (s * (h - f)) / (h - s) };
}

/** Diameter of the blur of a thing at `d` mm for a focus at `s` mm, mm on the sensor (thin lens); `d` may be infinite. */
export function blurMm(
  { focalLengthMm: f, aperture }: Omit<FocusInput, 'confusionMm'>,
  s: number,
  d: number,
): number {
  const part = d === Infinity ? 1 : Math.abs(d - s) / d;
  return (f * f * part) / (aperture * (s - f));
}

/** The focus that holds two distances alike, mm from the lens: their harmonic mean; the farther may be infinite. */
export const focusBetweenMm = (nearMm: number, farMm: number): number =>
  farMm === Infinity ? 2 * nearMm : (2 * nearMm * farMm) / (nearMm + farMm);

/** Diameter of the disc that diffraction makes of a point, mm: `2.44 wavelength N`, green light. */
export const airyDiameterMm = (aperture: number): number => 2.44 * WAVELENGTH_MM * aperture;
