/** What bag says in whole sentences. */
export const BAG_TEXT = {
  addPrintedRim: 'Add what is printed on the rim',
  bagHoldsFiltersMost: (maxFilters: number) => `A bag holds ${maxFilters} filters at most.`,
  youAlreadyAddedAgain: (twin: string) => ` You have this already: ${twin}. Added again it gets a number.`,
  addSheetFigures: 'Add a sheet by its figures',
  lengthsTransitionsGoName:
    'Lengths of transitions that go with a name are assumed for a sheet of its width: makes differ by half as much again either way, so type what you have measured.',
  bagTableGlassBring: 'Bag or table of glass to bring in',
  bringBagTableGlass: 'Bring in a bag or a table of glass',
  saveBagFile: 'Save the bag to a file',
  saveGlassTableCsv: 'Save the glass as a table (CSV)',
  noCameraYetStand: 'No camera yet. A stand begins with the one used last.',
  dragMoveArrowKeys: (what: string) => `${what}: drag it, or move it by the arrow keys`,
  measureStrengthColourTwo: 'Measure strength and colour by two pictures',
  greyCardWhiteCloth:
    'A grey card or a white cloth in even light fills the frame; aperture, ISO and white balance unchanged, the time as much longer as the glass asks for. Without it, then through it.',
  picturesDoNotTell: 'The pictures do not tell how they were exposed: only the colour is measured.',
  slotHolder: 'in a slot of the holder',
  leastMmWhereSeam: (wholeOrTenth: string) => `At least ${wholeOrTenth} mm, where the seam lies.`,
  sheetMostMm: (wholeOrTenth: string) => `On the sheet: at most ${wholeOrTenth} mm.`,
  bagEmptyAddYou: 'The bag is empty. Add what you own; every plan is made from it.',
  everyFilterArchive: 'Every filter is in the archive.',
  alongTodayAdviceKeeps: (along: number, usable: number) =>
    `${along} of ${usable} are along today, and advice keeps to them.`,
  allAlongTodayUntick: 'All are along today. Untick what stays at home, and advice does without it.',
  stopsCornersLoseLens: 'Stops that the corners lose, by lens and holder',
  computedF11Rings:
    'Computed at f/11 from the rings, the opening between the rails and where each pupil lies. An estimated pupil is good to a fifth: look at the corners of a test shot before you rely on a close one.',
  ringsOpeningBetweenRails:
    'Rings and the opening between the rails tell whether the corners of a wide picture go dark. Distances in front of the slot are negative.',
  anotherWidthHolderTakes: (misfits: string) =>
    `Of another width than this holder takes, and left out of the advice where it is on: ${misfits}`,
  threadsYouRings: 'Threads that you have rings for',
  packSaysWhereMissing: 'What to pack says where one is missing.',
  noneHolderAboveGoes: 'None: the holder above goes on every lens.',
  noLensBagYet: 'No lens in the bag yet. Put those in that it is for, or choose it at the stand.',
  noLensYetStand: 'No lens yet. A stand can do without; one that is here is chosen by name.',
  bulgingFrontHolderStands: 'Bulging front: the holder stands on a collar, not on a thread',
  printedYourGlassAfter: 'What is printed on your glass? One after another, with commas',
  stopsAlongSheetMeasured: 'Stops along the sheet, as measured over as sold',
  mmSeamTowardsDark: 'mm from the seam towards the dark end',
  drawnOutMeasuredDashed: 'Drawn out: measured. Dashed: as sold.',
  samplesMillimetresSeamTowards:
    'Samples: millimetres from the seam towards the dark end, and the stops measured there',
  measureTwoPicturesWithout: 'Measure it by two pictures, without and with it',
  tripodAnythingKeepsStill:
    'From the tripod, of anything that keeps still: one frame without the sheet, one with its transition across the middle, the same aperture, focus and white balance. Nothing need be even: what lies between the two is the sheet.',
  ifReadTellsLenss: 'if read: tells the lens’s pupil too',
  keepPupilsMmLens: (pupilMm: string) => `Keep the pupil’s ${pupilMm} mm with the lens`,
  profilePhotoSheet: 'Its profile from a photo of the sheet',
  holdSheetAgainstEven:
    'Hold the sheet against an even sky or a white screen, upright or across, so that half its width of that light is seen left and right of it; nothing blown, nothing reflected. Then lay the four corners on its own.',
  typeSheetsLengthFirst: 'Type the sheet’s length first: it is what the photo is measured by.',
  evenWallClearSky:
    'An even wall or a clear sky, aperture and ISO unchanged, one after the other at an even pace. Times or EV; what the light does meanwhile cancels.',
};
