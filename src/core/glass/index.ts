export {
  type DensityProfile,
  type DensitySample,
  type Fields,
  type FieldType,
  GLASS_KINDS,
  type GlassKind,
  isDensity,
  type Kind,
  kindNamed,
  polarises,
  SHEET_KINDS,
  type SheetKind,
  type Values,
  type ValuesOf,
} from './kinds';
export { type BadLabel, type GoodLabel, printedStrength, readLabel, type ReadLabel } from './labels';
export {
  densityAlong,
  densityAt,
  isForGlow,
  profileJoints,
  sampledProfile,
  type Sheet,
  sheetDensityAt,
  sheetJoints,
  sheetReach,
  slidSheet,
  stopsOfGlass,
} from './profile';
export {
  assumedTransitionMm,
  DEFAULT_SHEET_WIDTH_MM,
  TRANSITION_DEFAULTS_MM,
  transitionName,
  type TransitionName,
} from './kinds/transitions';
