export { type Grid, gridFor, isInside, mapRegions, REGION_CODES, type RegionMap, skylineAt } from './grid';
export {
  lightField,
  type LightField,
  type PlacedReading,
  placeReadings,
  readingsFor,
  spreadReadings,
} from './light';
export {
  pictureCells,
  pictureField,
  type PictureLight,
  tiePicture,
  unknownLight,
  type UnknownLight,
} from './picture';
export {
  type FeatureTreatment,
  type FramePoint,
  KNOWN,
  type LightReading,
  type PictureTie,
  type Region,
  type Role,
  ROLES,
  type Shape,
} from './types';
export { roleAt, type Spot, spotOf, strayPart, strayStops } from './spot';
export { brightestPlace, typicalPlace } from './aim';
export { toneSpread, type ToneSpread } from './tones';
