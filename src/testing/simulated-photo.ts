import { evOfLuminance } from '@/core/exposure';
import { makeScene, type SceneOrder, takePhoto } from '@/core/scene';
import { luminanceOf } from '@/core/units';

const CONTRAST = 0.82;
/** The part of a scene's points that is not let go blown. */
const HELD = 0.985;

/** A picture of a simulated scene as a camera takes it, exposed for its bright parts, and where its skyline really is. */
export function simulatedPhoto(order: SceneOrder) {
  const scene = makeScene(order);
  const evs = Float64Array.from({ length: scene.columns * scene.rows }, (_, i) =>
    evOfLuminance(luminanceOf(scene.rgb[3 * i]!, scene.rgb[3 * i + 1]!, scene.rgb[3 * i + 2]!)),
  ).sort();
  const midGreyEv = evs[Math.floor(HELD * evs.length)]! - Math.log2(1 / 0.18) / CONTRAST;
  const photo = takePhoto(scene, { midGreyEv, contrast: CONTRAST, cornerStops: 0.2, seed: order.seed });
  return { ...photo, skyline: scene.skyline };
}
