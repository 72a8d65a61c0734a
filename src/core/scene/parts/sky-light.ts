import { clamp, mix, smoothStep } from '@/core/numerics';
import { daylightLux } from '@/core/sky';
import { luminanceOf, radiansFromDegrees } from '@/core/units';
import { octaveNoise } from './noise';
import { type Rgb, type RgbOut, type SceneSun } from './types';

/** The sky of a scene. */
export interface SkyCondition {
  readonly air: 'clear' | 'hazy' | 'overcast';
  readonly clouds?: Clouds;
  /** What thick cloud takes of the daylight altogether, stops. */
  readonly darkenedStops?: number;
  /** Part of the sun that a gap in an overcast lets through on to the ground, 0 to 1. */
  readonly gap?: number;
}

/** A layer of clouds, drawn as noise on a level plane overhead. */
export interface Clouds {
  readonly seed: number;
  /** Part of the sky that they cover, 0 to 1. */
  readonly cover: number;
  /** Size of the largest, in heights of the layer. */
  readonly size: number;
  /** How much longer than wide, and which way they lie, degrees from straight ahead. */
  readonly stretch?: number;
  readonly stretchDeg?: number;
  /** How hard their edges are, 0 soft to 1. */
  readonly edge?: number;
  /** How much light passes a thick one, 0 to 1. */
  readonly thin?: number;
}

/** The light of a sky in every direction, and what it gives to the ground. */
export interface SkyLight {
  /** The sky's light in a direction (unit vector: right, ahead, up), into `out`. */
  readonly look: (x: number, y: number, z: number, out: RgbOut) => void;
  /** The same without clouds: what haze takes on. */
  readonly air: (x: number, y: number, z: number, out: RgbOut) => void;
  /** Towards the sun. */
  readonly towards: Rgb;
  /** Light of the sun on a surface that faces it, and of the whole sky on level ground, lux by channel. */
  readonly sunLux: Rgb;
  readonly skyLux: Rgb;
}

/** Parameters of the relative luminance of skies (CIE S 011:2003: types 12, 13 and 1). */
const CIE = {
  clear: { a: -1, b: -0.32, c: 10, d: -3, e: 0.45 },
  hazy: { a: -1, b: -0.15, c: 10, d: -3, e: 0.45 },
  overcast: { a: 4, b: -0.7, c: 0, d: -1, e: 0 },
} as const;

/** Part of the light on level ground that comes straight from the sun, by its altitude in degrees (clear air). */
function directPart(altitudeDeg: number): number {
  return altitudeDeg <= 0 ? 0 : 0.86 * (1 - Math.exp(-altitudeDeg / 7));
}

const scaled = (rgb: Rgb, luminance: number): Rgb => {
  const k = luminance / luminanceOf(...rgb);
  return [rgb[0] * k, rgb[1] * k, rgb[2] * k];
};

/** Colours of luminance 1 for the sky and the sun by its altitude. */
function palette(altitudeDeg: number, air: SkyCondition['air']) {
  const day = smoothStep(0, 25, altitudeDeg);
  const grey: Rgb = [0.93, 0.98, 1.1];
  const between = (low: Rgb, high: Rgb): Rgb =>
    scaled([mix(low[0], high[0], day), mix(low[1], high[1], day), mix(low[2], high[2], day)], 1);
  const clear = {
    zenith: between([0.62, 0.92, 2.05], [0.52, 0.95, 2.1]),
    horizon: between([1.12, 0.94, 1.12], [0.84, 0.98, 1.35]),
    glow: between([1.95, 0.86, 0.3], [1.05, 1, 0.9]),
    opposite: between([1.22, 0.88, 1.25], [0.8, 0.98, 1.4]),
    sun: scaled(
      [mix(2.1, 1.08, smoothStep(0, 20, altitudeDeg)), 0.9, mix(0.22, 0.82, smoothStep(0, 20, altitudeDeg))],
      1,
    ),
  };
  return air === 'overcast' ? { ...clear, zenith: grey, horizon: grey, glow: grey, opposite: grey } : clear;
}

/** The sky over a scene, lit by a sun that is given. */
export function skyLight(condition: SkyCondition, sun: SceneSun): SkyLight {
  const altitude = radiansFromDegrees(sun.altitudeDeg);
  const bearing = radiansFromDegrees(sun.bearingDeg);
  const towards: Rgb = [
    Math.sin(bearing) * Math.cos(altitude),
    Math.cos(bearing) * Math.cos(altitude),
    Math.sin(altitude),
  ];
  const lux = (daylightLux(Math.max(-18, sun.altitudeDeg)) ?? 0) * 2 ** -(condition.darkenedStops ?? 0);
  const direct =
    directPart(sun.altitudeDeg) * { clear: 1, hazy: 0.8, overcast: condition.gap ?? 0 }[condition.air];
  const colours = palette(sun.altitudeDeg, condition.air);
  const { a, b, c, d, e } = CIE[condition.air];
  const far = Math.exp((d * Math.PI) / 2);
  const relative = (z: number, cosSun: number): number => {
    const gradation = 1 + a * Math.exp(b / Math.max(0.02, z));
    const angle = Math.acos(clamp(cosSun, -1, 1));
    return gradation * (1 + c * (Math.exp(d * angle) - far) + e * cosSun * cosSun);
  };
  const scale =
    (lux * (1 - direct)) /
    levelIntegral((x, y, z) => relative(z, x * towards[0] + y * towards[1] + z * towards[2]));
  const warmth = smoothStep(30, 3, sun.altitudeDeg);

  const air: SkyLight['air'] = (x, y, z, out) => {
    const up = Math.max(0, z);
    const cosSun = x * towards[0] + y * towards[1] + up * towards[2];
    const luminance = scale * relative(up, cosSun);
    const low = Math.exp(-up * 5.5);
    const ahead = (x * Math.sin(bearing) + y * Math.cos(bearing) + 1) / 2;
    const glow = clamp(Math.exp(-up * mix(3.2, 6, warmth)) * ahead ** 5 * mix(0.75, 1.15, warmth), 0, 1);
    for (let k = 0; k < 3; k++) {
      const round = mix(colours.opposite[k], colours.horizon[k], ahead);
      const base = mix(colours.zenith[k], round, low);
      out[k as 0] = mix(base, colours.glow[k], glow);
    }
    const own = luminanceOf(...out);
    for (let k = 0; k < 3; k++) out[k as 0] *= luminance / own;
  };

  const skyLux = integrate(air);
  const sunLux = scaled(
    colours.sun,
    Math.max(1e-6, direct > 0 ? (lux * direct) / Math.max(0.03, towards[2]) : lux * 0.02),
  );
  const look = condition.clouds
    ? cloudy(condition.clouds, { air, towards, sunLux, skyLux, overcast: condition.air === 'overcast' })
    : air;
  return { air, look, towards, sunLux, skyLux };
}

/** Integral of a quantity over the upper hemisphere, weighted by the cosine from upright: light on level ground. */
function levelIntegral(value: (x: number, y: number, z: number) => number): number {
  const rings = 24;
  const sectors = 48;
  let sum = 0;
  for (let i = 0; i < rings; i++) {
    // equal steps of z^2 are equal steps of cos * solid angle
    const z = Math.sqrt((i + 0.5) / rings);
    const level = Math.sqrt(1 - z * z);
    for (let j = 0; j < sectors; j++) {
      const angle = (2 * Math.PI * (j + 0.5)) / sectors;
      sum += value(level * Math.sin(angle), level * Math.cos(angle), z);
    }
  }
  return (sum * Math.PI) / (rings * sectors);
}

function integrate(look: SkyLight['air']): Rgb {
  const out: RgbOut = [0, 0, 0];
  const channel = (k: 0 | 1 | 2) =>
    levelIntegral((x, y, z) => {
      look(x, y, z, out);
      return out[k];
    });
  return [channel(0), channel(1), channel(2)];
}

interface CloudLight extends Pick<SkyLight, 'air' | 'towards' | 'sunLux' | 'skyLux'> {
  readonly overcast: boolean;
}

/** Clouds over the air: their own light by how thick they are towards the sun and towards the eye. */
function cloudy(clouds: Clouds, { air, towards, sunLux, skyLux, overcast }: CloudLight): SkyLight['look'] {
  const { cover, size, stretch = 1, stretchDeg = 0, edge = 0.5, thin = 0.35, seed } = clouds;
  const noise = octaveNoise(seed, { wavelength: 1, octaves: 7, gain: 0.53 });
  const bend = octaveNoise(seed + 7, { wavelength: 2.2, octaves: 2 });
  const turn = radiansFromDegrees(stretchDeg);
  const [sin, cos] = [Math.sin(turn), Math.cos(turn)];
  const from = 0.62 - 1.05 * cover;
  const to = from + mix(0.75, 0.18, edge);
  const thickness = (px: number, py: number, finest: number) => {
    const along = (px * sin + py * cos) / (size * stretch);
    const across = (px * cos - py * sin) / size;
    const wave = 0.22 * bend(across, along, finest);
    return smoothStep(from, to, noise(across + wave, along + wave, finest));
  };
  const backdrop: RgbOut = [0, 0, 0];
  const step = 0.16 * size;
  return (x, y, z, out) => {
    air(x, y, z, out);
    if (z <= 0.004) return;
    const px = x / (z + 0.02);
    const py = y / (z + 0.02);
    const finest = 0.0016 / (z * z + 0.002) / size;
    const here = thickness(px, py, finest);
    if (here <= 0) return;
    const shade = thickness(px + towards[0] * step, py + towards[1] * step, finest);
    const cosSun = Math.max(0, x * towards[0] + y * towards[1] + z * towards[2]);
    // a low sun lights the undersides; clouds before the sun glow through where they are thin
    const lit =
      Math.exp(-1.6 * shade) * 0.12 + 0.5 * cosSun ** 12 * Math.exp(-2.8 * here) + 0.05 * (1 - here);
    const solid = smoothStep(0, 1, here) * (1 - thin * (1 - here));
    const distance = smoothStep(0.0, 0.16, z);
    air(x, y, Math.max(z, 0.25), backdrop);
    const body = overcast ? mix(1.7, 0.24, here) * (0.7 + 0.6 * shade) : mix(0.85, 0.5, here);
    for (let k = 0; k < 3; k++) {
      const own =
        skyLux[k] * (body / Math.PI) * (overcast ? 1 : 0.8) +
        sunLux[k] * lit * (overcast ? 0.02 : 1 / Math.PI);
      out[k as 0] = mix(out[k as 0], own, solid * mix(0.45, 1, distance));
    }
  };
}
