import { percentText, timeText } from '../figures/figures';

/** Frames beyond this are no answer: the card and the evening end before. */
const MOST_FRAMES = 200;

/** How many frames, averaged, stand in for one long exposure. */
export function averagingText(frames: number, frameSeconds: number, wantSeconds: number): string {
  if (frames < 2) return `One frame of ${timeText(frameSeconds)} is as long as that.`;
  if (frames > MOST_FRAMES)
    return `${frames} frames of ${timeText(frameSeconds)} would make ${timeText(wantSeconds)}: too many to be an answer.`;
  return `${frames} frames of ${timeText(frameSeconds)}, one right after the other and averaged, move as much as ${timeText(wantSeconds)}. Grad and polariser stay on; gaps between the frames show as dashes in fast water.`;
}

/** How a figure that stands still for a part of the exposure comes out. */
export function standingText(seconds: number, part: number): string {
  if (part >= 0.999) return `${timeText(seconds)}: all of the exposure, and nothing shows through.`;
  return `${timeText(seconds)}: the figure has ${percentText(part)} of its light, what is behind shows through at ${percentText(1 - part)}.`;
}

/** How long to stand for a figure that is plainly there, for a ghost, and to vanish. */
export const standingPartsText = ([plain = 0, ghost = 0, gone = 0]: readonly number[]): string =>
  `Plainly there from ${timeText(plain)}, a ghost about ${timeText(ghost)}, gone under ${timeText(gone)}.`;
