import { clamp, smoothStep } from '@/core/numerics';
import { type LandscapeKind } from '@/core/scene/parts/landscape';
import { type SkyCondition } from '@/core/scene/parts/sky-light';
import { crestNoise, octaveNoise } from '@/core/scene/parts/noise';
import { setAlbedo, tint } from '@/core/scene/parts/surface';

/** A shore at low water: wet rock, pools, and long swells coming in. */
export const shore: LandscapeKind = {
  name: 'Shore with wet rock',
  sun: { altitudeDeg: 4.5, bearingDeg: -38 },
  view: { frame: { widthMm: 36, heightMm: 24 }, focalLengthMm: 20, horizonV: 0.4, eyeM: 1.9 },
  make(seed) {
    const slabs = crestNoise(seed, { wavelength: 7.5, octaves: 7, gain: 0.46 });
    const lie = octaveNoise(seed + 1, { wavelength: 14, octaves: 3 });
    const grain = octaveNoise(seed + 2, { wavelength: 0.25, octaves: 5, gain: 0.65 });
    const chop = octaveNoise(seed + 3, { wavelength: 2.6, octaves: 5, gain: 0.6 });
    const lace = crestNoise(seed + 4, { wavelength: 2.2, octaves: 5, gain: 0.6 });
    const beach = (x: number, y: number) =>
      0.55 - 0.048 * y + 0.035 * x * smoothStep(2, 20, y) + 0.4 * lie(x, y, 0);
    return {
      sky: brokenCloud(seed + 60),
      ground: {
        height: (x, y, finest) => {
          if (y > 130) return -1;
          const rock = 1.25 * (slabs(x, 1.5 * y, finest) - 0.95) * smoothStep(0.4, 3, y);
          return beach(x, y) + rock + 0.01 * grain(x, y, finest) - 0.55 * smoothStep(24, 60, y);
        },
        paint: (p, m) => {
          const damp = smoothStep(0.75, 0.05, p.z);
          setAlbedo(m, [0.19, 0.165, 0.14], 1 + 0.4 * grain(p.x, p.y, p.footprintM));
          tint(m, [0.055, 0.05, 0.042], damp);
          tint(m, [0.07, 0.085, 0.03], 0.5 * damp * clamp(lie(p.x * 2, p.y * 2, 0), 0, 1));
          m.gloss = 0.75 * damp;
        },
        water: {
          levelM: 0,
          tilt: (x, y, finest, out) => {
            const seen = smoothStep(30, 0.2, finest);
            const swell = Math.cos(y / 2.6 + 1.4 * lie(x / 3, y / 5, 1)) * 0.05 * smoothStep(6, 40, y);
            out[0] = 0.05 * chop(x, y, finest) * seen;
            // far out only the sides of the waves that face the eye are seen: they mirror a higher and darker sky
            out[1] = (0.05 * chop(y, x, finest) + swell) * seen + 0.03 + 0.13 * smoothStep(25, 260, y);
          },
          bed: [0.08, 0.13, 0.13],
          clarity: 0.4,
          foam: (x, y, finest) => {
            const front =
              smoothStep(0.9, 1, Math.sin(y / 3.1 + 1.8 * lie(x / 2, y / 4, 0))) *
              smoothStep(60, 22, y) *
              smoothStep(7, 14, y);
            const wash = smoothStep(-0.5, -0.05, beach(x, y) - 0.7) * smoothStep(30, 14, y) * 0.6;
            return clamp((front + wash) * smoothStep(0.75, 1.25, lace(x, y, finest)), 0, 0.9);
          },
        },
        haze: { visibilityM: 24_000 },
        nearM: 1.1,
        farM: 20_000,
        shadowM: 14,
      },
    };
  },
};

/** Clouds in heaps, and clear air between them. */
const brokenCloud = (seed: number): SkyCondition => ({
  air: 'clear',
  clouds: { seed, cover: 0.5, size: 1.1, stretch: 1.8, stretchDeg: 40, edge: 0.55, thin: 0.35 },
});
