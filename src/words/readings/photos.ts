import { type PictureTie, type UnknownLight } from '@/core/field';
import { type FoundSkyline, UNSURE } from '@/core/photo';
import { type PhotoFault } from '@/model';
import { listText, percentText, stopsFigure } from '../figures/figures';

/** Why a picture was not taken; nothing has changed then. */
export function photoFaultText(fault: PhotoFault | 'failed' | 'gone', name: string): string {
  const file = `“${name || 'the picture'}”`;
  switch (fault) {
    case 'empty':
      return `${file} is empty.`;
    case 'not-a-picture':
      return `${file} is no picture that is known here, whatever its name says. JPEG, PNG, WebP, AVIF, Radiance HDR, OpenEXR and most cameras’ raw files are read.`;
    case 'unsupported':
      return `${file} is of a kind that is not read, or damaged beyond reading. Save it as JPEG, PNG, WebP or AVIF.`;
    case 'animated':
      return `${file} is a moving picture. Take a single frame of it.`;
    case 'too-many-pixels':
      return `${file} has more pixels than the page’s memory holds (80 million; 30 million of high dynamic range). Save it smaller: 2000 pixels along the long side are enough.`;
    case 'too-large':
      return `${file} is larger than 150 MB. Save it smaller.`;
    case 'truncated':
      return `${file} breaks off before its end. Copy it again from the card.`;
    case 'damaged':
      return `${file} is damaged: it cannot be decoded.`;
    case 'raw-not-here':
      return `${file} is a camera’s raw file, which is read only where the page comes from this device or over HTTPS. Save it as JPEG.`;
    case 'gone':
      return `${file} is no longer there: put the card back in, and bring it in once more.`;
    case 'failed':
      return `${file} could not be read. Try again, or save it smaller first.`;
  }
}

/** How the picture's light is known, and how well. */
export function tieText(tie: PictureTie | null): string {
  if (!tie) return 'Its light is not known: it tells no exposure, and no reading is placed on it.';
  switch (tie.by) {
    case 'contrast-and-level':
      return `Its light follows your readings; a stop in the picture is ${stopsFigure(tie.contrast)} in the scene.`;
    case 'level':
      return 'Its light follows your reading, its contrast is as stored: good to about a stop. Two readings 2 stops apart settle it.';
    case 'mean':
      return 'Its light follows the one time that your camera showed, its contrast is as stored: good to about a stop.';
    case 'exposure-data':
      return 'Its light is rough, from its exposure alone: good to 1 or 2 stops, since cameras bend tones. Place a reading on it.';
  }
}

/** What the picture holds no light of, a sentence; null where it tells of everything. */
export function unknownText(unknown: readonly UnknownLight[]): string | null {
  const parts = unknown.flatMap(({ side, blown, black }) => [
    ...(blown >= WORTH_TELLING ? [`${percentText(blown)} of the ${side} is blown`] : []),
    ...(black >= WORTH_TELLING ? [`${percentText(black)} of the ${side} is black`] : []),
  ]);
  return parts.length
    ? `${listText(parts)} in it: how far beyond, it does not tell. “Mark what clips” dots these parts.`
    : null;
}

/** Less than this part of a side is not worth a word. */
const WORTH_TELLING = 0.005;

/** From here on a skyline that was found needs no more than a look. */
const SURE = 0.7;

/** How sure a skyline that was found is, and where it is not. */
export function skylineText({
  confidence,
  unsure,
  hasSky,
  lies,
}: Pick<FoundSkyline, 'confidence' | 'unsure' | 'hasSky' | 'lies'>): string {
  if (!hasSky) return 'No sky is found in this picture. If it has one, draw the line along its foot by hand.';
  if (lies)
    return `The picture seems to lie ${lies}: turn it and open it again. If it is upright, draw the line by hand, or use this as a start.`;
  const stretches = unsure.map(({ from, to }) => `${Math.round(100 * from)} to ${percentText(to)}`);
  // where nothing of it is sure the whole is said to be so
  const where =
    confidence < UNSURE || !stretches.length
      ? ''
      : ` It is unsure ${listText(stretches)} across, where the dots are hollow.`;
  return sureText(confidence) + where;
}

function sureText(confidence: number): string {
  const percent = `${Math.round(confidence * 100)} %`;
  if (confidence >= SURE) return `A skyline is found, ${percent} sure. Look along it, then use it.`;
  if (confidence >= UNSURE)
    return `A skyline is found, but only ${percent} sure: look along it, and correct it after use.`;
  return `This may not be the skyline: ${percent} sure. Better draw it, or use this as a start.`;
}
