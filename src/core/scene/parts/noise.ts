import { mix } from '@/core/numerics';

/** Noise over the plane, about -1 to 1, the same for the same seed. */
export type Noise = (x: number, y: number) => number;

/** A number from 0 up to 1 for a corner of the lattice. */
export function latticeRandom(x: number, y: number, seed: number): number {
  let h = Math.imul(x, 0x27d4eb2d) ^ Math.imul(y, 0x165667b1) ^ Math.imul(seed, 0x9e3779b1);
  h = Math.imul(h ^ (h >>> 15), 0x85ebca6b);
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
  return ((h ^ (h >>> 16)) >>> 0) / 4294967296;
}

const fade = (q: number): number => q * q * q * (q * (6 * q - 15) + 10);

/** Slopes of the lattice's corners: sixteen directions, so that no sine is worked out for each. */
const DIRECTIONS = Array.from({ length: 16 }, (_, i) => (i * Math.PI) / 8);
const SLOPES_X = Float64Array.from(DIRECTIONS, (a) => Math.cos(a));
const SLOPES_Y = Float64Array.from(DIRECTIONS, (a) => Math.sin(a));

/** Gradient noise (Perlin, 2002): of wavelength 1, smooth, without a mean. */
export function gradientNoise(seed: number): Noise {
  const corner = (x: number, y: number, dx: number, dy: number) => {
    const k = (latticeRandom(x, y, seed) * 16) | 0;
    return SLOPES_X[k] * dx + SLOPES_Y[k] * dy;
  };
  return (x, y) => {
    const x0 = Math.floor(x);
    const y0 = Math.floor(y);
    const dx = x - x0;
    const dy = y - y0;
    const across = fade(dx);
    const upper = mix(corner(x0, y0, dx, dy), corner(x0 + 1, y0, dx - 1, dy), across);
    const lower = mix(corner(x0, y0 + 1, dx, dy - 1), corner(x0 + 1, y0 + 1, dx - 1, dy - 1), across);
    return 1.5 * mix(upper, lower, fade(dy));
  };
}

export interface Octaves {
  /** Of the longest octave, in the units of x and y. */
  readonly wavelength: number;
  readonly octaves: number;
  /** What an octave has of the one before; half makes terrain. */
  readonly gain?: number;
}

/** Noise in octaves, down to the finest that can still be seen. */
export type DetailedNoise = (x: number, y: number, finest: number) => number;

/** Sum of octaves of gradient noise, each half as long as the last; octaves shorter than the finest are left out. */
export function octaveNoise(seed: number, { wavelength, octaves, gain = 0.5 }: Octaves): DetailedNoise {
  const layers = Array.from({ length: octaves }, (_, i) => gradientNoise(seed + 101 * i));
  return (x, y, finest) => {
    let sum = 0;
    let height = 1;
    let frequency = 1 / wavelength;
    for (let i = 0; i < octaves; i++) {
      if (i > 0 && 1 / frequency < finest) break;
      sum += height * layers[i](x * frequency + 7.3 * i, y * frequency - 3.1 * i);
      height *= gain;
      frequency *= 2;
    }
    return sum;
  };
}

/** As `octaveNoise`, but of sharp crests: `1 - abs(noise)`, each octave fullest where the last stands high. */
export function crestNoise(seed: number, { wavelength, octaves, gain = 0.5 }: Octaves): DetailedNoise {
  const layers = Array.from({ length: octaves }, (_, i) => gradientNoise(seed + 157 * i));
  return (x, y, finest) => {
    let sum = 0;
    let height = 1;
    let frequency = 1 / wavelength;
    let before = 1;
    for (let i = 0; i < octaves; i++) {
      if (i > 0 && 1 / frequency < finest) break;
      const crest = 1 - Math.abs(layers[i](x * frequency + 5.7 * i, y * frequency + 2.9 * i));
      const layer = crest * crest * before;
      sum += height * layer;
      before = layer;
      height *= gain;
      frequency *= 2;
    }
    return sum;
  };
}

/** Distance to the border between cells round scattered points, in cells of size 1, and the cell's own number. */
export function cellNoise(seed: number): (x: number, y: number) => { border: number; own: number } {
  return (x, y) => {
    const x0 = Math.floor(x);
    const y0 = Math.floor(y);
    let nearest = Infinity;
    let next = Infinity;
    let own = 0;
    for (let j = -1; j <= 1; j++)
      for (let i = -1; i <= 1; i++) {
        const px = x0 + i + 0.15 + 0.7 * latticeRandom(x0 + i, y0 + j, seed);
        const py = y0 + j + 0.15 + 0.7 * latticeRandom(x0 + i, y0 + j, seed + 1);
        const d = Math.hypot(px - x, py - y);
        if (d < nearest) {
          next = nearest;
          nearest = d;
          own = latticeRandom(x0 + i, y0 + j, seed + 2);
        } else if (d < next) next = d;
      }
    return { border: next - nearest, own };
  };
}
