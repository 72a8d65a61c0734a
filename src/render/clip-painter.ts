import { isInside, KNOWN, type Role, skylineAt } from '@/core/field';
import { type FramePicture, type KnownCells } from './frame-painter';
import { lostAt, type PhotoView } from './photo-painter';

/** Width of the pattern's stripes, px of the canvas. */
const STRIPE = 5;
/** Points along the longer side at which the drawn field is looked at. */
const LOOKED_AT = 300;

/**
 * Marks what the sensor does not hold, by pattern and not by colour alone: stripes that rise over what is blown, stripes
 * that fall over what is too dark, dots over what a picture itself held no light of.
 */
export function paintClips(canvas: HTMLCanvasElement, picture: FramePicture, photo: PhotoView | null): void {
  const part = LOOKED_AT / Math.max(canvas.width, canvas.height);
  const columns = photo ? photo.plate.columns : Math.round(canvas.width * part);
  const rows = photo ? photo.plate.rows : Math.round(canvas.height * part);
  const lost = lostAt(picture, columns, rows);
  const ev = photo
    ? (i: number) => photo.tie.offsetEv + photo.tie.contrast * (photo.plate.log[i] as number)
    : drawnEv(picture, columns, rows);
  const { highlightRoom, shadowRoom } = picture.window;
  const context = canvas.getContext('2d') as CanvasRenderingContext2D;
  const image = context.getImageData(0, 0, canvas.width, canvas.height);
  const { data } = image;
  for (let y = 0; y < canvas.height; y++) {
    const row = Math.min(rows - 1, Math.floor((y * rows) / canvas.height));
    for (let x = 0; x < canvas.width; x++) {
      const column = Math.min(columns - 1, Math.floor((x * columns) / canvas.width));
      const tone = ev(row * columns + column) - lost(column, row) - picture.evMidGrey;
      const isBlown = tone > highlightRoom;
      if (!isBlown && tone >= -shadowRoom) continue;
      if (Math.floor((isBlown ? x + y : x - y + canvas.height) / STRIPE) % 2) continue;
      const at = 4 * (y * canvas.width + x);
      // dark stripes on what is white, light ones on what is black
      for (let k = 0; k < 3; k++) data[at + k] = isBlown ? 30 : 190;
    }
  }
  context.putImageData(image, 0, 0);
  if (photo && picture.known) paintUnknown(context, picture.known);
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

/** EV of the drawn field at each point: that of the region it lies in. */
function drawnEv(
  { layers, skyline, shapes }: FramePicture,
  columns: number,
  rows: number,
): (i: number) => number {
  const at = skylineAt(skyline);
  const line = Float64Array.from({ length: columns }, (_, column) => at((column + 0.5) / columns));
  return (i) => {
    const column = i % columns;
    const [u, v] = [(column + 0.5) / columns, (Math.floor(i / columns) + 0.5) / rows];
    const shape = shapes.findLast((s) => s.region !== 'ignore' && isInside(s.points, u, v));
    const role: Role = shape ? (shape.region as Role) : v < (line[column] as number) ? 'sky' : 'land';
    const cell =
      Math.min(layers.rows - 1, Math.floor(v * layers.rows)) * layers.columns +
      Math.min(layers.columns - 1, Math.floor(u * layers.columns));
    return layers.ev(role)[cell] as number;
  };
}
