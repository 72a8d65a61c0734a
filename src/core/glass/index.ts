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
export * from './labels';
export * from './profile';
export * from './transitions';
