/** The product's own words, each explained where it stands and in Help. */
export const HELP_WORDS = {
  span: {
    word: 'Span',
    text: 'How much brighter the sky is than the land, in stops: the mean of the sky readings less that of the land readings.',
  },
  keep: {
    word: 'Keep',
    text: 'The part of the span that the look leaves: what is left over is what the glass has to take.',
  },
  look: {
    word: 'Look',
    text: 'How much of the span you want left, and how: all of it taken, a little kept as the eye sees it, more than all, or no glass at all.',
  },
  hold: {
    word: 'Hold',
    text: 'A reading that must keep its detail, the brightest cloud or the deepest hole. It is in no mean: it only must not clip.',
  },
  seam: {
    word: 'Seam',
    text: 'Where a grad is half as dense as it gets: the pale line across the picture, and the middle of the change on the sheet.',
  },
  seat: {
    word: 'Seat',
    text: 'Where the sheet sits: how high it stands in its holder, and how far the holder is turned.',
  },
  rail: {
    word: 'Rail',
    text: 'The edge of the holder that a sheet slides past. What stands out above it can be measured with a ruler.',
  },
  play: {
    word: 'Play',
    text: 'How far the sheet may slide either way before anyone would see it: a tenth of a stop of fit.',
  },
  uneven: {
    word: 'Uneven',
    text: 'What shows: a strip, a line, a dark top. In stops, over the frame, when the sky is taken as a whole.',
  },
  level: {
    word: 'Level',
    text: 'How much too dark or too bright the sky comes out as a whole. It can be put right afterwards; exposure moves both sides.',
  },
  spill: { word: 'Spill', text: 'What the sheet takes off the land, which should lose nothing.' },
  leak: { word: 'Leak', text: 'What is still missing from the sky: a bright strip along the skyline.' },
  spread: {
    word: 'Spread',
    text: 'How much of the picture’s height the change from clear to dense takes: wide glass apertures and long lenses stretch it.',
  },
} as const;

export type HelpWord = keyof typeof HELP_WORDS;

/** What fingers do where a desk has keys. */
export const HELP_BY_TOUCH: readonly (readonly [string, string])[] = [
  ['Tap the picture', 'in Read, a reading is placed there; in Frame, a point of the skyline is added'],
  ['Drag along the skyline', 'lays that stretch of it anew'],
  ['Drag a mark', 'moves a reading or a point; by figures where it is selected'],
  ['Two fingers', 'look closer; a double tap shows the whole frame again'],
  ['Press and hold the picture', 'shows it without the grad'],
  ['Tap a figure', 'shows where it comes from'],
  ['Tap a dashed word', 'says what it means'],
];
