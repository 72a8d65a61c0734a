/** What outings says in whole sentences. */
export const OUTINGS_TEXT = {
  outingDayPlaceSun:
    'An outing is a day and a place: sun and moon over your framings, the span to expect, the tide that you type, the hours, and what to pack. Begin one the evening before.',
  notTakenCameCould: (name: string) =>
    `${name} was not taken: what came of it could not be kept. Nothing was changed.`,
  placeKeepsNotesWhere:
    'A place keeps its notes, where each framing looks to, and when to come back: when the sun stands there again, or the water.',
};
