export { assumedText } from './readings/assumed';
export { doubtText, moverText, summaryText } from './readings/doubts';
export { carriedNotes, carriedToText, changeText, fallText } from './readings/drift';
export { bracketFrameText, bracketNotes } from './plan/bracket';
export { type CardPart, type CardRow, cardText, type CardText } from './plan/card';
export { faultText, warningText } from './plan/faults';
export { filterOrBracketText } from './plan/filter-or-bracket';
export { agoText, clockSecondsText, clockText, dayText, momentText } from './figures/dates';
export {
  ageText,
  degreesFigure,
  exposureText,
  fitFigure,
  listText,
  markText,
  mmFigure,
  percentText,
  remoteText,
  stopsFigure,
  stopsText,
  thirdsText,
  timeText,
  TOO_LONG_SECONDS,
  wholeOrTenth,
} from './figures/figures';
export { focusCautions, focusText } from './expose/focus';
export {
  cameraAndLensText,
  cropLeavesText,
  cropText,
  distanceText,
  leaveOutText,
  markedText,
  notesText,
  placeFigures,
} from './plan/frame';
export { filterName, glassName, glassNamed, thingName, throughText } from './glass/glass';
export { type FieldWords, filterKindText, GLASS_WORDS, wordsOf } from './glass/kinds';
export {
  daylightText,
  leftBehindText,
  LOOK_NAMES,
  lookAim,
  lookLine,
  otherLookText,
  safetyText,
  stockText,
  sunRuleText,
} from './plan/looks';
export { levelText, partingText, placeText, reasonsText } from './plan/reasons';
export { darkerName, otherSide, type SideNames, sideNames } from './figures/sides';
export { seenTrulyText, sharedTurnsText, sharedTurnText, tooHighText, tooLowText } from './plan/seat-views';
export { type Slip, slipOf, slipSentence } from './plan/slip';
export { type SlipContext } from './plan/slip-context';
export { liftText } from './plan/slip-glass';
export { type SlipRow } from './plan/slip-row';
export { computedSeat, lineText, playText, seatShortText } from './plan/slip-seat';
export { turnText } from './figures/turn';
export {
  adviceText,
  causeQuestion,
  changesText,
  type ChangesText,
  departureText,
  DISTURBANCE_NAMES,
  fileSays,
  histogramText,
  muchText,
  REDONE_NAMES,
  remedyText,
  seenText,
  SIGHT_GROUPS,
  sightOfText,
  sightWords,
  takeGlassText,
  takeSettingsText,
  VERDICT_NAMES,
} from './check';
export { clockOffText, evidenceText, lessonText, matchedText } from './ledger';
export {
  averagingText,
  baseText,
  BLUR_NAMES,
  BLUR_NOTES,
  carriesOnText,
  closedText,
  columnNotes,
  comingTurnText,
  countText,
  DARK_FRAME_TEXT,
  dialText,
  fitNowText,
  forecastRangeText,
  heldNoMoreText,
  ifClosedText,
  latestText,
  leapText,
  leapTurnText,
  ndTurnText,
  noTimeText,
  phaseText,
  sharpnessTexts,
  sheetTurnText,
  SKY_STATE_NAMES,
  spanAheadText,
  spokenText,
  standingPartsText,
  standingText,
  timeRowText,
  timeWayNotes,
  timeWayText,
  tooLongText,
  TRIPOD_FAULTS,
  tripodText,
  whiteBalanceText,
  WIND_NAMES,
} from './expose';
export { shownText, toneText } from './figures/tones';
export { judgementText, verdictText } from './plan/verdict';
export { capital, shapeName, spotNames, type SpotNames } from './figures/spots';
export { HELP_BY_TOUCH, HELP_WORDS, type HelpWord } from './help';
export { offsetText, type WorkingOf, workings } from './working';
export { NOT_A_NUMBER, NOT_A_TIME, NOT_METERED, rangeOfText, rangeText } from './keeping/refusals';
export { photoFaultText, skylineText, tieText, unknownText } from './readings/photos';
export { polariserPromiseText, polariserText, rimMarkText, waterGlareText } from './plan/polariser';
export { carriedWithoutText } from './keeping/carry';
export { backupText, brokenText, noticeText, refusedCountText, refusedText } from './keeping/keeping';
export { laterText } from './keeping/later';
export { notOpenedText, notSavedText, TEMPORARY_TEXT } from './keeping/storage';
export { mergeText, PREFERENCES_IN } from './keeping/merge';
export { refusedLineText } from './keeping/table-lines';
export { METER_SCALE_NAMES, meteredText, meterSettingsText, tenthsText } from './readings/meter';
export { nextReadingNote, nextReadingText } from './readings/next';
export { apartText, isDoubtful, PLACE_WHYS, placeName, refusedMoveText, slideApartText } from './plan/stack';
export { slipLine, standSearchText } from './plan/stand-line';
export { filterDetail, labelText, otherNotationsText } from './glass/labels';
export { measuredStrengthText } from './glass/measured';
export { bagAs, type StrengthsAs } from './glass/strengths';
export {
  keepText,
  ladderRoleText,
  ladderSpotText,
  leftText,
  outOfWindowText,
  spanText,
  takeText,
  windowNoiseText,
} from './plan/ladder';
export {
  BENT_TEXT,
  castText,
  measuredText,
  PROFILE_FAULTS,
  profileText,
  SHEET_UNMEASURED,
  sheetMeasuredTexts,
  strengthMeasuredText,
} from './glass/by-pictures';
export { cornersText } from './glass/fits';
export { cameraDetail, holderDetail, holderText, lensDetail, lensText, pupilsText } from './glass/gear';
export { APP_TEXT } from './screens/app';
export { BAG_TEXT } from './screens/bag';
export { BENCH_TEXT } from './screens/bench';
export { CARDS_TEXT } from './screens/card';
export { CARRY_TEXT } from './screens/carry';
export { LEDGER_TEXT } from './screens/ledger';
export { OUTING_TEXT } from './screens/outing';
export { OUTINGS_TEXT } from './screens/outings';
export { SETTINGS_TEXT } from './screens/settings';
export { SHARED_TEXT } from './screens/shared';
export { BALANCE_TEXT } from './screens/stand/balance';
export { STAND_BENCH_TEXT } from './screens/stand/bench';
export { CANVAS_TEXT } from './screens/stand/canvas';
export { CHECK_TEXT } from './screens/stand/check';
export { COMMANDS_TEXT } from './screens/stand/commands';
export { EXPOSE_TEXT } from './screens/stand/expose';
export { FRAME_TEXT } from './screens/stand/frame';
export { LADDER_TEXT } from './screens/stand/ladder';
export { STAND_PARTS_TEXT } from './screens/stand/parts';
export { READ_TEXT } from './screens/stand/read';
export { SEAT_TEXT } from './screens/stand/seat';
export { STAND_TEXT } from './screens/stand/stand';
export { WAYS_TEXT } from './screens/stand/ways';
export { STANDS_TEXT } from './screens/stands';
export { WORKSPACE_TEXT } from './screens/workspace';
export { RENDER_TEXT } from './screens/render';
