export { BLUR_NAMES, BLUR_NOTES, whiteBalanceText } from './blur';
export {
  carriesOnText,
  comingTurnText,
  fitNowText,
  forecastRangeText,
  heldNoMoreText,
  latestText,
  ndTurnText,
  sheetTurnText,
  SKY_STATE_NAMES,
  spanAheadText,
} from './coming-hour';
export {
  closedText,
  countText,
  DARK_FRAME_TEXT,
  ifClosedText,
  leapText,
  leapTurnText,
  phaseText,
  spokenText,
} from './countdown';
export { sharpnessTexts } from './sharpness';
export { averagingText, standingPartsText, standingText } from './standing';
export { baseText, columnNotes, dialText, timeRowText } from './time-column';
export { noTimeText, timeWayNotes, timeWayText, tooLongText } from './time-ways';
export { TRIPOD_FAULTS, tripodText, WIND_NAMES } from './tripod';
