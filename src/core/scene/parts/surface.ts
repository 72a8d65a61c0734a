import { clamp, mix } from '@/core/numerics';
import { type SkyLight } from './sky-light';
import { type Rgb, type RgbOut } from './types';

/** A point of the ground as it is seen. */
export interface SurfacePoint {
  /** Metres to the right, ahead, and up from the ground under the camera. */
  x: number;
  y: number;
  z: number;
  /** Unit vector out of the ground. */
  nx: number;
  ny: number;
  nz: number;
  /** Metres that one point of the picture covers there. */
  footprintM: number;
}

/** What the ground is made of at a point. */
export interface Material {
  /** Part of the light that it returns, by channel. */
  readonly albedo: RgbOut;
  /** How much of a mirror it is, 0 to 1: wet rock, wet sand. */
  gloss: number;
  /** Part of the sunlight that comes through from behind: leaves, blades of grass, 0 to 1. */
  through: number;
}

export const newMaterial = (): Material => ({ albedo: [0.18, 0.18, 0.18], gloss: 0, through: 0 });

export function setAlbedo({ albedo }: Material, [r, g, b]: Rgb, times = 1): void {
  albedo[0] = r * times;
  albedo[1] = g * times;
  albedo[2] = b * times;
}

/** Mixes another colour into a material. */
export function tint({ albedo }: Material, rgb: Rgb, part: number): void {
  for (let k = 0; k < 3; k++) albedo[k as 0] = mix(albedo[k as 0], rgb[k], part);
}

const mirrored: RgbOut = [0, 0, 0];

/**
 * Light of a point of the ground, into `out`: the sun on it, the sky round it, what the ground beside it throws back, and
 * the sky mirrored in what is wet.
 *
 * @param sunlit how much of the sun's disc the point sees, 0 to 1
 */
export function shade(
  point: SurfacePoint,
  material: Material,
  sky: SkyLight,
  sunlit: number,
  out: RgbOut,
): void {
  const { nx, ny, nz } = point;
  const { towards, sunLux, skyLux } = sky;
  const facing = nx * towards[0] + ny * towards[1] + nz * towards[2];
  const sun =
    sunlit * (Math.max(0, facing) + material.through * Math.max(0, -facing) + 0.25 * material.through);
  const open = 0.5 + 0.5 * clamp(nz, -1, 1);
  for (let k = 0; k < 3; k++) {
    const round = skyLux[k] * (open + 0.12 * (1 - open));
    const bounced = 0.1 * Math.max(0.02, towards[2]) * sunLux[k] * (1 - open);
    out[k as 0] = (material.albedo[k as 0] / Math.PI) * (round + bounced + sun * sunLux[k]);
  }
  if (material.gloss <= 0) return;
  const length = Math.hypot(point.x, point.y, point.z);
  const [vx, vy, vz] = [point.x / length, point.y / length, point.z / length];
  const along = vx * nx + vy * ny + vz * nz;
  const grazing = (1 - Math.min(1, Math.abs(along))) ** 4;
  const rz = vz - 2 * along * nz;
  const [rx, ry] = [vx - 2 * along * nx, vy - 2 * along * ny];
  sky.look(rx, ry, Math.max(0.02, rz), mirrored);
  const part = material.gloss * (0.03 + 0.6 * grazing);
  const cosSun = Math.max(0, rx * towards[0] + ry * towards[1] + rz * towards[2]);
  const glint = sunlit * cosSun ** 60 * 1.5;
  for (let k = 0; k < 3; k++)
    out[k as 0] = out[k as 0] * (1 - part) + part * (mirrored[k as 0] + (sunLux[k] * glint) / Math.PI);
}
