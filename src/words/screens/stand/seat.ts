/** What stand/seat says in whole sentences. */
export const SEAT_TEXT = {
  lineWillSeen: 'The line as it will be seen',
  sheetHolderUpDown:
    'Sheet in the holder: up and down arrows slide it by half a millimetre, left and right arrows turn it by a quarter of a degree',
  howWellSheetServes: (play: readonly [string, string] | null | undefined) =>
    `How well the sheet serves as it slides${play ? `: from ${play[0]} to ${play[1]} mm it is as good` : ''}`,
  anticlockwiseQuarterDegree: 'Anticlockwise by a quarter of a degree',
  clockwiseQuarterDegree: 'Clockwise by a quarter of a degree',
  mmSheetStand: (outMm: string, what: string) => `${outMm} mm of the sheet stand ${what} it`,
  stopsOffWhole: (unwantedStops: string, other: string) =>
    `${unwantedStops} stops off the ${other} on the whole`,
  meetsLeftEdgeDown: (left: string, right: string) =>
    `meets the left edge ${left} down, the right ${right} down`,
  meetsTopAcrossBottom: (top: string, bottom: string) =>
    `meets the top ${top} across, the bottom ${bottom} across`,
  heightClearDense: (spread: string) => `${spread} of the height from clear to dense`,
  noGradFittedNothing: 'No grad is fitted, so there is nothing to seat.',
  nothingSeatYetGlass: 'There is nothing to seat yet: the glass comes first.',
  yourPictureUsesMm: (widthMm: number, heightMm: number) =>
    `Your picture uses ${widthMm} by ${heightMm} mm of the glass.`,
  letGlassSeatFollow: 'Let glass and seat follow again',
  secondSheetLowerHalf: 'Second sheet lower by half a millimetre',
  secondSheetHigherHalf: 'Second sheet higher by half a millimetre',
  millimetresSecondSheetSlid: 'Millimetres that the second sheet is slid by itself',
  pairFitsBetter: (gainStops: string, apartMm: string) =>
    `The pair fits ${gainStops} better with it ${apartMm}.`,
  lensOutwardsSeenSide: 'From the lens outwards, seen from the side',
  moveUpArrowNearer: (filter: string) => `Move ${filter}: up arrow nearer the lens, down arrow further out`,
  tooLowTooHigh: 'Too low, as it is, too high',
  turnGradPolariserShare: 'The turn that grad and polariser share',
  squarePolariserTurnsGrad: 'The square polariser turns with the grad',
  lineSkyLoseTurn: 'What the line and the sky lose, by the turn of the holder',
  holdersTurnDrawnOut:
    'By the holder’s turn. Drawn out: what the line loses. Dashed: what the sky keeps. Rings: the best of each; thick: as it stands; the coloured line lies between.',
};
