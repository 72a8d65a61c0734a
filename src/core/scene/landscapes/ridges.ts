import { smoothStep } from '@/core/numerics';
import { type LandscapeKind } from '@/core/scene/parts/landscape';
import { crestNoise, octaveNoise } from '@/core/scene/parts/noise';
import { setAlbedo } from '@/core/scene/parts/surface';

/** Ridge behind ridge with mist between, through a long lens towards a low sun. */
export const ridges: LandscapeKind = {
  name: 'Layered ridges',
  sun: { altitudeDeg: 6.5, bearingDeg: 16 },
  view: { frame: { widthMm: 36, heightMm: 24 }, focalLengthMm: 180, horizonV: 0.28, eyeM: 620 },
  make(seed) {
    const range = crestNoise(seed, { wavelength: 5200, octaves: 4, gain: 0.42 });
    const spurs = octaveNoise(seed + 1, { wavelength: 900, octaves: 6, gain: 0.5 });
    const forest = octaveNoise(seed + 2, { wavelength: 26, octaves: 3, gain: 0.7 });
    return {
      sky: {
        air: 'hazy',
        clouds: { seed: seed + 5, cover: 0.2, size: 0.25, stretch: 3, stretchDeg: 85, edge: 0.1, thin: 0.7 },
      },
      ground: {
        height: (x, y, finest) => {
          const line = range(x * 0.8 + 900, y * 1.35, finest);
          const rise = 0.55 + 0.45 * smoothStep(3000, 24_000, y);
          return 640 * line * rise - 95 + 60 * spurs(x, y, finest) + 6 * forest(x, y, finest);
        },
        paint: (p, m) => setAlbedo(m, [0.05, 0.055, 0.032], 1 + 0.6 * forest(p.x, p.y, p.footprintM)),
        haze: { visibilityM: 42_000, mist: { perM: 0.0011, topM: 95, levelM: 90 } },
        nearM: 1800,
        farM: 46_000,
        shadowM: 2500,
      },
    };
  },
};
