import { clamp, mix, smoothStep } from '@/core/numerics';
import { type LandscapeKind } from '@/core/scene/parts/landscape';
import { latticeRandom, octaveNoise } from '@/core/scene/parts/noise';
import { setAlbedo, tint } from '@/core/scene/parts/surface';

/** Height of a step, m. */
const STEP_M = 2.4;

/** A hillside cut into fields that step down from one side of the picture to the other; some stand under water. */
export const terraces: LandscapeKind = {
  name: 'Sloping terraces',
  sun: { altitudeDeg: 10, bearingDeg: 62 },
  view: { frame: { widthMm: 36, heightMm: 24 }, focalLengthMm: 35, horizonV: 0.46, eyeM: 15 },
  make(seed) {
    const hill = octaveNoise(seed, { wavelength: 85, octaves: 2, gain: 0.4 });
    const fields = octaveNoise(seed + 1, { wavelength: 36, octaves: 2 });
    const crop = octaveNoise(seed + 2, { wavelength: 0.8, octaves: 5, gain: 0.7 });
    const far = octaveNoise(seed + 3, { wavelength: 1500, octaves: 7, gain: 0.5 });
    const smoothHill = (x: number, y: number) => {
      const slope = -0.34 * (x - 0.05 * y) * smoothStep(10, 120, y) * smoothStep(700, 240, y);
      return slope + 7.5 * hill(x, y, 20) + 9 * smoothStep(30, 210, y) - 2.5;
    };
    const stepped = (z: number) => {
      const level = Math.floor(z / STEP_M);
      return { level, riser: smoothStep(0.78, 0.97, z / STEP_M - level), rise: z / STEP_M - level };
    };
    const field = (x: number, y: number) => {
      const { level, riser, rise } = stepped(smoothHill(x, y));
      const strip = Math.floor((x + 9 * fields(x, y, 1)) / 30 + 40);
      const kind = latticeRandom(level, strip, seed);
      return { level, riser, rise, strip, kind, isFlooded: kind < 0.42 && rise < 0.7 };
    };
    return {
      sky: {
        air: 'hazy',
        clouds: {
          seed: seed + 20,
          cover: 0.36,
          size: 1.1,
          stretch: 1.6,
          stretchDeg: 60,
          edge: 0.1,
          thin: 0.6,
        },
      },
      ground: {
        height: (x, y, finest) => {
          if (y > 760) return 170 * (0.2 + 0.5 * far(x, y, finest)) * smoothStep(1200, 5200, y) - 30;
          const { level, riser, rise, isFlooded } = field(x, y);
          const bank = 0.3 * smoothStep(0.66, 0.76, rise) * (1 - riser);
          const rough = isFlooded ? 0 : 0.05 * crop(x, y, finest);
          return STEP_M * (level + riser) + bank + rough - 30 * smoothStep(420, 760, y);
        },
        paint: (p, m) => {
          if (p.y > 760) return setAlbedo(m, [0.07, 0.085, 0.05]);
          const { level, strip, riser, kind, isFlooded } = field(p.x, p.y);
          const fine = 1 + 0.3 * crop(p.x, p.y, p.footprintM);
          const green = mix(0.11, 0.21, latticeRandom(level, strip, seed + 9));
          const steep = clamp(3.2 * (1 - p.nz) + riser, 0, 1);
          if (isFlooded) setAlbedo(m, [0.05, 0.05, 0.035]);
          else if (kind > 0.86) setAlbedo(m, [0.36, 0.27, 0.1], fine);
          else setAlbedo(m, [green * 0.78, green, 0.035], fine);
          tint(m, [0.1, 0.095, 0.035], steep * 0.9);
          m.through = isFlooded ? 0 : 0.3 * (1 - steep);
          m.gloss = isFlooded ? 1.4 * (1 - steep) : 0;
        },
        haze: { visibilityM: 19_000, mist: { perM: 0.0005, topM: 16, levelM: -30 } },
        nearM: 9,
        farM: 12_000,
        shadowM: 120,
      },
    };
  },
};
