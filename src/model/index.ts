export { type BracketFrame } from './answer/alike-in-blur';
export { rowOf, type StandBracket } from './answer/bracket';
export { type SeenCast, seenCast } from './answer/cast';
export {
  chosenGlass,
  type Derived,
  deriveStand,
  type Glass,
  glassAt,
  glassOf,
  type Lift,
  type SeenThrough,
  seenThrough,
  type StandFault,
} from './answer/derive';
export {
  exposedAt,
  exposedFor,
  exposureStepped,
  gapOf,
  placed,
  PLACEMENT_MOST,
  placingOf,
  withGap,
} from './answer/exposure';
export { type FocusHelp, focusHelp } from './answer/focus';
export { solutionKey } from './answer/key';
export { landingOf } from './answer/landing';
export { nextReading, type NextReading, readingsFromPhoto } from './answer/next';
export { perhapsTheSun } from './answer/perhaps-the-sun';
export { type PictureTimeOf, withPictureTime } from './answer/picture-time';
export {
  polariserBand,
  type PolariserEffect,
  polariserOn,
  type PolariserPromise,
  polariserPromise,
  waterBehindPolariser,
  type WaterGlare,
} from './answer/polariser';
export { type Prepared, prepareStand, type SheetLack, underLookOf } from './answer/prepare';
export { type SeamPath, seamPath } from './answer/seam-path';
export { ASSUMED_WIDEST_APERTURE, type SeamView, type SeamViews, seamViews } from './answer/seam-views';
export { type SharedTurn, type SharedTurns, sharedTurns } from './answer/shared-turn';
export { withSheets } from './answer/sheets-on';
export {
  exposureSeconds,
  isKeptBack,
  type Saying,
  sayingOf,
  type SearchState,
  type SlipState,
  slipStateOf,
} from './answer/slip';
export { type Solution, solveStand, solveSteps } from './answer/solve';
export {
  type OtherLook,
  type StockAdvice,
  type Study,
  studyStand,
  studySteps,
  withSchool,
} from './answer/study';
export { sunGuessStops, sunSideOf } from './answer/sun-guess';
export { allThatIsOn, type ThroughTime, type TimeBehind, timesThrough, withThrough } from './answer/through';
export { type Instead, type Misfit, type Unsuited, unsuitedOf } from './answer/unsuited';
export { type Warning, warningsOf } from './answer/warnings';
export { asSaid, ownedBag, withoutAssumed } from './bag/assumed';
export {
  asKind,
  type Bag,
  type BagCamera,
  type BagLens,
  type Filter,
  filtersAtHand,
  filtersById,
  fitsHolder,
  type FurtherHolder,
  type Holder,
  isSheet,
  newSheet,
  offsetForSticksOutMm,
  profileOf,
  railAboveAxisMm,
  type Ring,
  sampleBag,
  type SheetFilter,
  takesSlot,
} from './bag/bag';
export {
  archiveFilter,
  duplicateFilter,
  filterFromLabel,
  freeName,
  mountedCamera,
  mountedLens,
  putCamera,
  putFilter,
  putHolder,
  putLens,
  removeCamera,
  removeFilter,
  removeHolder,
  removeLens,
  restoreCamera,
  restoreFilter,
  restoreHolder,
  restoreLens,
  sameGlass,
  takeAlong,
  withArchived,
  withoutPouch,
} from './bag/edits';
export { type CornersLost, type Fit, holdersOf, type LensFits, lensFits } from './bag/fits';
export { bagAtLens, holderByLens, holderOn, isMounted, USUAL_HOLDER, withHolderFor } from './bag/holders';
export { asSold, longerStops, withCast, withMeasured, withProfile } from './bag/measured-glass';
export { type BagAnswers, bagFromAnswers, labelsIn, newcomerBag } from './bag/newcomer';
export { fittedFilters, fittedNds, fittedPolariser, putFitted, withNds } from './bag/on-lens';
export { openingsOf } from './bag/openings';
export { BAG_PARTS } from './bag/parts';
export { knownPupilMm, withPupilAt, zooms } from './bag/pupils';
export { type Moved, movedToSlot, type MoveRefusal, type Piece, piecesOn, type PlaceWhy } from './bag/stack';
export { fileAgainst, type FileCheck, type FileRefusal, measuredBy } from './check/by-file';
export { type Differences, differencesFrom } from './check/differences';
export { type Evidence, evidenceOf, litBy, seenAs, seenOf, seenStand, takeEv } from './check/evidence/light';
export { type Nudge, nudgeOf } from './check/evidence/line';
export {
  type HistogramEnds,
  type PlannedHistogram,
  plannedHistogram,
  shiftByHistogram,
} from './check/histogram';
export { disturbed, doneAgain, doubtfulRows } from './check/redo';
export { givesWayAtDeg, remediesFor, type Remedy, type Told, withoutSeen, withSeen } from './check/remedies';
export {
  type Edge,
  isSurface,
  type Much,
  muchesOf,
  type Sight,
  SIGHT_IDS,
  type SightGroup,
  type SightOf,
  sightRecord,
  type Surface,
} from './check/sights';
export {
  departed,
  lastTake,
  otherSettings,
  shotOtherwise,
  type Solved,
  takeNumber,
  takenUpAgain,
  takeOf,
  takeThrough,
  withFile,
  withoutTake,
  withRecordsOf,
  withTake,
  withTakeAs,
  withTakeBack,
  withTakeInTime,
} from './check/takes';
export {
  apertureInTenths,
  type Balance,
  bestApart,
  type Candidate,
  type Cast,
  type Coding,
  ev100,
  evenGlass,
  type Figure,
  fitsAlong,
  framesForTime,
  isAsGood,
  type LightCells,
  lightOfFigures,
  linearOfByte,
  type LooksAround,
  type MeasuredStrength,
  METER_SCALES,
  meterFromTyping,
  type MeterScale,
  middleStops,
  type Outcome,
  type Pixels,
  type Place,
  type ProfileFault,
  profileFromPhoto,
  recordedPart,
  roughSunAltitudeDeg,
  ROW_FRAMES,
  sameSet,
  secondsForEv,
  sensorWindow,
  type SensorWindow,
  sheetCast,
  type SheetFromPair,
  type SheetMeasured,
  type SheetPhoto,
  type SheetProfile,
  type SheetUnmeasured,
  type Side,
  sideReadings,
  SKY_STATES,
  type SkyState,
  type SlidApart,
  standingSeconds,
  strengthOf,
  takenCells,
} from './core';
export {
  type BackupHistory,
  bagForStand,
  type Bringing,
  bringsNothingNew,
  broughtStand,
  type CarriedWithout,
  changedGlass,
  FULL_FRAME,
  glassReferences,
  isBackupDue,
  joinParts,
  type KeptStand,
  markedName,
  mergeBag,
  type MergeReport,
  mergeStands,
  type Named,
  namedAs,
  newFilters,
  newStand,
  nextName,
  nextStand,
  type Notice,
  sameContent,
  sameDocument,
  type StandDocument,
  standToBegin,
  withCopies,
  withGlassOfToday,
  withNewFilters,
  withStand,
  withWorkspaceBag,
} from './documents';
export { mergePlans } from './documents/merge-plans';
export { joinPreferences, NO_PREFERENCES, type Preferences } from './documents/preferences';
export { type Brush, brushed, type BrushMask, maskOf, outlineOf } from './frame/brush';
export { type Crop, cropBox, type FrameBox, strips } from './frame/crop';
export {
  codingOf,
  type PhotoFault,
  type PhotoOffer,
  photoOffers,
  type PhotoTells,
  type StoredPhoto,
  withOffer,
  withoutPhoto,
  withPhoto,
} from './frame/photo';
export {
  addCornerAfter,
  addShape,
  changeShape,
  drawnOutline,
  markFeatures,
  proposedFeatures,
  removeCorner,
  removeShape,
} from './frame/shapes';
export {
  addSkylinePoint,
  drawSkyline,
  midpointAfter,
  moveSkylinePoint,
  removeSkylinePoint,
  withSkyline,
} from './frame/skyline';
export {
  isStale,
  lightMoves,
  oldestReadingMinutes,
  readingMinutes,
  readingToRepeat,
  RECORD_AFTER_MINUTES,
} from './readings/age';
export { carriedStand, type Carry, carryOf, type RoleFall, roleFalls } from './readings/carry';
export { apartInTime, type Doubt, doubtsOf, strayDoubt } from './readings/doubts';
export {
  addReading,
  changeReading,
  forgetEarlier,
  readAgain,
  removeReading,
  withoutPlace,
} from './readings/edits';
export { guessSeconds, lastReading, lastSpot, type ReadRole, usualLandEv } from './readings/guess';
export { circleOn, photoReading, USUAL_ANGLE_DEG } from './readings/photo-meter';
export { roleSummaries, type RoleSummary, spanMover, type SpanMover } from './readings/summary';
export { setOf, takenStops } from './resolve/glass';
export { frameOf, lensOf } from './resolve/lens';
export { takenByGlass } from './resolve/metered';
export { choiceOf, choose, fitFor, sameChoice } from './stand/choice';
export { meteredEv } from './stand/metered';
export {
  type BracketWish,
  type Camera,
  type EnteredReading,
  type MeteredLight,
  momentOf,
  type PhotoExposure,
  type Reading,
  type Seen,
  type Stand,
  type StandLens,
  type StandLook,
  type StandPhoto,
  type StandShape,
  type Take,
  throughLight,
} from './stand/stand';
export { wayOf } from './stand/way';
export { idSource, type NewId } from './terms/ids';
export {
  isWithin,
  LIMITS,
  MAX_BACKUP_BYTES,
  MAX_DOCUMENT_BYTES,
  MAX_EXPOSURES,
  MAX_FILTERS,
  MAX_GEAR,
  MAX_NOTES,
  MAX_PHOTO_SIDE,
  MAX_POINTS,
  MAX_READINGS,
  MAX_RINGS,
  MAX_SAMPLES,
  MAX_SHAPES,
  MAX_SMALL,
  MAX_STANDS,
  MAX_TEXT,
  type Quantity,
} from './terms/limits';
export { FIRST_LOOK, type School, SCHOOLS, traitsOf } from './terms/looks';
export {
  type Assumable,
  type Blur,
  BLURS,
  type Disturbance,
  DISTURBANCES,
  MOST_SEEN,
  type Orientation,
  PHOTO_TYPES,
  type PhotoType,
  type Redone,
  type SeatOfGlass,
  SUN_SIDES,
  type SunSide,
  TRIPOD_STEPS,
  type TripodStep,
  type Verdict,
  VERDICTS,
  type Way,
  WAYS,
  type Wind,
  WINDS,
} from './terms/stand';
