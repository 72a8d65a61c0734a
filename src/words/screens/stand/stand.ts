/** What stand/stand says in whole sentences. */
export const STAND_TEXT = {
  openThirdStop: 'Open by a third of a stop',
  stopDownThirdStop: 'Stop down by a third of a stop',
  isoLowerThirdStop: 'ISO lower by a third of a stop',
  isoHigherThirdStop: 'ISO higher by a third of a stop',
  noGradFittedHolder: 'No grad is fitted: the holder stays empty.',
  holderFillsWhenLand: 'The holder fills when land and sky are read.',
  noSuchStand: 'There is no such stand here',
  mayBeenDeletedMade: 'It may have been deleted, or made in another browser.',
  askedOnceTakeWhole: (sky: string) =>
    `Asked once: take the whole difference, or keep the ${sky} a little brighter?`,
  figureNotMoment: 'This figure is not there at the moment.',
};
