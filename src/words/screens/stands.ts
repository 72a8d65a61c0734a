/** What stands says in whole sentences. */
export const STANDS_TEXT = {
  saveStored: 'Save it as it is stored',
  standCannotShownDeleted: 'The stand that cannot be shown is deleted.',
  cannotShownNothingLost: '” cannot be shown here. Nothing of it is lost.',
  everyStandArchive: 'Every stand is in the archive.',
  couldNotWorkedOut: 'could not be worked out; your stand is safe',
  dropStandFileOpen: 'Drop a stand file here to open it',
  theyKeptApartYours: '; they are kept apart from yours.',
  noStandYetStand:
    'No stand yet. A stand is one tripod position with one framing: begin one with what you have, two readings, a sheet that is on, one time or a picture, and the slip says what to do with glass, seat and time.',
  backupStandsBag: (stands: string, bag: string) => `The backup is in. Stands: ${stands} Bag: ${bag}`,
};
