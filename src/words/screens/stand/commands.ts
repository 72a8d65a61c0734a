/** What stand/commands says in whole sentences. */
export const COMMANDS_TEXT = {
  letGlassSeatFollow: 'Let glass and seat follow again',
  exportStandFile: 'Export this stand to a file',
  exportStandPicture: 'Export this stand with its picture',
  putStandIntoArchive: 'Put this stand into the archive',
  nextReadingBalanced: 'The next reading is to be balanced',
  nextReadingHeld: 'The next reading is to be held',
  takeShootPhotoFrame: 'take shoot photo frame shutter check',
  copyStandsList: 'A copy stands in the list.',
  copyingNotPossibleSlip: 'Copying is not possible here. The slip says:',
};
