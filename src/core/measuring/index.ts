export { type LooksAround, type MeasuredStrength, strengthOf } from './strength';
export {
  type PairTaken,
  type SheetFromPair,
  sheetFromPair,
  type SheetMeasured,
  type SheetUnmeasured,
  type TakenCell,
} from './sheet-from-pair';
