export { blurTimes, streakSeconds, TIMED_BLURS, waveLook } from './blur';
export {
  type ComingHour,
  comingHour,
  type ComingMoment,
  comingNds,
  type ComingSky,
  type ComingTurn,
  comingTurns,
  latestFor,
  mayLookIntoSun,
  secondsAt,
  standAt,
} from './coming-hour';
export {
  begin,
  type Clocks,
  type Countdown,
  darkFrameAfter,
  exposuresOf,
  type Leap,
  leapTurned,
  look,
  type MadeExposure,
  type OpenPlan,
  type Phase,
  phaseOf,
  resume,
  type Running,
} from './countdown';
export { beatOf, untilCue } from './cue';
export { withExposures } from './exposures';
export { ndSets, roomForNds } from './nd-sets';
export { type Sharpness, sharpnessOf } from './sharpness';
export { type TimeColumn, timeColumn, type TimeRow } from './time-column';
export {
  CAMERA_TIMERS,
  stillSeconds,
  type TripodFault,
  tripodFaults,
  tripodList,
  type TripodList,
  withTripodUpTo,
} from './tripod';
export { type TimeCosts, type TimeWay, type TimeWays, wantedTimes, withTimeWay } from './wanted-time';
export { type WhiteBalanceShot, whiteBalanceShot } from './white-balance';
export { secondsWithoutNd } from './without-nd';
