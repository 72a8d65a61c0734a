/** What stand/read says in whole sentences. */
export const READ_TEXT = {
  standHoldsReadingsMost: (maxReadings: number) => `A stand holds ${maxReadings} readings at most.`,
  thisOneIsTo: 'This one is to be held',
  againShowedEvSame: (capital: string, stops: string) =>
    `${capital} again, which showed EV ${stops}: the same spot, as it is now.`,
  frameWhereSpotLeave: 'the frame where the spot was, or leave it without a place.',
  againSameSpotNow: 'again: the same spot, as it is now.',
  waterFeaturesThroughAll: 'Water, features, through all that is on, to hold',
  pictureTellsNoExposure:
    'The picture tells no exposure: read one spot of it with your own meter and place it, then the picture can be metered too.',
  pointMeterSceneClick:
    'Point the meter at the scene and click: it reads through all that is on the simulated lens.',
  clickPictureSkyAbove: 'Click the picture: sky above the skyline, land below it, is read from it.',
  fingerAimsAboveItself:
    'A finger aims above itself; by keyboard give it a place, then arrow keys and Enter.',
  evsGood12: ' Its EVs are good to 1 or 2 stops, the span is surer than they.',
  onceSkyLandRead: ', once sky and land are read',
  evLuxPlacesFigures: 'EV, lux, places by figures, and glass on the lens',
  skyBrightEnoughHold:
    'This sky is bright enough to hold the sun. Keep it out of an optical finder and a magnified lens: grads and ND are no protection for eyes.',
  noReadingYetLand: 'No reading yet. One of the land and one of the sky make a plan.',
  shotShowedHeldUntil: 'a shot showed it, to be held; until it is read',
  takeBackShotShowed: (id: string) => `Take back what the shot showed of ${id}`,
  circleDrawnTrueSize: 'its circle is drawn true to size in the frame',
  heldNotBalancedBrightest: 'To be held, not balanced (the brightest cloud, the deepest hole)',
  standHoldsReadingsRest: (maxReadings: number) =>
    `A stand holds ${maxReadings} readings: the rest is left out.`,
  pasteLinesNotebookF: 'Paste lines from a notebook (what, f-number, time, ISO), or a table with headings:',
  readingsCarriedExposure: 'Readings are carried to the exposure',
  testShotFirstReadings: 'Or a test shot first: the readings are then taken from it.',
  readSkyLandBrightest: 'Read sky, land and the brightest from it',
  readSkyLand: 'Read sky and land from it',
  takenOffEvSpan: 'taken off the EV in span and exposure',
};
