import { clamp, mix, seededRandom, smoothStep } from '@/core/numerics';
import { type LandscapeKind, type Stroke } from '@/core/scene/parts/landscape';
import { crestNoise, octaveNoise } from '@/core/scene/parts/noise';
import { setAlbedo, tint } from '@/core/scene/parts/surface';
import { type Rgb } from '@/core/scene/parts/types';

/** Where the water comes down, m to the right, and how wide. */
const FALL_X = -0.5;
const FALL_HALF_M = 1.15;

/** How much of a place, m to the right and up, the falling water covers. */
const inFall = (x: number, z: number): number =>
  smoothStep(
    FALL_HALF_M,
    FALL_HALF_M * 0.45,
    Math.abs(x - FALL_X - 0.25 * Math.sin(0.9 * z)) * (1 + 0.05 * z),
  );

/** A fall in a dark gully under lit leaves; there is hardly any sky, the leaves are what is bright. */
export const fall: LandscapeKind = {
  name: 'Fall under leaves',
  sun: { altitudeDeg: 52, bearingDeg: 40 },
  view: { frame: { widthMm: 36, heightMm: 24 }, focalLengthMm: 28, horizonV: 0.74, eyeM: 1.5 },
  make(seed) {
    const rock = crestNoise(seed, { wavelength: 2.6, octaves: 7, gain: 0.5 });
    const ledge = octaveNoise(seed + 1, { wavelength: 3.2, octaves: 4 });
    const moss = octaveNoise(seed + 2, { wavelength: 0.9, octaves: 5, gain: 0.65 });
    const strands = octaveNoise(seed + 3, { wavelength: 0.34, octaves: 4, gain: 0.6 });
    return {
      sky: { air: 'clear' },
      ground: {
        height: (x, y, finest) => {
          const wall = 11.2 + 0.5 * ledge(x, 3, finest) - 0.25 * Math.abs(x) + 0.6 * rock(x, 0.4 * y, finest);
          const rim =
            5.6 + 0.11 * x + 0.4 * ledge(x, 9, 0.3) - 0.9 * smoothStep(1.6, 0.6, Math.abs(x - FALL_X));
          const up = smoothStep(wall, wall + 1.7, y) ** 0.8;
          const stones =
            0.62 * (rock(x * 0.8, y * 0.8, finest) - 1.02) -
            0.12 +
            0.3 * smoothStep(2.2, 5.5, Math.abs(x - FALL_X) - 0.1 * y);
          return mix(stones, rim, up) + 0.16 * up * (rock(x * 1.3, y * 1.3 + 0.8 * up, finest) - 1);
        },
        paint: (p, m) => {
          setAlbedo(m, [0.075, 0.07, 0.06], 1 + 0.5 * moss(p.x, p.z + p.y, p.footprintM));
          tint(
            m,
            [0.075, 0.12, 0.03],
            0.85 * smoothStep(0.0, 0.4, moss(p.x * 0.5, p.z * 0.5 + p.y, p.footprintM) + 0.5 * p.nz - 0.25),
          );
          m.gloss = 0.25 * smoothStep(1.2, 0.1, p.z);
          const white = p.y > 9 ? inFall(p.x, p.z) * smoothStep(-0.1, 0.2, p.z) : 0;
          const strand = clamp(
            0.72 + 0.55 * strands(p.x * 2.2, p.z * 0.16 + p.y * 0.1, p.footprintM),
            0.1,
            1,
          );
          tint(m, [0.7, 0.74, 0.78], white * strand);
        },
        water: {
          levelM: 0,
          tilt: (x, y, finest, out) => {
            out[0] = 0.05 * ledge(x * 3, y * 3, finest);
            out[1] = 0.05 * ledge(y * 3, x * 3, finest);
          },
          bed: [0.045, 0.05, 0.03],
          clarity: 0.5,
          foam: (x, y, finest) =>
            0.75 *
            smoothStep(8.6, 11, y) *
            smoothStep(2.6, 0.6, Math.abs(x - FALL_X)) *
            clamp(0.6 + strands(x * 2, y * 2, finest), 0, 1),
        },
        haze: { visibilityM: 6000 },
        nearM: 1.4,
        farM: 30,
        shadowM: 9,
      },
      standing: canopy(seed + 11),
      standingIsSky: true,
    };
  },
};

const LEAF: Rgb = [0.27, 0.4, 0.05];
const WOOD: Rgb = [0.05, 0.042, 0.035];

/** Trunks and branches over the rim, and leaves that hang from them, lit through: far and dark ones first. */
function canopy(seed: number): Stroke[] {
  const random = seededRandom(seed);
  const strokes: Stroke[] = [];
  for (let n = 0; n < 7; n++) {
    const x = mix(-9, 9, (n + random()) / 7);
    const y = 14.5;
    const lean = mix(-0.25, 0.25, random());
    const wood = { albedo: WOOD, marksPerM: 0, through: 0 };
    strokes.push({
      from: [x, y, 5.9],
      to: [x + 5 * lean, y, 11.5],
      fromWidthM: 0.3,
      toWidthM: 0.16,
      ...wood,
    });
    for (let k = 0; k < 4; k++) {
      const z = mix(6.2, 9.5, random());
      const side = random() < 0.5 ? -1 : 1;
      strokes.push({
        from: [x + lean * (z - 4.6), y, z],
        to: [x + lean * (z - 4.6) + side * mix(1.2, 3.4, random()), y, z + mix(0.1, 1.3, random())],
        fromWidthM: 0.1,
        toWidthM: 0.03,
        ...wood,
      });
    }
  }
  const count = 14_000;
  for (let n = 0; n < count; n++) strokes.push(leaf(random, n / count));
  return strokes;
}

/** @param part 0 for the farthest, 1 for the nearest */
function leaf(random: () => number, part: number): Stroke {
  const y = mix(15.5, 11.4, part);
  const x = mix(-0.78, 0.78, random()) * y;
  const hang =
    5.75 +
    0.11 * x +
    0.55 * Math.sin(1.7 * x + 0.4) * Math.sin(0.6 * x) -
    (random() < 0.08 ? 0.7 * random() : 0);
  const z = hang + 4.6 * random() ** 1.15;
  const light = mix(0.25, 0.75, random()) + (part > 0.55 ? 0.55 * random() : 0);
  const size = mix(0.07, 0.16, random()) * mix(1.7, 1, part);
  const turn = mix(-1, 1, random());
  return {
    from: [x, y, z],
    to: [x + size * turn, y, z - size * mix(0.3, 1, random())],
    fromWidthM: size * 0.75,
    toWidthM: size * 0.2,
    albedo: [LEAF[0] * light, LEAF[1] * light, LEAF[2] * light],
    marksPerM: 0,
    through: 0.75,
  };
}
