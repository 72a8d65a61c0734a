import { type FramePainter, type FrameView, lostCells } from './frame-picture';
import { THEME_TINTS } from './pixels/display-light';
import { recordedPixels } from './pixels/plate';

/** Paints in the page, where there is nothing faster. */
export function canvasPainter(canvas: HTMLCanvasElement): FramePainter {
  return {
    paint: ({ picture, plate, tie, isMonochrome }: FrameView) => {
      const context = canvas.getContext('2d');
      if (!context) return;
      const { columns, rows } = plate;
      const { rgba } = recordedPixels(plate, {
        tie,
        evMidGrey: picture.evMidGrey,
        window: picture.window,
        lost: lostCells(picture),
        tint: THEME_TINTS[picture.theme],
        isMonochrome,
      });
      const image = context.createImageData(columns, rows);
      image.data.set(rgba);
      context.putImageData(image, 0, 0);
    },
    dispose: () => undefined,
  };
}
