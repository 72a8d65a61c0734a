import { seededRandom, smoothStep } from '@/core/numerics';
import { type LandscapeKind, type Stroke } from '@/core/scene/parts/landscape';
import { octaveNoise } from '@/core/scene/parts/noise';
import { setAlbedo } from '@/core/scene/parts/surface';

/** A snowfield that is brighter than the storm above it: a gap behind the camera lets some sun through on to it. */
export const snow: LandscapeKind = {
  name: 'Snow under storm cloud',
  sun: { altitudeDeg: 13, bearingDeg: -118 },
  view: { frame: { widthMm: 36, heightMm: 24 }, focalLengthMm: 28, horizonV: 0.4, eyeM: 1.7 },
  make(seed) {
    const rolling = octaveNoise(seed, { wavelength: 110, octaves: 4, gain: 0.4 });
    const drift = octaveNoise(seed + 1, { wavelength: 7, octaves: 5, gain: 0.46 });
    const grain = octaveNoise(seed + 2, { wavelength: 0.09, octaves: 3, gain: 0.8 });
    const far = octaveNoise(seed + 3, { wavelength: 1900, octaves: 8, gain: 0.5 });
    const wood = octaveNoise(seed + 4, { wavelength: 60, octaves: 4, gain: 0.7 });
    const height = (x: number, y: number, finest: number) => {
      const hills =
        y > 1200 ? 150 * Math.max(0, 0.3 + 0.75 * far(x + 500, y, finest)) * smoothStep(1200, 4200, y) : 0;
      const blown = 0.6 * drift(x * 0.35 + y * 0.3, y * 1.3 - x * 0.2, finest);
      return (
        4 * rolling(x, y, finest) * smoothStep(3, 60, y) + blown + 0.004 * grain(x, y, finest) - 0.4 + hills
      );
    };
    return {
      sky: {
        air: 'overcast',
        darkenedStops: 2.1,
        gap: 0.75,
        clouds: { seed: seed + 40, cover: 0.6, size: 1.5, stretch: 1.9, stretchDeg: 70, edge: 0, thin: 0.5 },
      },
      ground: {
        height,
        paint: (p, m) => {
          const trees =
            smoothStep(-0.05, 0.25, wood(p.x, p.y, p.footprintM)) *
            smoothStep(110, 30, p.z) *
            smoothStep(900, 1500, p.y);
          setAlbedo(
            m,
            [0.84 - 0.78 * trees, 0.87 - 0.8 * trees, 0.93 - 0.86 * trees],
            1 + 0.04 * grain(p.x, p.y, p.footprintM),
          );
        },
        haze: { visibilityM: 9000 },
        nearM: 1.6,
        farM: 7500,
        shadowM: 60,
      },
      standing: fence(seed, (x, y) => height(x, y, 0.3)),
    };
  },
};

/** Posts of an old fence that lead away, half drowned in snow. */
function fence(seed: number, groundAt: (x: number, y: number) => number): Stroke[] {
  const random = seededRandom(seed);
  return Array.from({ length: 26 }, (_, i): Stroke => {
    const y = 86 - 3.2 * i;
    const x = -5.5 + 0.17 * y + 1.6 * Math.sin(y / 16);
    const z = groundAt(x, y);
    const lean = 0.18 * (random() - 0.5);
    return {
      from: [x, y, z - 0.2],
      to: [x + lean, y, z + 0.55 + 0.4 * random()],
      fromWidthM: 0.11,
      toWidthM: 0.09,
      albedo: [0.085, 0.07, 0.06],
      marksPerM: 0,
      through: 0,
    };
  });
}
