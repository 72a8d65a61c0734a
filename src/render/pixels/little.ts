import { type FramePoint } from '@/core/field';
import { dimmingField } from '@/core/optics';
import { type Pixels, type Prepared, type SeenThrough, type StandPhoto } from '@/model';
import { assumedLight } from './frame-layers';
import { castOn, drawnPlate, type Plate, recordedPixels } from './plate';
import { shownLight } from './shown-light';

/** What a stand in little is painted from. */
export interface LittleView {
  readonly prepared: Prepared;
  /** The glass it is seen through, and what comes out at mid-grey; null for no glass. */
  readonly through: SeenThrough | null;
  /** The picture's light figures, and its pixels; null for the drawn ground. */
  readonly photo: { readonly picture: StandPhoto; readonly plate: Plate } | null;
  /** By how much each place is brighter than its picture says, stops; absent or null: nowhere. */
  readonly brighterStops?: ((place: FramePoint) => number) | null | undefined;
}

/** A stand in little as it would be recorded: the photograph in its colours, else the drawn ground, through the sheets. */
export function littlePixels({ prepared, through, photo, brighterStops }: LittleView): Pixels {
  const { field, frame, lens, window } = prepared.input;
  const plate = photo?.plate ?? drawnPlate(field);
  const { columns, rows } = plate;
  const shown = shownLight(field, assumedLight(field.readings).land, photo?.picture);
  const { set, seat, evMidGrey, cast = null } = through ?? {};
  const dimming =
    set?.length && seat
      ? dimmingField(prepared.tables(set, seat), { lens, seat, frame, columns, rows })
      : null;
  const lost = brighterStops ? changed(dimming, { columns, rows }, brighterStops) : dimming;
  return recordedPixels(plate, {
    tie: shown.tie ?? { offsetEv: 0, contrast: 1 },
    evMidGrey: evMidGrey ?? shown.evMidGrey,
    window,
    lost: lost && { columns, rows, values: lost },
    ...castOn([1, 1, 1], cast),
    isMonochrome: false,
  });
}

/** Light that is lost at each pixel, with a change at each place in it, stops. */
const changed = (
  lost: ArrayLike<number> | null,
  { columns, rows }: Pick<Plate, 'columns' | 'rows'>,
  brighterStops: (place: FramePoint) => number,
): Float32Array =>
  Float32Array.from({ length: columns * rows }, (_, i) => {
    const place = { u: ((i % columns) + 0.5) / columns, v: (Math.floor(i / columns) + 0.5) / rows };
    return (lost?.[i] ?? 0) - brighterStops(place);
  });
