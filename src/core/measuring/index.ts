export { type Cast, type EvenGlass, evenGlass, sheetCast } from './even-glass';
export {
  type ProfileFault,
  type ProfileFromPhoto,
  profileFromPhoto,
  type SheetPhoto,
  type SheetProfile,
} from './profile-from-photo';
export { type LooksAround, type MeasuredStrength, strengthOf } from './strength';
export {
  type Figure,
  type PairTaken,
  type SheetFromPair,
  sheetFromPair,
  type SheetMeasured,
  type SheetUnmeasured,
  type TakenCell,
} from './sheet-from-pair';
export { type ColouredCell, type LightCells, takenCells } from './taken-cells';
