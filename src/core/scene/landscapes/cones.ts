import { clamp, smoothStep } from '@/core/numerics';
import { type LandscapeKind } from '@/core/scene/parts/landscape';
import { crestNoise, gradientNoise, octaveNoise } from '@/core/scene/parts/noise';
import { type SkyCondition } from '@/core/scene/parts/sky-light';
import { setAlbedo, tint } from '@/core/scene/parts/surface';

interface Cone {
  readonly x: number;
  readonly y: number;
  readonly heightM: number;
  readonly baseM: number;
  readonly craterM: number;
}

const BOTH: readonly Cone[] = [
  { x: -760, y: 2500, heightM: 590, baseM: 830, craterM: 95 },
  { x: 1010, y: 2950, heightM: 560, baseM: 850, craterM: 120 },
];

/** Two cones of ash above a saddle, with light from the side. */
export const cones: LandscapeKind = {
  name: 'Volcanic cones',
  sun: { altitudeDeg: 11, bearingDeg: -82 },
  view: { frame: { widthMm: 36, heightMm: 24 }, focalLengthMm: 24, horizonV: 0.53, eyeM: 1.6 },
  make(seed) {
    const plain = octaveNoise(seed, { wavelength: 420, octaves: 9 });
    const gullies = gradientNoise(seed + 1);
    const rubble = octaveNoise(seed + 2, { wavelength: 60, octaves: 8, gain: 0.55 });
    const lava = crestNoise(seed + 3, { wavelength: 26, octaves: 7, gain: 0.5 });
    const tufts = octaveNoise(seed + 4, { wavelength: 0.7, octaves: 5, gain: 0.65 });
    const patches = octaveNoise(seed + 5, { wavelength: 55, octaves: 5, gain: 0.6 });
    const onCone = (c: Cone, x: number, y: number, finest: number) => {
      const part = Math.hypot(x - c.x, y - c.y) / c.baseM;
      if (part > 1.6) return 0;
      const worn =
        furrow(c, gullies, x, y) *
        c.heightM *
        0.06 *
        smoothStep(0.04, 0.4, part) *
        smoothStep(1.3, 0.7, part);
      return coneM(c, part) + worn + rubble(x, y, finest) * 3.2 * smoothStep(1.5, 0.6, part);
    };
    return {
      sky: combedCloud(seed + 31),
      ground: {
        height: (x, y, finest) => {
          const near = smoothStep(260, 20, y);
          const flow = near && lava(x, y, finest) * 1.7 * near * smoothStep(1, 15, x + 0.1 * y - 2);
          const far = smoothStep(4200, 9000, y);
          const lift =
            26 * smoothStep(300, 2200, y) + (far && 60 * far * (1 + plain(x * 0.2, y * 0.2, finest)));
          const ground =
            plain(x, y, finest) * 7 * smoothStep(6, 400, y) +
            lift -
            1.2 +
            flow +
            (near && 0.035 * tufts(x, y, finest) * near);
          return ground + BOTH.reduce((sum, c) => sum + onCone(c, x, y, finest), 0);
        },
        paint: (p, m) => {
          const slope = 1 - p.nz;
          const grass = clamp(0.6 + 1.5 * patches(p.x, p.y, p.footprintM) - 5 * slope, 0, 1);
          const fine = 1 + 0.45 * tufts(p.x, p.y, p.footprintM) * smoothStep(1.5, 0.05, p.footprintM);
          setAlbedo(m, [0.085, 0.066, 0.058], fine);
          tint(m, [0.3 * fine, 0.225 * fine, 0.08 * fine], grass * smoothStep(330, 90, p.z));
          const track =
            Math.abs(p.x + 3 - 0.06 * p.y - 2.2 * Math.sin(p.y / 17)) /
            (0.5 + 0.1 * tufts(p.x, p.y, p.footprintM));
          tint(m, [0.3, 0.25, 0.2], 0.85 * smoothStep(1.35, 0.7, track) * smoothStep(230, 120, p.y));
          tint(m, [0.2, 0.105, 0.07], smoothStep(180, 430, p.z) * 0.85);
          m.through = 0.25 * grass * smoothStep(200, 60, p.z);
        },
        haze: { visibilityM: 34_000, mist: { perM: 0.00016, topM: 55, levelM: 20 } },
        nearM: 1.6,
        farM: 16_000,
        shadowM: 2600,
      },
    };
  },
};

/** Height of a smooth cone with its crater, m, at so many parts of its base's radius from its axis. */
function coneM({ heightM, baseM, craterM }: Cone, part: number): number {
  const flank = heightM * Math.max(0, 1 - part) ** 1.12 + heightM * 0.045 * Math.max(0, 1.5 - part);
  const rim = heightM * Math.max(0, 1 - craterM / baseM) ** 1.12;
  const cut = part * baseM < craterM ? rim - 0.28 * (craterM - part * baseM) : Infinity;
  return Math.min(flank, cut);
}

/** What water has cut into a cone's flank round about, -1 to 1. */
function furrow(
  { x, y, baseM }: Cone,
  gullies: (x: number, y: number) => number,
  px: number,
  py: number,
): number {
  const [dx, dy] = [px - x, py - y];
  const angle = Math.atan2(dy, dx);
  return gullies(9 * angle, 0.5) * 0.6 + gullies(23 * angle, 3.3 + Math.hypot(dx, dy) / baseM) * 0.4;
}

/** Cloud drawn out by the wind above. */
const combedCloud = (seed: number): SkyCondition => ({
  air: 'clear',
  clouds: { seed, cover: 0.4, size: 0.8, stretch: 2.3, stretchDeg: 62, edge: 0.55, thin: 0.5 },
});
