import { mix, seededRandom, smoothStep } from '@/core/numerics';
import { type LandscapeKind, type Stroke } from '@/core/scene/parts/landscape';
import { octaveNoise } from '@/core/scene/parts/noise';
import { setAlbedo, tint } from '@/core/scene/parts/surface';
import { type Rgb } from '@/core/scene/parts/types';

/** Birches on a rim: pale trunks through the sky, the last leaves on them. */
export const birches: LandscapeKind = {
  name: 'Birches through the sky',
  sun: { altitudeDeg: 9, bearingDeg: -62 },
  view: { frame: { widthMm: 36, heightMm: 24 }, focalLengthMm: 50, horizonV: 0.72, eyeM: 1.6 },
  make(seed) {
    const rise = octaveNoise(seed, { wavelength: 34, octaves: 3, gain: 0.4 });
    const heath = octaveNoise(seed + 1, { wavelength: 1.6, octaves: 7, gain: 0.66 });
    const patch = octaveNoise(seed + 2, { wavelength: 7, octaves: 4, gain: 0.6 });
    const far = octaveNoise(seed + 3, { wavelength: 1300, octaves: 8, gain: 0.5 });
    const height = (x: number, y: number, finest: number) => {
      if (y > 120) return 210 * (0.05 + 0.5 * far(x - 700, y, finest)) * smoothStep(900, 4000, y) - 14;
      const bank = 3.1 * smoothStep(7, 42, y) - 0.05 * x * smoothStep(6, 40, y) - 16 * smoothStep(50, 118, y);
      return bank + 0.5 * rise(x, y, finest) + 0.11 * heath(x, y, finest) - 0.4;
    };
    return {
      sky: {
        air: 'clear',
        clouds: { seed: seed + 12, cover: 0.36, size: 0.6, stretch: 2, stretchDeg: 75, edge: 0.2, thin: 0.6 },
      },
      ground: {
        height,
        paint: (p, m) => {
          if (p.y > 120) return setAlbedo(m, [0.06, 0.07, 0.05]);
          const fine = 1 + 0.55 * heath(p.x, p.y, p.footprintM);
          setAlbedo(m, [0.19, 0.105, 0.045], fine);
          tint(
            m,
            [0.2 * fine, 0.17 * fine, 0.05 * fine],
            smoothStep(-0.1, 0.5, patch(p.x, p.y, p.footprintM)),
          );
          tint(m, [0.11, 0.05, 0.06], smoothStep(0.1, 0.55, -patch(p.y, p.x, p.footprintM)) * 0.8);
          m.through = 0.35;
        },
        haze: { visibilityM: 16_000 },
        nearM: 3,
        farM: 9000,
        shadowM: 30,
      },
      standing: wood(seed, (x, y) => height(x, y, 0.3)),
    };
  },
};

const BARK: Rgb = [0.6, 0.57, 0.53];
const TWIG: Rgb = [0.1, 0.06, 0.055];
/** Where the trunks stand, part of the picture's width at 50 mm, and how far off, m. */
const TRUNKS: readonly (readonly [number, number])[] = [
  [-0.1, 27],
  [0.93, 30],
  [0.47, 33],
  [0.24, 25],
  [0.69, 22],
  [0.845, 17],
  [0.355, 19],
  [0.105, 13],
  [0.575, 11.5],
];

function wood(seed: number, groundAt: (x: number, y: number) => number): Stroke[] {
  const random = seededRandom(seed);
  return TRUNKS.flatMap(([u, y]) =>
    birch(random, { x: ((u - 0.5) * 36 * y) / 50, y, groundM: groundAt(((u - 0.5) * 36 * y) / 50, y) }),
  );
}

function birch(random: () => number, { x, y, groundM }: { x: number; y: number; groundM: number }): Stroke[] {
  const strokes: Stroke[] = [];
  const leaves: Stroke[] = [];
  const girth = mix(0.17, 0.3, random());
  const tall = mix(11, 15, random());
  const lean = mix(-0.06, 0.06, random());
  const joints = 14;
  let at: Rgb = [x, y, groundM - 0.2];
  for (let i = 0; i < joints; i++) {
    const to: Rgb = [at[0] + (lean + mix(-0.03, 0.03, random())) * (tall / joints), y, at[2] + tall / joints];
    const width = (part: number) => girth * (1 - 0.86 * part) + (i === 0 && part === 0 ? 0.08 : 0);
    strokes.push({
      from: at,
      to,
      fromWidthM: width(i / joints),
      toWidthM: width((i + 1) / joints),
      albedo: BARK,
      marksPerM: 4.5,
      through: 0,
    });
    if (i > 2)
      for (let n = 0; n < 3; n++)
        branch(random, {
          at: to,
          side: random() < 0.5 ? -1 : 1,
          widthM: width(i / joints) * 0.32,
          lengthM: mix(0.9, 2.6, random()) * (1.1 - i / joints),
          strokes,
          leaves,
        });
    at = to;
  }
  return [...strokes, ...leaves];
}

interface Branching {
  readonly at: Rgb;
  readonly side: number;
  readonly widthM: number;
  readonly lengthM: number;
  readonly strokes: Stroke[];
  readonly leaves: Stroke[];
}

/** A branch that rises and then hangs, with twigs and leaves along it. */
function branch(random: () => number, { at, side, widthM, lengthM, strokes, leaves }: Branching): void {
  const parts = 5;
  let from = at;
  for (let i = 0; i < parts; i++) {
    const droop = mix(0.75, -0.85, i / (parts - 1)) + mix(-0.25, 0.25, random());
    const step = lengthM / parts;
    const to: Rgb = [from[0] + side * step, from[1], from[2] + droop * step];
    const width = (part: number) => widthM * (1 - part) + 0.006;
    strokes.push({
      from,
      to,
      fromWidthM: width(i / parts),
      toWidthM: width((i + 1) / parts),
      albedo: TWIG,
      marksPerM: 0,
      through: 0,
    });
    for (let n = 0; n < 2 + 2 * i; n++) {
      const end: Rgb = [to[0] + mix(-0.35, 0.35, random()), to[1], to[2] - mix(0.05, 0.6, random())];
      strokes.push({
        from: to,
        to: end,
        fromWidthM: 0.008,
        toWidthM: 0.004,
        albedo: TWIG,
        marksPerM: 0,
        through: 0,
      });
      for (let k = 0; k < 5; k++) leaves.push(leaf(random, end));
    }
    from = to;
  }
}

function leaf(random: () => number, near: Rgb): Stroke {
  const at: Rgb = [near[0] + mix(-0.22, 0.22, random()), near[1], near[2] + mix(-0.2, 0.2, random())];
  const gold = random();
  return {
    from: at,
    to: [at[0] + mix(-0.03, 0.03, random()), at[1], at[2] - 0.03],
    fromWidthM: 0.045,
    toWidthM: 0.012,
    albedo: [mix(0.5, 0.62, gold), mix(0.27, 0.4, gold), 0.05],
    marksPerM: 0,
    through: 0.5,
  };
}
