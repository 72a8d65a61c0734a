export { degreesApart, degreesFromRadians, radiansFromDegrees } from './angles';
export {
  APERTURE_MARKS,
  exactAperture,
  type ExactAperture,
  exactIso,
  type ExactIso,
  type ExactSeconds,
  exactShutter,
  ISO_MARKS,
  LONGEST_MARK_SECONDS,
  type Mark,
  nearestShutterMark,
  nominalOf,
  SHORTEST_MARK_SECONDS,
  SHUTTER_MARKS,
  shutterMarksRound,
  steppedAperture,
  steppedIso,
  steppedShutterMark,
  wholeThirds,
} from './camera-scales';
export { labelFromStops, type Notation, NOTATIONS, stopsFromLabel } from './density-labels';
export { PAPER_NAMES, type PaperName, PAPERS, type PaperSize } from './papers';
export { SHUTTER_RANGE, shutterFromFileText, shutterFromTyping } from './shutter-text';
export {
  densityFromStops,
  factorFromStops,
  stopsFromDensity,
  stopsFromFactor,
  stopsFromTransmittance,
  transmittanceFromStops,
} from './stops';
export { LINEAR_OF_BYTE, linearFromSrgb, luminanceOf, MID_GREY, srgbFromLinear } from './srgb';
export { plainTyped } from './typed-text';
