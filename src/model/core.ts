/** What the interface shows of the core beyond the geometry and the glass that it draws: it comes through the model. */

export {
  type Balance,
  bestApart,
  type Candidate,
  fitsAlong,
  isAsGood,
  type Outcome,
  sameSet,
  type Side,
  type SlidApart,
  sideReadings,
} from '@/core/balance';
export {
  apertureInTenths,
  ev100,
  framesForTime,
  recordedPart,
  standingSeconds,
  METER_SCALES,
  ROW_FRAMES,
  meterFromTyping,
  type MeterScale,
  secondsForEv,
} from '@/core/exposure';
export {
  type Cast,
  type ColouredCell,
  type EvenGlass,
  evenGlass,
  type Figure,
  type LightCells,
  type LooksAround,
  type MeasuredStrength,
  type ProfileFault,
  profileFromPhoto,
  sheetCast,
  type SheetFromPair,
  type SheetMeasured,
  type SheetPhoto,
  type SheetProfile,
  type SheetUnmeasured,
  strengthOf,
  takenCells,
} from '@/core/measuring';
export { type Coding, lightOfFigures, linearOfByte, middleStops, type Pixels } from '@/core/photo';
export { type SensorWindow, sensorWindow } from '@/core/sensor';
export { type Place, roughSunAltitudeDeg, SKY_STATES, type SkyState } from '@/core/sky';
