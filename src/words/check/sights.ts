import { type Much, type Seen, type Sight, type SightGroup, type SightOf } from '@/model';

/** What each thing that a shot can show is called on its button. */
export const SIGHT_NAMES: Record<Sight, string> = {
  blown: 'Highlights gone',
  'sky-pale': 'Sky too pale',
  'sky-dark': 'Sky too dark',
  dull: 'Dull, flat sky',
  'bright-top': 'Bright top',
  strip: 'Bright strip',
  'dark-top': 'Dark top',
  'line-shows': 'The line shows',
  turned: 'Turned wrongly',
  'too-dark': 'All too dark',
  'too-bright': 'All too bright',
  blocked: 'Land blocked up',
  glare: 'Glare',
  rippled: 'Water rippled',
  'too-smooth': 'Water too smooth',
  'no-streaks': 'No cloud streaks',
  'people-there': 'People still there',
  'people-gone': 'People gone',
  soft: 'Soft',
  mirrored: 'My reflection in it',
  clutter: 'Clutter at an edge',
  corners: 'Corners dark',
  streaks: 'Streaks of light',
  colour: 'Colour all over',
  spots: 'Spots',
  histogram: 'The histogram',
  file: 'The file',
};

export const SIGHT_GROUPS: Record<SightGroup, string> = {
  sky: 'Sky',
  line: 'Line',
  land: 'All of it, land and water',
  more: 'More',
  measured: 'Measured',
};

/** What of it is asked first; null where there is nothing to ask. */
export const SIGHT_QUESTIONS: Partial<Record<Sight, string>> = {
  blown: 'Where, and how much?',
  turned: 'Which end lies too high?',
  blocked: 'What, and how much of it?',
  glare: 'On what?',
  soft: 'What is soft?',
  clutter: 'At which edge?',
};

const OF_NAMES: Record<SightOf, string> = {
  sky: 'in the sky',
  land: 'the land',
  feature: 'something in the land',
  water: 'water',
  leaves: 'leaves',
  rock: 'wet rock',
  deck: 'a deck',
  window: 'windows',
  metal: 'bare metal',
  left: 'left',
  right: 'right',
  top: 'top',
  foot: 'foot',
};

const SOFT_NAMES: Partial<Record<SightOf, string>> = {
  land: 'all of it',
  foot: 'what is near',
  top: 'what is far',
};

/** What of the picture shows it, as it stands on a button. */
export const sightOfText = (sight: Sight, of: SightOf): string =>
  (sight === 'soft' && SOFT_NAMES[of]) || OF_NAMES[of];

const MUCH_NAMES: Record<Much, string> = {
  speck: 'a speck',
  part: 'a part',
  most: 'most',
  all: 'all',
  little: 'a little',
  clearly: 'clearly',
  far: 'far',
  much: 'much',
};

const BREADTHS: Partial<Record<Much, string>> = { little: 'thin', much: 'broad' };

/** How much of it, as it stands on a button. */
export const muchText = (sight: Sight, much: Much): string =>
  ((sight === 'strip' || sight === 'dark-top') && BREADTHS[much]) || MUCH_NAMES[much];

/** What was seen, in a few words: "highlights gone, in the sky, a part". */
export function seenText({ what, of, much, at, raw }: Seen): string {
  return [
    SIGHT_NAMES[what],
    of && sightOfText(what, of),
    much && muchText(what, much),
    at && 'as shown',
    raw && 'by the raw file',
  ]
    .filter(Boolean)
    .join(', ');
}
