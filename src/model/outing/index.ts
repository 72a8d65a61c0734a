/** Outings as a page needs them: loaded with it, for the sun and moon of a day come from a library of their own. */
export { type SkyEvent, type SkyEventKind } from '@/core/sky/sky-day';
export { type DueAgain } from './again';
export { type Caution } from './cautions';
export { outingDay, type OutingDay, type FramingDay } from './day';
export { placesOnWay } from './places-of';
export { lightNear, type LightMoment, readBefore, type FramingLight, waterOf } from './light';
export { type Missing, type Packed, type Packing, type PackingNames, packingOf } from './packing';
export { placeDay } from './place-day';
export { minutesOf, type Schedule } from './schedule';
export {
  AIRS,
  type Air,
  type Cloud,
  CLOUDS,
  PLANNED_RISKS,
  type PlannedRisk,
  type Rain,
  RAINS,
  type TideSide,
} from '../terms/outing';
export { dayOfOuting, type ReadTurn, type TideHeading, tidesFor } from './tides';
export { type WorthMoment } from './worth';
export { clockHours, dayBounds, dayOf, hourOf, isZone } from './zone';
export { PLANS_PARTS } from './parts';
export {
  movedFraming,
  newOuting,
  outingAgain,
  putExtra,
  putOuting,
  putPlace,
  putFraming,
  removeExtra,
  removeOuting,
  removePlace,
  removeFraming,
  restoreOuting,
  restorePlace,
  withPlaces,
  standOfFraming,
  framingOf,
  withOuting,
  withPacked,
} from './edits';
export { type CalendarEntry } from './calendar-entry';
export {
  type ComeBack,
  type Extra,
  type Framing,
  NO_PLANS,
  type Outing,
  type OwnPlace,
  type Plans,
  type TideWish,
  type Weather,
} from './plans';
