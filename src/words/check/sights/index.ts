import { type Much, type Seen, type Sight, type SightGroup, type SightOf, type Told } from '@/model';
import { LAND } from './land';
import { LINE } from './line';
import { MEASURED } from './measured';
import { MORE } from './more';
import { SKY } from './sky';
import { TIME } from './time';
import { type CauseQuestion, type SightWords } from './words';

export { type CauseQuestion };

const SIGHTS: Readonly<Record<Sight, SightWords>> = {
  ...SKY,
  ...LINE,
  ...LAND,
  ...TIME,
  ...MORE,
  ...MEASURED,
};

export const sightWords = (sight: Sight): SightWords => SIGHTS[sight];

export const SIGHT_GROUPS: Record<SightGroup, string> = {
  sky: 'Sky',
  line: 'Line',
  land: 'All of it, land and water',
  more: 'More',
  measured: 'Measured',
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

/** What of the picture shows it, as it stands on a button. */
export const sightOfText = (sight: Sight, of: SightOf): string => sightWords(sight).ofs?.[of] ?? OF_NAMES[of];

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

/** How much of it, as it stands on a button. */
export const muchText = (sight: Sight, much: Much): string =>
  sightWords(sight).muches?.[much] ?? MUCH_NAMES[much];

/** What was seen, in a few words: "highlights gone, in the sky, a part". */
export function seenText({ what, of, much, at, raw }: Seen): string {
  return [
    sightWords(what).name,
    of && sightOfText(what, of),
    much && muchText(what, much),
    at && 'as shown',
    raw && 'by the raw file',
  ]
    .filter(Boolean)
    .join(', ');
}

/** What else is to be said of what was seen: what it may come from, what helps, what that costs. */
export function adviceText(told: Told): string {
  const { advice } = sightWords(told.what);
  return typeof advice === 'string' ? advice : advice(told);
}

/** What is asked of a sight so that its cause is told; null where nothing needs asking. */
export function causeQuestion({ what, of }: Told): CauseQuestion | null {
  const { cause, causeOf } = sightWords(what);
  return cause && (!causeOf || of === causeOf) ? cause : null;
}
