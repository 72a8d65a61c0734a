/** Imported by its own path: only the pages of outings need it. */
export { calendarEntries } from './calendar';
export { outingCard, type OutingCardText } from './card';
export { compassText } from './compass';
export {
  AIR_NAMES,
  broughtPlacesText,
  cautionText,
  CLOUD_NAMES,
  EVENT_NAMES,
  expectedSpanText,
  framingLightText,
  framingName,
  minutesText,
  missingText,
  outingDayText,
  outingName,
  RAIN_NAMES,
  RISK_NAMES,
  waterText,
  weatherFollows,
  weightText,
  worthText,
} from './outing';
export { passedOverText, readTurnText, takeTideText, tideHeadingText, tideHourText } from './tide';
