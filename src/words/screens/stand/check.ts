/** What stand/check says in whole sentences. */
export const CHECK_TEXT = {
  nothingShotYetSet:
    'Nothing is shot yet. Set the camera by the slip, make the picture, then press “I have shot it”: say what it shows, and the slip is corrected at once.',
  holdFileAgainstPlan: 'Hold its file against the plan',
  slipGoesFileSays: 'The slip goes by what the file says.',
  madeNotSlipSaid: (takeSettings: string) => `It was made at ${takeSettings}, not as the slip said.`,
  canDrawnOnceLand: 'It can be drawn once land and sky are read.',
  howOughtLookPut:
    'This is how it ought to look: put each end where the camera’s stands, or tap that it runs off.',
  goodHalfStopJpeg: 'Good to half a stop, and of the JPEG that the camera shows: the raw file holds more.',
  leftEndCamerasHistogram: 'Left end of the camera’s histogram',
  rightEndCamerasHistogram: 'Right end of the camera’s histogram',
  shotsPlanWouldThem: 'Shots, as the plan would have them',
  slipNoTimeYet: 'The slip has no time yet: read the land, or let the camera read through all that is on.',
  threeThingsOnceEnough: 'Three things at once are enough: take one back, or shoot again.',
};
