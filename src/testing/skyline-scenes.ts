import { clamp, mix, seededRandom } from '@/core/numerics';
import { type Pixels } from '@/core/photo';
import { octaveNoise } from '@/core/scene/parts/noise';
import { srgbFromLinear } from '@/core/units';

/** A drawn picture of what skylines are hard to find in, and where the skyline is. */
export interface SkylineScene {
  readonly pixels: Pixels;
  /** Its v at the middle of each column; null where there is no sky. */
  readonly truth: Float64Array | null;
}

const COLUMNS = 180;
const ROWS = 120;

type Colour = readonly [number, number, number];
/** Linear light at a place, u and v in parts of the picture. */
type Light = (u: number, v: number) => Colour;
/** Height of an outline, v at each u. */
type Outline = (u: number) => number;

interface Drawn {
  readonly light: Light;
  readonly truth: Outline | null;
}

const scaled = ([r, g, b]: Colour, by: number): Colour => [r * by, g * by, b * by];
const mixed = (a: Colour, b: Colour, part: number): Colour => [
  mix(a[0], b[0], part),
  mix(a[1], b[1], part),
  mix(a[2], b[2], part),
];

/** What a class draws with: a source of numbers and noises of its own. */
interface Brush {
  readonly between: (low: number, high: number) => number;
  readonly isSo: (part: number) => boolean;
  /** Noise about -1 to 1 over the picture. */
  readonly noise: (wavelength: number, octaves?: number) => (u: number, v: number) => number;
}

function brushOf(seed: number): Brush {
  const random = seededRandom(seed);
  const between = (low: number, high: number) => mix(low, high, random());
  return {
    between,
    isSo: (part) => random() < part,
    noise: (wavelength, octaves = 4) => {
      const noise = octaveNoise(Math.floor(random() * 1e6), { wavelength, octaves });
      return (u, v) => noise(u * 1.5, v, 0.004);
    },
  };
}

/** A sky, brighter at its foot, with or without clouds; `hard` ones have edges. */
function skyOf(b: Brush, { clouds, hard = false }: { clouds: number; hard?: boolean }): Light {
  const foot = b.between(0.35, 0.8);
  const head = foot * b.between(0.25, 0.8);
  const warm = b.between(0, 0.5);
  const cover = b.noise(0.35, 5);
  const dark = b.between(0.25, 0.7);
  return (u, v) => {
    const part = clamp(v / 0.7, 0, 1);
    const bare = scaled(
      mixed([0.75, 0.9, 1.15], [1 + warm, 0.95, 0.9 - 0.3 * warm], part),
      mix(head, foot, part),
    );
    if (!clouds) return bare;
    const x = cover(u, 2.2 * v) + clouds - 0.5;
    const amount = hard ? (x > 0 ? 0.85 : 0) : clamp(x + 0.3, 0, 1) * 0.7;
    return mixed(bare, scaled([1, 0.98, 0.96], dark * foot), amount);
  };
}

/** An outline of hills about a height. */
function hillsOf(b: Brush, v: number, size: number): Outline {
  const noise = b.noise(b.between(0.3, 0.9), 5);
  return (u) => v + size * noise(u, 3.7);
}

/** Ground with a texture and a shade of its own, darker than a sky of that brightness. */
function groundOf(b: Brush, bright: number): Light {
  const coarse = b.noise(0.2, 5);
  const fine = b.noise(0.03, 3);
  const tint: Colour = [b.between(0.8, 1.2), 1, b.between(0.5, 0.95)];
  return (u, v) => scaled(tint, bright * 2 ** (0.8 * coarse(u, v) + 0.7 * fine(u, v)));
}

/** Over one another, the last in front; each covers what lies below its outline. */
function layered(sky: Light, layers: readonly { readonly top: Outline; readonly light: Light }[]): Drawn {
  return {
    light: (u, v) => layers.reduce((seen, { top, light }) => (v >= top(u) ? light(u, v) : seen), sky(u, v)),
    truth: (u) => Math.min(...layers.map(({ top }) => top(u))),
  };
}

/** Nothing was fitted to these, and no rule was found by them. */
export const HELD_OUT = ['whiteout', 'dusk'] as const;

export type SkylineClass =
  | 'haze'
  | 'lake'
  | 'sea'
  | 'buildings'
  | 'clouds'
  | 'branches'
  | 'none'
  | 'canyon'
  | (typeof HELD_OUT)[number];

const CLASSES: Readonly<Record<SkylineClass, (b: Brush) => Drawn>> = {
  /** Near ridges before ever paler ones. */
  haze(b) {
    const sky = skyOf(b, { clouds: b.isSo(0.4) ? 0.4 : 0 });
    const count = Math.round(b.between(3, 5));
    const far = b.between(0.25, 0.45);
    const layers = Array.from({ length: count }, (_, i) => {
      const near = i / (count - 1);
      const v = mix(far, 0.85, near);
      const ground = groundOf(b, b.between(0.02, 0.06));
      const haze = 0.85 * (1 - near) ** 1.3;
      return {
        top: hillsOf(b, v, mix(0.05, 0.08, near)),
        light: (u: number, y: number) => mixed(ground(u, y), scaled(sky(u, v), 0.8), haze),
      };
    });
    return layered(sky, layers);
  },
  /** A shore, and water from there to the frame's foot that mirrors it. */
  lake(b) {
    const sky = skyOf(b, { clouds: b.isSo(0.7) ? 0.5 : 0 });
    const shore = b.between(0.42, 0.6);
    const hills = hillsOf(b, shore - b.between(0.06, 0.18), 0.05);
    const above = layered(sky, [{ top: hills, light: groundOf(b, b.between(0.03, 0.1)) }]);
    const ripple = b.noise(0.05, 3);
    const calm = b.between(0.002, 0.02);
    const loss = b.between(0.5, 0.85);
    return {
      light: (u, v) => {
        if (v < shore) return above.light(u, v);
        const y = clamp(2 * shore - v + calm * ripple(u, 4 * v) * (1 + 8 * (v - shore)), 0, shore - 1e-6);
        return scaled(above.light(u, y), loss);
      },
      truth: (u) => Math.min(hills(u), shore),
    };
  },
  /** A level sea to the frame's foot, nearly as bright as its sky. */
  sea(b) {
    const sky = skyOf(b, { clouds: b.isSo(0.6) ? 0.45 : 0 });
    const horizon = b.between(0.3, 0.65);
    const swell = b.noise(0.08, 4);
    const dark = b.between(0.4, 0.9);
    return layered(sky, [
      {
        top: () => horizon,
        light: (u, v) => {
          const near = (v - horizon) / (1 - horizon);
          return scaled(
            mixed(sky(u, horizon), [0.2, 0.28, 0.3], 0.5 * near),
            dark * 2 ** (0.5 * swell(u, v * (3 - 2 * near))),
          );
        },
      },
    ]);
  },
  /** Pale houses before a sky. */
  buildings(b) {
    const sky = skyOf(b, { clouds: b.isSo(0.5) ? 0.5 : 0 });
    const street = b.between(0.7, 0.85);
    const houses = Array.from({ length: Math.round(b.between(6, 12)) }, () => {
      const left = b.between(-0.05, 1);
      const right = left + b.between(0.08, 0.22);
      const top = b.between(0.3, 0.65);
      const bright = b.between(0.15, 0.9);
      const pane = b.between(0.02, 0.05);
      const isPane = (u: number, v: number) => (u / pane) % 1 < 0.4 && (v / (1.6 * pane)) % 1 < 0.45;
      return {
        top: (u: number) => (u >= left && u < right ? top : 2),
        light: (u: number, v: number) => scaled([1, 0.95, 0.88], bright * (isPane(u, v) ? 0.3 : 1)),
      };
    });
    return layered(sky, [...houses, { top: () => street, light: groundOf(b, 0.08) }]);
  },
  /** Clouds with edges harder than the land's. */
  clouds(b) {
    const sky = skyOf(b, { clouds: b.between(0.45, 0.65), hard: true });
    const ground = groundOf(b, b.between(0.04, 0.15));
    const top = hillsOf(b, b.between(0.55, 0.75), 0.06);
    const soft = b.between(0.3, 0.7);
    return layered(sky, [{ top, light: (u, v) => mixed(ground(u, v), scaled(sky(u, 0.6), 0.7), soft) }]);
  },
  /** Hills behind wires and bare branches that hang into the frame. */
  branches(b) {
    const hills = layered(skyOf(b, { clouds: b.isSo(0.5) ? 0.5 : 0 }), [
      { top: hillsOf(b, b.between(0.5, 0.7), 0.07), light: groundOf(b, b.between(0.03, 0.1)) },
    ]);
    const strokes = Array.from({ length: Math.round(b.between(4, 14)) }, () => {
      const [u, v] = [b.between(0, 1), b.between(-0.1, 0.35)];
      const slope = b.between(-1.2, 1.2);
      const width = b.between(0.002, 0.01);
      const length = b.between(0.2, 1);
      return (x: number, y: number) => Math.abs(x - u) < length && Math.abs(y - v - slope * (x - u)) < width;
    });
    return {
      ...hills,
      light: (u, v) => (strokes.some((covers) => covers(u, v)) ? [0.01, 0.01, 0.01] : hills.light(u, v)),
    };
  },
  /** Foliage, rock, a slope or water: no sky anywhere. */
  none(b) {
    const ground = groundOf(b, b.between(0.05, 0.3));
    const other = groundOf(b, b.between(0.05, 0.3));
    const patches = b.noise(b.between(0.15, 0.6), 4);
    const share = b.between(-0.4, 0.4);
    const falls = b.between(-1.5, 1.5);
    return {
      light: (u, v) => scaled((patches(u, v) > share ? ground : other)(u, v), 2 ** (falls * (0.5 - v))),
      truth: null,
    };
  },
  /** Walls on either side, lit and in shade, and a gap of sky between them. */
  canyon(b) {
    const sky = skyOf(b, { clouds: b.isSo(0.3) ? 0.4 : 0 });
    const middle = b.between(0.35, 0.65);
    const floor = b.between(0.5, 0.75);
    const rough = b.noise(0.12, 4);
    const wall = (way: 1 | -1, foot: number, lean: number) => ({
      top: (u: number) => {
        const off = way * (u - middle - way * foot) + 0.04 * rough(u, 2);
        return off > 0 ? floor - lean * off : 2;
      },
      light: groundOf(b, b.between(0.03, 0.3)),
    });
    return layered(sky, [
      wall(1, b.between(0, 0.1), b.between(0.8, 2)),
      wall(-1, b.between(0, 0.1), b.between(0.8, 2)),
      { top: hillsOf(b, floor, 0.02), light: groundOf(b, b.between(0.04, 0.1)) },
    ]);
  },
  /** Snow nearly as bright as the cloud above it. */
  whiteout(b) {
    const bright = b.between(0.5, 0.9);
    const cloud = b.noise(0.6, 3);
    const drift = b.noise(b.between(0.1, 0.4), 4);
    const snow = bright * b.between(0.75, 1.1);
    return layered(
      (u, v) => scaled([0.98, 1, 1.02], bright * 2 ** (0.1 * cloud(u, v))),
      [
        {
          top: hillsOf(b, b.between(0.35, 0.65), 0.04),
          light: (u, v) => scaled([0.95, 1, 1.08], snow * 2 ** (0.25 * drift(u, 2 * v))),
        },
      ],
    );
  },
  /** Land that is all but black, with lamps, under a sky that is bright along it. */
  dusk(b) {
    const sky = skyOf(b, { clouds: b.isSo(0.5) ? 0.5 : 0 });
    const ground = groundOf(b, b.between(0.001, 0.006));
    const lamps = Array.from({ length: Math.round(b.between(0, 14)) }, () => [
      b.between(0, 1),
      b.between(0.6, 1),
    ]);
    const isLamp = (u: number, v: number) => lamps.some(([x, y]) => Math.hypot(u - x!, v - y!) < 0.006);
    return layered(sky, [
      {
        top: hillsOf(b, b.between(0.45, 0.75), b.between(0.02, 0.12)),
        light: (u, v) => (isLamp(u, v) ? [1, 0.85, 0.5] : ground(u, v)),
      },
    ]);
  },
};

export const SKYLINE_CLASSES = Object.keys(CLASSES) as SkylineClass[];

/** Light is spread a little, as a lens and a sensor do, and carries noise. */
const GRAIN = 0.012;

/** A scene of a class, the same for the same seed; every fourth is monochrome. */
export function skylineScene(kind: SkylineClass, seed: number): SkylineScene {
  const b = brushOf(seed * 7919 + SKYLINE_CLASSES.indexOf(kind));
  const { light, truth } = CLASSES[kind](b);
  const isMonochrome = b.isSo(0.25);
  const exposed = b.between(0.9, 1.5);
  const rgba = new Uint8ClampedArray(4 * COLUMNS * ROWS).fill(255);
  for (let row = 0; row < ROWS; row++)
    for (let column = 0; column < COLUMNS; column++) {
      const [r, g, bl] = light((column + 0.5) / COLUMNS, (row + 0.5) / ROWS);
      const grey = 0.2126 * r + 0.7152 * g + 0.0722 * bl;
      (isMonochrome ? [grey, grey, grey] : [r, g, bl]).forEach((x, k) => {
        const y = clamp(exposed * x, 0, 1);
        rgba[4 * (row * COLUMNS + column) + k] =
          255 * clamp(srgbFromLinear(y) + GRAIN * b.between(-1, 1), 0, 1);
      });
    }
  return {
    pixels: { columns: COLUMNS, rows: ROWS, rgba },
    truth: truth && Float64Array.from({ length: COLUMNS }, (_, i) => clamp(truth((i + 0.5) / COLUMNS), 0, 1)),
  };
}
