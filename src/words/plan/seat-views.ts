import { type SeamView, type SeamViews, type SharedTurn, type SharedTurns } from '@/model';
import { listText, mmFigure, stopsFigure } from '../figures/figures';
import { turnText } from '../figures/turn';

/** Spreads that differ by less look alike, as a part of the frame's height. */
const ALIKE = 0.02;

/** Which of the looks at the line tells how it will come out. */
export function seenTrulyText({ open, taking, stoppedDown }: SeamViews): string {
  const at = (view: SeamView) => Math.abs(view.spread - taking.spread) < ALIKE;
  if (open.aperture === taking.aperture) return 'The finder shows it as it will be recorded.';
  if (at(open) && at(stoppedDown)) return 'It looks alike at any of them: judge it as it is.';
  const down =
    stoppedDown.aperture === taking.aperture || at(stoppedDown)
      ? ''
      : `; stopped down to f/${stoppedDown.aperture} shows it harder than it is recorded`;
  return `Judge it on the screen or with the depth-of-field button at f/${taking.aperture}: wide open it looks softer${down}.`;
}

/** A turn of the holder that a grad and a square polariser share: "12° clockwise". */
export const sharedTurnText = ({ turnDeg }: SharedTurn): string =>
  turnText(turnDeg)
    .replace(/^upside down, /, '')
    .replace(/^turned /, '');

/** What each of the two wants of the holder's turn, and what is lost between. */
export function sharedTurnsText({ grad, polariser, between }: SharedTurns): string {
  const lost = [
    `the line ${stopsFigure(between.misfitStops)} worse than at its own`,
    `the sky ${stopsFigure(between.paleStops)} paler than it could be`,
  ];
  return `The line wants ${sharedTurnText(grad)}, the polariser ${sharedTurnText(polariser)}. Between them, ${sharedTurnText(between)}: ${listText(lost)}.`;
}

/** What comes of a sheet that stands too far towards its dark end, or too little: so many mm off, the side that goes wrong. */
export const tooLowText = (mm: number, way: 'lower' | 'higher', side: string): string =>
  `${mmFigure(mm)} ${way}: the ${side} goes dark`;
export const tooHighText = (mm: number, way: 'lower' | 'higher', side: string): string =>
  `${mmFigure(mm)} ${way}: the ${side} stays bright`;
