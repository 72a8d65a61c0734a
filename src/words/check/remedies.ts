import { type Bag, filtersById, type Remedy, type Told } from '@/model';
import { exposureText, fitFigure, stopsFigure } from '../figures/figures';
import { timeWayText } from '../expose/time-ways';
import { glassName } from '../glass/glass';
import { sightWords } from './sights';

/** A way to answer what was seen, as it stands on a button. */
export const remedyText = (remedy: Remedy, { what }: Told, bag: Bag): string =>
  sightWords(what).remedies?.[remedy.by] ?? wordsOf(remedy, bag);

function wordsOf(remedy: Remedy, bag: Bag): string {
  switch (remedy.by) {
    case 'evidence':
      return 'by the light';
    case 'polariser':
      return `the polariser${promiseText(remedy)}`;
    case 'time':
      return `${exposureText(remedy.way.seconds)}: ${timeWayText(remedy.way, bag)}`;
    case 'look':
      return remedy.to === 'draw' ? 'draw the sky out' : 'even out the top';
    case 'glass':
      return `${glassName(
        filtersById(
          bag,
          remedy.candidate.set.map((c) => c.id),
        ),
      )}: line ${fitFigure(remedy.lineStops)}`;
    case 'aperture':
      return `f/${remedy.aperture}`;
    case 'crop':
      return `crop to ${remedy.crop.width}:${remedy.crop.height}`;
    case 'placement':
      return `longer: the land placed at ${stopsFigure(remedy.placementStops)}`;
  }
}

function promiseText({ promise }: Extract<Remedy, { by: 'polariser' }>): string {
  if (!promise) return '';
  const [hazy, clear] = promise.darkerStops;
  return `: ${stopsFigure(hazy)} to ${stopsFigure(clear)} off the sky`;
}
