/** What workspace says in whole sentences. */
export const WORKSPACE_TEXT = {
  typeWhatYouWant: 'Type what you want to do, or a stand’s name',
  nothingGoesByThatName: 'Nothing here goes by that name.',
  newerVersionPaleSeam: 'A newer version of Pale Seam is ready. Your stands stay as they are.',
  yourStandsKeptBrowser:
    'Your stands are kept in this browser alone, and the last backup is old or was never made.',
  pageCameOverPlain:
    'This page came over plain HTTP. It works, but the browser withholds what needs a secure page: working offline, copying and sharing, keeping the screen on, and keeping the storage for good. Back up to a file.',
  pointCameraLandSky:
    'Point the camera at the land, then at the sky; the slip says which glass, where it sits, and for how long. The words that it uses:',
  readingPointSkylineCorner: 'On a reading, a point of the skyline or a corner of a shape',
  moveHalfPerCent: 'Move it by half a per cent; with Shift by five',
  selectSkylineShapeAdd: 'Select it; on the skyline and on a shape, add a point after it',
  sheetHolder: 'On the sheet in the holder',
  slideHalfMillimetreShift: 'Slide it by half a millimetre; with Shift by five',
  turnQuarterDegreeShift: 'Turn it by a quarter of a degree; with Shift by two and a half',
  exposureThirdStopShift: 'On the exposure: a third of a stop, with Shift a stop; on what is kept: a tenth',
  typeTimeKeptMark: 'Type the time or what is kept; on a mark, show its readings',
  exposureBackWorkedOut: 'The exposure back to what was worked out',
  openShuttersCountdownWhile: 'Open the shutter’s countdown; while it runs, closed',
  backValueHolds: 'Back to the value that holds',
  goPlanTideSun: 'go to plan tide sun moon places pack',
  goFiltersGlassLenses: 'go to filters glass lenses cameras',
  goShotsTakesLearnt: 'go to shots takes learnt plots buy',
  goPractiseExercisesSimulated: 'go to practise exercises simulated scenes',
  backUpEverythingFile: 'Back up everything to a file',
};
