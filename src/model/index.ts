export { type BracketFrame } from './answer/alike-in-blur';
export { rowOf, type StandBracket } from './answer/bracket';
export { ndSets, roomForNds } from './expose/nd-sets';
export {
  comingHour,
  comingNds,
  type ComingHour,
  type ComingMoment,
  type ComingSky,
  type ComingTurn,
  comingTurns,
  latestFor,
  mayLookIntoSun,
  secondsAt,
  standAt,
} from './expose/coming-hour';
export { type Sharpness, sharpnessOf } from './expose/sharpness';
export {
  CAMERA_TIMERS,
  stillSeconds,
  type TripodFault,
  tripodFaults,
  tripodList,
  type TripodList,
  withTripodUpTo,
} from './expose/tripod';
export { blurTimes, streakSeconds, TIMED_BLURS, waveLook } from './expose/blur';
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
} from './expose/countdown';
export { givesWayAtDeg, remediesFor, type Remedy, type Told, withoutSeen, withSeen } from './check/remedies';
export {
  type BesideFile,
  type FileMatches,
  type MatchedFile,
  matchFiles,
  type ShotFile,
} from './ledger/match-files';
export { shotBySlip } from './ledger/shot-by-slip';
export { type LedgerEntry, ledgerOf } from './ledger/entries';
export { BAG_PARTS } from './bag/parts';
export { PLANS_PARTS } from './outing/parts';
export { joinPreferences, NO_PREFERENCES, type Preferences } from './documents/preferences';
export { asLearnt, type Heeded, type Lesson, lessonsOf, type LearntFrom } from './ledger/learnt';
export { fileAgainst, type FileCheck, type FileRefusal, measuredBy } from './check/by-file';
export { type Differences, differencesFrom } from './check/differences';
export {
  type Evidence,
  evidenceOf,
  litBy,
  type Nudge,
  nudgeOf,
  seenAs,
  seenOf,
  seenStand,
  takeEv,
} from './check/evidence';
export {
  type HistogramEnds,
  type PlannedHistogram,
  plannedHistogram,
  shiftByHistogram,
} from './check/histogram';
export { disturbed, doneAgain, doubtfulRows } from './check/redo';
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
  takenUpAgain,
  takeNumber,
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
export { withExposures } from './expose/exposures';
export { beatOf, untilCue } from './expose/cue';
export { type TimeColumn, timeColumn, type TimeRow } from './expose/time-column';
export { type WhiteBalanceShot, whiteBalanceShot } from './expose/white-balance';
export { secondsWithoutNd } from './expose/without-nd';
export { type TimeCosts, type TimeWay, type TimeWays, wantedTimes, withTimeWay } from './expose/wanted-time';
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
export { focusHelp, type FocusHelp } from './answer/focus';
export {
  polariserBand,
  type PolariserEffect,
  polariserOn,
  type PolariserPromise,
  polariserPromise,
  waterBehindPolariser,
  type WaterGlare,
} from './answer/polariser';
export {
  frameOf,
  lensOf,
  meteredEv,
  type Prepared,
  prepareStand,
  setOf,
  type SheetLack,
  takenByGlass,
  takenStops,
  underLookOf,
} from './answer/prepare';
export { ASSUMED_WIDEST_APERTURE, type SeamView, type SeamViews, seamViews } from './answer/seam-views';
export { solutionKey } from './answer/key';
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
export { type SeamPath, seamPath } from './answer/seam-path';
export { landingOf } from './answer/landing';
export { perhapsTheSun } from './answer/perhaps-the-sun';
export { type Instead, type Misfit, type Unsuited, unsuitedOf } from './answer/unsuited';
export { type Warning, warningsOf } from './answer/warnings';
export { wayOf } from './stand/way';
export { type BagAnswers, bagFromAnswers, labelsIn, newcomerBag } from './bag/newcomer';
export { withSheets } from './bag/sheets-on';
export { type Moved, movedToSlot, type MoveRefusal, type Piece, type PlaceWhy, piecesOn } from './bag/stack';
export { type CornersLost, type Fit, holdersOf, lensFits, type LensFits } from './bag/fits';
export { type SeenCast, seenCast } from './answer/cast';
export { asSold, longerStops, withCast, withMeasured, withProfile } from './bag/measured-glass';
export { type SharedTurn, type SharedTurns, sharedTurns } from './answer/shared-turn';
export { knownPupilMm, withPupilAt, zooms } from './bag/pupils';
export { asSaid, ownedBag, withoutAssumed } from './bag/assumed';
export {
  asKind,
  type Bag,
  type BagCamera,
  type BagLens,
  type Filter,
  filtersAtHand,
  fitsHolder,
  filtersById,
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
  sameGlass,
  restoreHolder,
  restoreLens,
  takeAlong,
  withArchived,
  withoutPouch,
} from './bag/edits';
export { fittedNds, fittedFilters, fittedPolariser, putFitted, withNds } from './bag/on-lens';
export { bagAtLens, holderByLens, holderOn, isMounted, USUAL_HOLDER, withHolderFor } from './bag/holders';
export { openingsOf } from './bag/openings';
export {
  type CarriedWithout,
  type BackupHistory,
  bagForStand,
  type Bringing,
  bringsNothingNew,
  broughtStand,
  changedGlass,
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
  FULL_FRAME,
  withCopies,
  withGlassOfToday,
  withNewFilters,
  withStand,
  withWorkspaceBag,
} from './documents';
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
  oldestReadingMinutes,
  lightMoves,
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
export { type NextReading, nextReading, readingsFromPhoto } from './readings/next';
export { circleOn, photoReading, USUAL_ANGLE_DEG } from './readings/photo-meter';
export { roleSummaries, type RoleSummary, spanMover, type SpanMover } from './readings/summary';
export { type PictureTimeOf, withPictureTime } from './readings/picture-time';
export {
  allThatIsOn,
  type ThroughTime,
  type TimeBehind,
  timesThrough,
  withThrough,
} from './readings/through';
export { choiceOf, choose, fitFor, sameChoice } from './stand/choice';
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
} from './outing/edits';
export { type CalendarEntry } from './outing/calendar-entry';
export { mergePlans } from './outing/merge-plans';
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
} from './outing/plans';
export { idSource, type NewId } from './stand/ids';
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
} from './stand/limits';
export { type School, SCHOOLS, traitsOf } from './stand/looks';
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
export {
  type Disturbance,
  DISTURBANCES,
  type Orientation,
  PHOTO_TYPES,
  type Redone,
  type SeatOfGlass,
  type PhotoType,
  SUN_SIDES,
  type Assumable,
  type Blur,
  BLURS,
  TRIPOD_STEPS,
  type TripodStep,
  MOST_SEEN,
  type Verdict,
  VERDICTS,
  type SunSide,
  type Way,
  WAYS,
  type Wind,
  WINDS,
} from './stand/terms';
export * from './core';
