/** What stand/expose says in whole sentences. */
export const EXPOSE_TEXT = {
  glassApertureIsoLeave: 'Glass, aperture and ISO leave only one time here.',
  exposureStaysMovementChanges:
    'The exposure stays, the movement changes. Focus and frame stay; lift glass out without touching them.',
  sameFrameLadderTimes: 'The same frame at a ladder of times',
  hourAfterRead: 'The hour after it was read',
  forecastBandsHowFar: (toLowerCase: string) =>
    `${toLowerCase}; a forecast, the bands are how far it may be off`,
  sunComesNearFrame:
    'The sun comes near the frame: find it by its light on things, never through an optical finder or a magnified lens. Grad and ND are no solar filters.',
  deviceWouldNotKeep:
    'The device would not keep the screen on: it may go dark, the count goes on by the clock.',
  browserCannotKeepScreen:
    'This browser cannot keep the screen on: it may go dark, the count goes on by the clock.',
  lookUpNowTide:
    'Look up now and then: the tide and the swell behind you, the edge, the light that is left for the walk back. Never at the sun through a finder: grad and ND are no solar filters.',
  underHalfWaveSingle: 'under half a wave: single lines show',
  tapEachTimeWave: 'Tap each time a wave does what you want to catch: after two taps it counts to the next.',
  lastTimeWaveCame: (waveSeconds: string) => `Last time a wave came every ${waveSeconds} s.`,
  watchSeaNotScreen:
    'Watch the sea, not the screen: sets of larger waves come, and the tide behind you rises. Go by the local tide table and by those who know the shore.',
  nothingReadYetTime:
    'Nothing is read yet that a time could follow from: read the land, or let the camera read through all that is on.',
  withoutNdFigureFrame: 'Without the ND, and a figure in the frame',
  cueCountWave: 'The cue: count to a wave',
  lightSkyLandOver: 'Light of sky and land over the hour, in EV',
  directionSunLandPlace: 'Direction, sun on the land, place',
  asksOnceDirectionSun: 'It asks once: direction, sun on the land, place',
  sunReachesLandWhile: 'The sun reaches the land, while it is up',
  hillTakesSunLand: 'A hill takes the sun from the land at',
  noHeadingCameType: 'No heading came: type the direction.',
  staysRightLongLooked: (bag: string) => `${bag} stays right for as long as was looked ahead.`,
  skyLandEvIso:
    'Sky and land in EV at ISO 100, span and need in stops; each may be off by what stands under ±.',
  noNdPouchRoom: 'No ND of the pouch has room on the lens.',
  shortTimeCameraCounts: 'So short a time the camera counts by itself: nothing to wait for.',
  lookWhereYouWalk:
    'Look where you walk: a jetty, a ledge or wet rock is no place for a hurry, least of all in the dark.',
  cloudsEdgeBeginsCross: 'A cloud’s edge begins to cross a third of the frame',
  streaksLongPartFrames: 'Streaks as long as this part of the frame’s width:',
  framesBracketDarkestPicture: 'Frames of the bracket, darkest picture first',
  allDoneWaitLight: 'All is done: wait for the light.',
  goesOutReadingTake: 'It goes out from a reading: take one.',
  needsPlaceSun: 'It needs the place, for the sun.',
  chooseLookTypeTime: 'choose a look, or type a time',
  cameraTakesDarkFrame: 'The camera takes a dark frame as long again',
  waysTimeBestFirst: 'Ways to that time, best first',
};
