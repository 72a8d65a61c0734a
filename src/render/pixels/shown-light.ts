import { type LightField, type PictureTie, tiePicture } from '@/core/field';
import { MID_GREY } from '@/core/units';
import { lightOfFigures, middleStops, type StandPhoto } from '@/model';

/** What a frame's light stands for as it is shown, and the EV at mid-grey where nothing places the exposure. */
export interface ShownLight {
  /** Null without a picture. */
  readonly tie: PictureTie | null;
  readonly evMidGrey: number;
}

/**
 * A picture's light is shown as its field ties it; where nothing does, its own mid-grey as the usual light.
 *
 * @param usualEv EV to show at mid-grey where no reading places the exposure
 */
export function shownLight(
  field: LightField,
  usualEv: number,
  picture: Pick<StandPhoto, 'coding' | 'light'> | undefined,
): ShownLight {
  if (!picture) return { tie: null, evMidGrey: usualEv };
  const own = midGreyStops(picture);
  // on the bench the readings say how bright it is, though its light is not known
  const tie: PictureTie = field.tie ??
    tiePicture(lightOfFigures(picture.light), field.readings) ?? {
      offsetEv: usualEv - own,
      contrast: 1,
      by: 'exposure-data',
    };
  return { tie, evMidGrey: tie.offsetEv + tie.contrast * own };
}

/** Light that a picture itself has at mid-grey, log2: where the camera put it, or else half of it lies above. */
const midGreyStops = ({ coding, light }: Pick<StandPhoto, 'coding' | 'light'>): number =>
  coding ? middleStops(lightOfFigures(light)) : Math.log2(MID_GREY);
