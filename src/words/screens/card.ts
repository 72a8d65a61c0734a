/** What card says in whole sentences. */
export const CARDS_TEXT = {
  noStandMakeCard: 'No stand to make a card of',
  chooseAmongStandsCard: 'Choose one among the stands; its card is in its menu.',
  couldNotWorkedOut: 'could not be worked out; the stands are safe.',
  fourPageCutApart: 'Four to a page, to be cut apart',
  greyColourArmsLength:
    'In grey as in colour, at arm’s length. Print at 100 %, without margins of the printer’s own.',
};
