import { luminanceOfEv } from '@/core/exposure';
import { clamp, normalRandom, seededRandom } from '@/core/numerics';
import { luminanceOf, MID_GREY, srgbFromLinear } from '@/core/units';
import { type SceneLight } from './parts/types';

/** A camera that takes a picture of a scene, and whose every property is known. */
export interface SceneCamera {
  /** EV at ISO 100 that it places at mid-grey, linear 0.18. */
  readonly midGreyEv: number;
  /**
   * Contrast of its picture: a stop of light becomes so many stops of the picture's linear light. 1 is linear; cameras
   * and phones that compress tones are below.
   */
  readonly contrast?: number;
  readonly fullWellElectrons?: number;
  readonly readNoiseElectrons?: number;
  /** Light lost in the corners, stops. */
  readonly cornerStops?: number;
  readonly seed?: number;
}

/** A picture as a camera writes it: sRGB, three bytes a point. */
export interface ScenePicture {
  readonly columns: number;
  readonly rows: number;
  readonly rgb: Uint8ClampedArray;
}

/** Takes a picture: light through the lens, electrons with their noise, the picture's own curve, bytes. */
export function takePhoto(scene: SceneLight, camera: SceneCamera): ScenePicture {
  const {
    midGreyEv,
    contrast = 1,
    fullWellElectrons = 50_000,
    readNoiseElectrons = 3,
    cornerStops = 0,
    seed = 1,
  } = camera;
  const { columns, rows } = scene;
  const random = seededRandom(seed);
  const white = luminanceOfEv(midGreyEv) / MID_GREY;
  const rgb = new Uint8ClampedArray(3 * columns * rows);
  for (let i = 0; i < columns * rows; i++) {
    const du = (i % columns) / columns - 0.5;
    const dv = Math.floor(i / columns) / rows - 0.5;
    const lens = 2 ** (-2 * cornerStops * (du * du + dv * dv)) / white;
    const electrons = (k: number) => {
      const mean = scene.rgb[3 * i + k] * lens * fullWellElectrons;
      return (
        (mean + normalRandom(random) * Math.sqrt(Math.max(0, mean) + readNoiseElectrons ** 2)) /
        fullWellElectrons
      );
    };
    const [r, g, b] = [electrons(0), electrons(1), electrons(2)];
    // the curve bends luminance and leaves the colour, as far as the channels can follow
    const y = Math.max(1e-7, luminanceOf(r, g, b));
    const bent = MID_GREY * (y / MID_GREY) ** contrast;
    for (let k = 0; k < 3; k++) rgb[3 * i + k] = 255 * srgbFromLinear(clamp([r, g, b][k] * (bent / y), 0, 1));
  }
  return { columns, rows, rgb };
}
