import { type FramePoint, type Role, skylineAt } from '@/core/field';
import { dimmingField, type FrameSize, type Lens, type Seat, type SlantTables } from '@/core/optics';
import { srgbFromLinear } from '@/core/units';
import { type SensorWindow, type StandShape } from '@/model';
import { displayLight, THEME_TINTS, TINTS } from './pixels/display-light';
import { type FrameLayers } from './pixels/frame-layers';

/** What a frame looks like as it would be recorded. */
export interface FramePicture {
  readonly layers: FrameLayers;
  readonly frame: FrameSize;
  readonly lens: Lens;
  readonly skyline: readonly FramePoint[];
  readonly shapes: readonly StandShape[];
  readonly window: SensorWindow;
  /** EV that the exposure places at mid-grey. */
  readonly evMidGrey: number;
  /** The glass as it is seated; null to show the frame bare. */
  readonly glass: { readonly seat: Seat; readonly tables: SlantTables } | null;
  /** What openings in front of the lens take from each cell of the layers, stops; null for nothing. */
  readonly vignette: Float64Array | null;
  /** By how much a polariser changes the sky of each cell from its mean, stops brighter; null without one. */
  readonly skyShift: Float32Array | null;
  /** What a picture tells of each cell's light; null for a drawn ground, of which all is as it is told. */
  readonly known: KnownCells | null;
  readonly theme: 'noon' | 'dusk';
}

/** Cells of the light field as `KNOWN`. */
export interface KnownCells {
  readonly columns: number;
  readonly rows: number;
  readonly cells: Uint8Array;
}

const GREY = [1, 1, 1];
/** Tones are looked up in this many steps a stop, from `LUT_FROM` to `LUT_TO`. */
const LUT_STEPS = 64;
const LUT_FROM = -10;
const LUT_TO = 8;
function toneTable(tint: readonly number[], picture: FramePicture): Uint8ClampedArray {
  const count = (LUT_TO - LUT_FROM) * LUT_STEPS + 1;
  const table = new Uint8ClampedArray(count * 3);
  const theme = THEME_TINTS[picture.theme];
  for (let i = 0; i < count; i++) {
    const light = displayLight(LUT_FROM + i / LUT_STEPS, picture.window);
    for (let c = 0; c < 3; c++)
      table[i * 3 + c] = 255 * srgbFromLinear(light * (tint[c] as number) * (theme[c] as number));
  }
  return table;
}

/** What the glass takes from each cell of the layers, stops; null without glass. */
export function layerDimming({ layers, frame, lens, glass }: FramePicture): Float32Array | null {
  const { columns, rows } = layers;
  return glass && dimmingField(glass.tables, { lens, seat: glass.seat, frame, columns, rows });
}

/** One region's light through the glass as pixels. */
function paintLayer(
  role: Role,
  picture: FramePicture,
  dimming: Float32Array | null,
  isMonochrome: boolean,
): HTMLCanvasElement {
  const { layers, evMidGrey, vignette } = picture;
  const shift = role === 'sky' ? picture.skyShift : null;
  const { columns, rows } = layers;
  const canvas = document.createElement('canvas');
  canvas.width = columns;
  canvas.height = rows;
  const context = canvas.getContext('2d') as CanvasRenderingContext2D;
  const image = context.createImageData(columns, rows);
  const table = toneTable(isMonochrome ? GREY : TINTS[role], picture);
  const ev = layers.ev(role);
  const last = table.length / 3 - 1;
  for (let i = 0; i < columns * rows; i++) {
    const lost = (dimming?.[i] ?? 0) + (vignette?.[i] ?? 0) - (shift?.[i] ?? 0);
    const tone = (ev[i] as number) - lost - evMidGrey;
    const at = 3 * Math.min(last, Math.max(0, Math.round((tone - LUT_FROM) * LUT_STEPS)));
    image.data[i * 4] = table[at] as number;
    image.data[i * 4 + 1] = table[at + 1] as number;
    image.data[i * 4 + 2] = table[at + 2] as number;
    image.data[i * 4 + 3] = 255;
  }
  context.putImageData(image, 0, 0);
  return canvas;
}

/** Paints the frame over the whole canvas: the light field through the glass, in linear light. */
export function paintFrame(canvas: HTMLCanvasElement, picture: FramePicture, isMonochrome = false): void {
  const context = canvas.getContext('2d') as CanvasRenderingContext2D;
  const { width, height } = canvas;
  const dimming = layerDimming(picture);
  const painted = new Map<Role, HTMLCanvasElement>();
  const fill = (role: Role, outline?: readonly FramePoint[]) => {
    const layer = painted.get(role) ?? paintLayer(role, picture, dimming, isMonochrome);
    painted.set(role, layer);
    context.save();
    if (outline) {
      context.beginPath();
      for (const { u, v } of outline) context.lineTo(u * width, v * height);
      context.closePath();
      context.clip('evenodd');
    }
    context.drawImage(layer, 0, 0, width, height);
    context.restore();
  };
  fill('sky');
  fill('land', landOutline(picture.skyline));
  for (const shape of picture.shapes) if (shape.region !== 'ignore') fill(shape.region, shape.points);
}

/** Outline of everything below the skyline. */
function landOutline(skyline: readonly FramePoint[]): FramePoint[] {
  const at = skylineAt(skyline);
  const inner = [...skyline].sort((a, b) => a.u - b.u).filter((p) => p.u > 0 && p.u < 1);
  return [{ u: 0, v: at(0) }, ...inner, { u: 1, v: at(1) }, { u: 1, v: 2 }, { u: 0, v: 2 }];
}
