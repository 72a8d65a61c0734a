import { colourOf, type FramePainter, lostCells } from './frame-picture';
import { recordedPixels } from './pixels/plate';

/** Paints in the page, where there is nothing faster. */
export function canvasPainter(canvas: HTMLCanvasElement): FramePainter {
  return {
    paint: (view) => {
      const { picture, plate, tie, isMonochrome } = view;
      const context = canvas.getContext('2d');
      if (!context) return;
      const { columns, rows } = plate;
      const { rgba } = recordedPixels(plate, {
        tie,
        evMidGrey: picture.evMidGrey,
        window: picture.window,
        lost: lostCells(picture),
        ...colourOf(view),
        isMonochrome,
      });
      const image = context.createImageData(columns, rows);
      image.data.set(rgba);
      context.putImageData(image, 0, 0);
    },
    dispose: () => undefined,
  };
}
