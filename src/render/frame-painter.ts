import { canvasPainter } from './canvas-painter';
import { type FramePainter } from './frame-picture';
import { glPainter, hasProcessor } from './gl-painter';

/**
 * Paints a canvas by the graphics processor where there is one that is worth it, else in the page; the two are alike within
 * one level of the display.
 *
 * @param onLost told when the graphics processor is taken away: the canvas is of no more use
 */
export const framePainter = (canvas: HTMLCanvasElement, onLost: () => void): FramePainter =>
  (hasProcessor() ? glPainter(canvas, onLost) : null) ?? canvasPainter(canvas);
