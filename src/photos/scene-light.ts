import { ev100, luminanceOfEv } from '@/core/exposure';
import { type FramePoint } from '@/core/field';
import { evOfWhite, type LinearPixels, simplifyTo } from '@/core/photo';
import { type SceneLight } from '@/core/scene';
import { exactAperture, exactIso, type ExactSeconds } from '@/core/units';
import { type PhotoExposure } from '@/model';

/** How the picture of a simulated scene says that it was exposed: its light is told in the unit that this gives. */
export const SCENE_EXPOSURE: PhotoExposure = { aperture: 8, iso: 100, shutter: 1 / 128 };

/** A simulated scene as linear light whose unit its exposure tells: no camera bends or clips it. */
export function scenePixels({ columns, rows, rgb }: SceneLight): LinearPixels {
  const ev = ev100({
    aperture: exactAperture(SCENE_EXPOSURE.aperture),
    iso: exactIso(SCENE_EXPOSURE.iso),
    seconds: SCENE_EXPOSURE.shutter as ExactSeconds,
  });
  const unit = luminanceOfEv(evOfWhite(ev));
  return { columns, rows, rgb: rgb.map((light) => light / unit) };
}

/** Points that a scene's skyline is told by at most, and how far they may lie off it, parts of the frame. */
const MOST_POINTS = 24;
const WITHIN = 0.006;

/** Where a simulated scene's ground meets its sky, as few points as tell it. */
export function sceneSkyline({ columns, skyline }: SceneLight): FramePoint[] {
  const line = Array.from(skyline, (v, i) => ({ u: (i + 0.5) / columns, v }));
  const ends = [{ u: 0, v: line[0]?.v ?? 0.5 }, ...line, { u: 1, v: line.at(-1)?.v ?? 0.5 }];
  const round = (x: number) => Math.round(x * 1000) / 1000;
  return simplifyTo(ends, WITHIN, MOST_POINTS).map(({ u, v }) => ({ u: round(u), v: round(v) }));
}
