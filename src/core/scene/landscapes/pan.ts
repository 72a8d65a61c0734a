import { smoothStep } from '@/core/numerics';
import { type LandscapeKind } from '@/core/scene/parts/landscape';
import { cellNoise, gradientNoise, octaveNoise } from '@/core/scene/parts/noise';
import { setAlbedo, tint } from '@/core/scene/parts/surface';

/** A salt pan under a hand of water: dead level, a mirror far out, crusted plates before one's feet. */
export const pan: LandscapeKind = {
  name: 'Dead-level pan with water',
  sun: { altitudeDeg: 2.2, bearingDeg: 24 },
  view: { frame: { widthMm: 36, heightMm: 24 }, focalLengthMm: 16, horizonV: 0.42, eyeM: 1.3 },
  make(seed) {
    const plates = cellNoise(seed);
    const warp = octaveNoise(seed + 1, { wavelength: 1.7, octaves: 3 });
    const swell = octaveNoise(seed + 2, { wavelength: 9, octaves: 3 });
    const grain = octaveNoise(seed + 3, { wavelength: 0.12, octaves: 4, gain: 0.7 });
    const breeze = gradientNoise(seed + 4);
    const ripple = octaveNoise(seed + 5, { wavelength: 0.5, octaves: 3 });
    const size = 0.95;
    const border = (x: number, y: number) =>
      plates((x + 0.28 * warp(x, y, 0)) / size, (y + 0.28 * warp(y, x, 0)) / size).border;
    return {
      sky: {
        air: 'clear',
        clouds: {
          seed: seed + 10,
          cover: 0.5,
          size: 0.9,
          stretch: 3.4,
          stretchDeg: 68,
          edge: 0.35,
          thin: 0.55,
        },
      },
      ground: {
        height: (x, y, finest) => {
          if (finest > 0.6) return -0.02;
          const rim = y < 11 ? smoothStep(0.2, 0.02, border(x, y)) : 0;
          const dry = 0.035 - 0.0052 * y + 0.024 * swell(x, y, finest);
          return dry * 0.5 - 0.022 + rim * 0.03 * smoothStep(11, 3.5, y) + 0.004 * grain(x, y, finest);
        },
        paint: (p, m) => {
          const rim = smoothStep(0.22, 0.03, border(p.x, p.y));
          setAlbedo(m, [0.5, 0.46, 0.42], 0.92 + 0.16 * grain(p.x, p.y, p.footprintM));
          tint(m, [0.78, 0.75, 0.72], rim);
          tint(m, [0.3, 0.26, 0.23], 0.5 * smoothStep(0.012, -0.004, p.z));
          m.gloss = 0.55 * smoothStep(0.02, 0.0, p.z);
        },
        water: {
          levelM: 0,
          tilt: (x, y, finest, out) => {
            const wind = 0.35 + 0.65 * Math.max(0, breeze(x / 16, y / 45));
            const fine = smoothStep(1.2, 0.05, finest);
            out[0] = 0.004 * wind * ripple(x, y, finest) * fine;
            out[1] = (0.003 + 0.004 * wind) * ripple(y, x, finest) * fine + 0.0025 * wind;
          },
          bed: [0.5, 0.47, 0.44],
          clarity: 0.55,
        },
        haze: { visibilityM: 26_000 },
        nearM: 1.2,
        farM: 14_000,
        shadowM: 0.8,
      },
    };
  },
};
