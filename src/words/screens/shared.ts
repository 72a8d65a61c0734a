/** What shared says in whole sentences. */
export const SHARED_TEXT = {
  bagAssumedSheetsPolariser:
    'This bag is assumed: sheets, a polariser and two NDs, and a holder of two slots. It does the job until you have said what you own.',
  deviceDidNotSay: 'The device did not say where it is. Type the place instead.',
  placeKnownOnceBoth: 'The place is known once both stand.',
  placeStaysUntilBoth: 'The place stays as it was until both stand again, or both are empty.',
  sensorHoldsAboveBelow: (highlightRoom: string, shadowRoom: string) =>
    `Sensor holds ${highlightRoom} above and ${shadowRoom} below mid-grey`,
  noLineTable: 'There is no line in this table.',
  pictureNotDevice: 'Its picture is not on this device.',
};
