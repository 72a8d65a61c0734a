import { type FramePoint, type PictureTie } from '@/core/field';
import { dimmingField, type FrameSize, type Lens, type Seat, type SlantTables } from '@/core/optics';
import { type SeenCast, type SensorWindow, type StandShape } from '@/model';
import { type Cells } from './pixels/between';
import { type FrameLayers } from './pixels/frame-layers';
import { THEME_TINTS } from './pixels/display-light';
import { castOn, type Coloured, type Plate } from './pixels/plate';

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
  /** The colour that the glass was measured to have; null for none. */
  readonly cast: SeenCast | null;
  readonly theme: 'noon' | 'dusk';
}

/** Cells of the light field as `KNOWN`. */
export interface KnownCells {
  readonly columns: number;
  readonly rows: number;
  readonly cells: Uint8Array;
}

/** A frame ready to be painted: its light and colour at the size of the canvas, and what that light stands for. */
export interface FrameView {
  readonly picture: FramePicture;
  readonly plate: Plate;
  readonly tie: Pick<PictureTie, 'offsetEv' | 'contrast'>;
  readonly isMonochrome: boolean;
}

/** Paints frames onto one canvas, which has the size of their plates. */
export interface FramePainter {
  paint(view: FrameView): void;
  /** Gives back what it holds. */
  dispose(): void;
}

/** What the channels of a frame are multiplied with, and lose beside for each stop that is lost; without colours none. */
export const colourOf = ({ picture: { theme, cast }, isMonochrome }: FrameView): Coloured =>
  castOn(THEME_TINTS[theme], isMonochrome ? null : cast);

/** What glass, openings and polariser take from each cell of the layers, stops; null where nothing does. */
export function lostCells(picture: FramePicture): (Cells & { readonly values: Float32Array }) | null {
  const { layers, frame, lens, glass, vignette, skyShift } = picture;
  if (!glass && !vignette && !skyShift) return null;
  const { columns, rows } = layers;
  const values = glass
    ? dimmingField(glass.tables, { lens, seat: glass.seat, frame, columns, rows })
    : new Float32Array(columns * rows);
  if (vignette || skyShift)
    for (let i = 0; i < values.length; i++) values[i]! += (vignette?.[i] ?? 0) - (skyShift?.[i] ?? 0);
  return { columns, rows, values };
}
