export {
  type Bracket,
  bracketByRow,
  bracketFor,
  bracketMeasures,
  type BracketRequest,
  type CameraRow,
  coveringRow,
  ROW_FRAMES,
  uncoveredStops,
} from './bracket';
export { framesForTime, recordedPart, standingSeconds } from './standing';
export { type CameraSettings, ev100, secondsForEv, secondsInChangingLight, secondsThrough } from './times';
export { ev100OfEv, evOfLuminance, incidentEv, luminanceOfEv, luxOfIncidentEv } from './light-units';
export {
  apertureInTenths,
  METER_SCALES,
  meterFromTyping,
  type MeterScale,
  type MeterText,
} from './meter-text';
export { carriedStops, lightFall, type LightFall } from './drift';
export {
  isNear,
  type NdSet,
  NEAR_STOPS,
  type ThirdsRange,
  type TimeOption,
  timesFor,
  type WantedTime,
} from './wanted-time';
