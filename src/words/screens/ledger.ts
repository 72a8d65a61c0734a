/** What ledger says in whole sentences. */
export const LEDGER_TEXT = {
  homeFilesCardOnce:
    'At home, the files of a card at once: each finds its shot by time and settings. Nothing of them is kept but their names, their settings and a picture in little.',
  theirShotsCouldNot: (fault: string) => `Their shots could not be found (${fault}): try fewer at a time.`,
  camerasClockAheadMinutes: 'The camera’s clock is ahead by, minutes',
  noShotButMade: 'Of no shot, but made while a stand was worked at',
  newStandsPlaceLand: (placementStops: string) => `New stands place the land at ${placementStops}`,
  newStandsKeepSky: (gapStops: string) => `New stands keep the sky ${gapStops} brighter`,
  everyShotToldI:
    'Every shot that is told with “I have shot it” comes to stand here, with what it showed. What they say together of your glass, your hand and your taste is offered here, and nothing is changed by itself.',
  nothingYetLeansWay:
    'Nothing yet that leans one way often enough: a filter looked through three times, four first shots corrected alike, four kept shots of one taste.',
  bagMeasuredSaysRim: 'The bag has it as measured; what it says on the rim stays beside it.',
  eachStandSearchedAgain:
    'Each stand is searched again with sheets that you do not own. What would have fitted better, and by how much; no maker is meant.',
  nothingNoneStandsWould: (what: number) =>
    `Nothing: in none of ${what} stands would another sheet have fitted clearly better.`,
  betterStopsEach: (count: number, what: number, fit: string) =>
    `better in ${count} of ${what}, by ${fit} stops each`,
};
