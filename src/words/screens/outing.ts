/** What outing says in whole sentences. */
export const OUTING_TEXT = {
  tideTablesForecastsWardens:
    'Tide tables, forecasts, wardens, signs and those who know the place come before anything that is said here.',
  lightDayMidnightMidnight: (seen: string, figure: string) =>
    `The light of the day ${seen}, from midnight to midnight: ${figure}`,
  forecastOff15: (seen: string) => `${seen}; a forecast, off by 1.5 stops or more`,
  youWantedComeBack: 'You wanted to come back to',
  onThisDayIt: 'on this day it is so.',
  addStandsMeantDay: 'Add the stands that are meant for this day, or a framing by its name.',
  sunHorizon: ', with the sun on the horizon',
  hourNightNothingForecast: 'In its hour it is night: nothing is forecast.',
  noStandYet: 'one that is no stand yet',
  sayWhereSunMoon: 'Say where it is, and the sun and moon of the day are worked out here.',
  nothingDaysSunStands: 'Nothing of this day’s sun stands out here.',
  noSuchOuting: 'There is no such outing here',
  mayBeenDeletedMade: 'It may have been deleted, or made in another browser.',
  knowsWhenTheyExpect: 'Who knows of it, and when they expect to hear',
  weightsTakenBesideGlass: 'Weights, and what is taken beside the glass',
  takeAlongBesideEvery: 'Take along beside it, on every outing',
  pictureDoesNotTell: 'The picture does not tell where it was taken.',
  highLowWaterLine: 'High and low water, a line each',
  tableTheyTaken: 'The table they were taken from',
  nothingKnownTideUntil: 'Nothing is known of the tide here until it is typed.',
  betweenThemWaterDrawn:
    'Between them the water is drawn by half a cosine and by the rule of twelfths: estimates, both.',
  zoneNotKnownHours: 'This zone is not known here: hours are universal time.',
  zoneNameSuchEurope: 'A zone by its name, such as Europe/London or UTC.',
};
