/** What stand/balance says in whole sentences. */
export const BALANCE_TEXT = {
  searchStoppedBeforeDone: 'The search stopped before it was done. Change anything to try again.',
  workingOutEverySheet: 'Working out every sheet of your bag…',
  letGlassSeatFollow: 'Let glass and seat follow again',
  workingOutHowSafe: 'Working out how safe this is, and the other looks…',
  alikeBlurTimeStays: 'Alike in blur: the time stays, ND and ISO change',
  otherwiseWhenStandUsed: 'otherwise than when this stand used',
  standWorkedOutUsed: '. The stand is worked out with what it used then.',
  compareTwoTheyWould: 'Compare two as they would come out',
  takeOffTop: (brighter: string) => `to take off the top of the ${brighter}`,
  evenOutPartOnly: (sky: string) =>
    `Even out this part: only the bright top of the ${sky}, down to the rest of it`,
  lensBesideGrad: 'On the lens beside the grad',
  polariserGoesTurnedFirst: 'The polariser goes on and is turned first, then sky and land are read',
  everySheetAlongStands: 'Every sheet that is along stands above.',
  standCameBagOwn:
    'This stand came with a bag of its own, and is worked out with it. With yours, a choice of glass that you do not own is given up; undo brings it back.',
  sheetsBagBestFirst: 'Sheets of the bag, best first',
  noneBestAnswers: 'None of the best answers to that.',
  goodEachOtherDown: 'as good as each other, down to here',
  findSunEyeShadow:
    'Find the sun by eye and its shadow, never through an optical finder or a magnified lens.',
  noHeadingCameType: 'No heading came: type the direction, or tap where the sun stands.',
  sunStandsNow: 'The sun as it stands now',
  holdPhoneAlongLens: 'Hold the phone along the lens, away from iron. A compass is good to 10° or so.',
};
