import { KNOWN } from '@/core/field';
import { type FrameView, type KnownCells, lostCells } from './frame-picture';
import { rowReader } from './pixels/between';

/** Width of the pattern's stripes, px of the canvas. */
const STRIPE = 5;

/**
 * Marks over the frame what the sensor does not hold, by pattern and not by colour alone: stripes that rise over what is
 * blown, stripes that fall over what is too dark, dots over what a picture itself held no light of.
 */
export function paintClips(canvas: HTMLCanvasElement, { picture, plate, tie }: FrameView): void {
  const { columns, rows, log } = plate;
  const cells = lostCells(picture);
  const rowOf = cells && rowReader(cells, columns, rows);
  const { highlightRoom, shadowRoom } = picture.window;
  const context = canvas.getContext('2d') as CanvasRenderingContext2D;
  const image = context.createImageData(columns, rows);
  const { data } = image;
  for (let row = 0, i = 0; row < rows; row++) {
    const lost = rowOf?.(row);
    for (let column = 0; column < columns; column++, i++) {
      const tone =
        tie.offsetEv + tie.contrast * (log[i] as number) - (lost?.[column] ?? 0) - picture.evMidGrey;
      const isBlown = tone > highlightRoom;
      if (!isBlown && tone >= -shadowRoom) continue;
      if (Math.floor((isBlown ? column + row : column - row + rows) / STRIPE) % 2) continue;
      // dark stripes on what is white, light ones on what is black
      data.fill(isBlown ? 30 : 190, 4 * i, 4 * i + 3);
      data[4 * i + 3] = 255;
    }
  }
  context.putImageData(image, 0, 0);
  if (picture.known) paintUnknown(context, picture.known);
}

/** Distance of the dots over what a picture does not tell, px of the canvas. */
const DOTS = 11;

/** Dots over what the picture held no light of: dark on what was blown, light on what was black. */
function paintUnknown(context: CanvasRenderingContext2D, { cells, columns, rows }: KnownCells): void {
  const { width, height } = context.canvas;
  for (let y = DOTS / 2, line = 0; y < height; y += DOTS, line++)
    for (let x = line % 2 ? DOTS : DOTS / 2; x < width; x += DOTS) {
      const known = cells[Math.floor((y / height) * rows) * columns + Math.floor((x / width) * columns)];
      if (known === KNOWN.measured) continue;
      context.beginPath();
      context.arc(x, y, 2, 0, 2 * Math.PI);
      context.fillStyle = known === KNOWN.atLeast ? 'rgb(30 30 30)' : 'rgb(190 190 190)';
      context.fill();
    }
}
