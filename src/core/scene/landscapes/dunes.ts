import { mix, smoothStep } from '@/core/numerics';
import { type LandscapeKind } from '@/core/scene/parts/landscape';
import { octaveNoise } from '@/core/scene/parts/noise';
import { setAlbedo } from '@/core/scene/parts/surface';

/** Dunes towards a low sun: a crest that leads away, one side lit, one in the shade, and a glow along the horizon. */
export const dunes: LandscapeKind = {
  name: 'Dunes into the light',
  sun: { altitudeDeg: 5, bearingDeg: -27 },
  view: { frame: { widthMm: 36, heightMm: 24 }, focalLengthMm: 24, horizonV: 0.47, eyeM: 3.2 },
  make(seed) {
    const bend = octaveNoise(seed, { wavelength: 190, octaves: 3 });
    const size = octaveNoise(seed + 1, { wavelength: 260, octaves: 2 });
    const wind = octaveNoise(seed + 2, { wavelength: 9, octaves: 3 });
    const grain = octaveNoise(seed + 3, { wavelength: 0.04, octaves: 2, gain: 0.8 });
    const rows = (x: number, y: number, finest: number) => {
      const part = (0.55 * x + y + 60 * bend(x, y, finest)) / 150;
      const q = part - Math.floor(part);
      const back = q < 0.7 ? smoothStep(-0.3, 1.1, q / 0.7) : smoothStep(1.05, 0, (q - 0.7) / 0.3);
      return (11 + 7 * size(x, y, finest)) * back;
    };
    return {
      sky: {
        air: 'hazy',
        clouds: {
          seed: seed + 8,
          cover: 0.36,
          size: 0.7,
          stretch: 4.5,
          stretchDeg: 96,
          edge: 0.2,
          thin: 0.7,
        },
      },
      ground: {
        height: (x, y, finest) => {
          const main =
            mix(2.6, 15, smoothStep(4, 150, y)) *
            knife(x - crestX(y), mix(7, 42, smoothStep(3, 140, y))) *
            smoothStep(330, 170, y);
          const ripple =
            Math.sin(6.2 * (0.35 * x + 0.9 * y) + 6 * wind(x, y, finest)) *
            0.014 *
            smoothStep(0.35, 0.05, finest);
          return (
            main +
            (y > 60 ? rows(x, y, finest) * smoothStep(60, 260, y) * 1.1 : 0) +
            1.1 * size(x * 3, y * 3, finest) -
            2.6 +
            ripple +
            0.0012 * grain(x, y, finest) -
            4.5 * smoothStep(40, 200, y)
          );
        },
        paint: (p, m) => {
          setAlbedo(
            m,
            [0.56, 0.37, 0.2],
            1 + 0.12 * grain(p.x, p.y, p.footprintM) + 0.1 * wind(p.x, p.y, p.footprintM),
          );
          m.gloss = 0.06;
        },
        haze: { visibilityM: 13_000, mist: { perM: 0.0006, topM: 12, levelM: -8 } },
        nearM: 1.6,
        farM: 3600,
        shadowM: 190,
      },
    };
  },
};

/** Where the main crest runs, m to the right at so many ahead. */
const crestX = (y: number): number =>
  -7 + 0.2 * y + 13 * Math.sin(y / 34 + 2.4) * smoothStep(0, 60, y) + 3 * Math.sin(y / 11);

/** A knife edge: steeper on the side in the shade. */
const knife = (off: number, width: number): number =>
  Math.exp(-Math.abs(off) / (off > 0 ? 0.62 * width : width));
