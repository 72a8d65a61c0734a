export { dimmingAt, stackOf } from './dimming';
export {
  airyDiameterMm,
  blurMm,
  circleOfConfusionMm,
  focusBetweenMm,
  hyperfocalMm,
  sharpRangeMm,
} from './focus';
export {
  acrossSeam,
  atSlot,
  beamDiameterMm,
  beamInFrame,
  cornerAngleDeg,
  cornerSlant,
  estimatedPupilToFilterMm,
  type FrameSize,
  isUpsideDown,
  laterHeightMm,
  type Lens,
  PUPIL_ESTIMATE_ERROR,
  pupilDistanceFromPhotos,
  type Seat,
  sensorPoint,
  sheetHeightMm,
  sheetScale,
  slantFactor,
  turnFromUpright,
  usedGlassMm,
  WIDE_ANGLE_DEG,
} from './projection';
export { type SeamAt, seamAtEdges, seamSpread, type Transition, transitionOf } from './seam';
export {
  averagedInTwoSlots,
  averagedOverBeam,
  type DimmingTable,
  sampleSheet,
  type SheetLight,
  tableDimmingAt,
  tableGrid,
} from './dimming-table';
export {
  cornerVignette,
  type Openings,
  passedByRing,
  passedBySlot,
  vignetteAt,
  vignetteField,
} from './vignetting';
export { dimmingOfPoint, dimmingOnTurns } from './seated';
export { changeTable, dimmingField, type SlantTables } from './dimming-field';
export { angleLines, anglesOfViewDeg, gridStepDeg } from './view-angles';
export { isInCircle, meterCircle, type MeterCircle } from './meter-circle';
export { crossedChange, crossedInCorners, crossedWithin } from './crossed-polarisers';
