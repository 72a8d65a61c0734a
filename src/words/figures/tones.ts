import { type ReadingOutcome } from '@/core/balance';
import { stopsFigure } from './figures';

/** A tone by its distance from mid-grey: "1.2 above mid-grey". */
export function toneText(tone: number): string {
  const figure = stopsFigure(Math.abs(tone));
  return Number(figure) === 0 ? 'at mid-grey' : `${figure} ${tone > 0 ? 'above' : 'below'} mid-grey`;
}

/** What becomes of a reading, in which frame of a bracket; null where nothing is exposed. */
export function shownText({ toneThroughStops: tone, frame }: ReadingOutcome): string | null {
  if (!Number.isFinite(tone)) return null;
  return `${toneText(tone)}${frame === null ? '' : ` in frame ${frame + 1}`}`;
}
