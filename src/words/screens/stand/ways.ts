/** What stand/ways says in whole sentences. */
export const WAYS_TEXT = {
  skylineDottedPictureTake: 'The skyline is dotted on the picture: take it or keep yours, there.',
  lensFramesZoomStep:
    'As the lens frames it: zoom or step until it matches. It stays on this device; a copy of 1600 pixels is kept, the original stays yours.',
  noGradAlongAdd: 'No grad is along. Add those that you own to the bag.',
  ndPolariserTakeEvery: 'ND or polariser take every slot of the holder: none is left for a sheet.',
  twoReadingsSheetWhere: 'two readings: which sheet, where, and what time',
  seatTimeYourCamera: 'which one: its seat here, and the time your camera shows, carried through any ND',
  readingEveryNdYou: 'one reading; every ND you have along',
  takeNowChooseTime: 'take one now or choose one; then one time off the camera',
  eachCanJoinedOthers: 'Each can be joined by the others later.',
};
