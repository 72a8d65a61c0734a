import { airOf, type SceneOrder, sceneSteps } from '@/core/scene';
import { type FramePoint } from '@/core/field';
import { type StandPhoto, type StoredPhoto } from '@/model';
import { copyInStops, keptCopy } from './kept-copy';
import { SCENE_EXPOSURE, scenePixels, sceneSkyline } from './scene-light';

/** A simulated scene as a picture that holds all of its light, and what is known of it. */
export interface SceneRead {
  readonly picture: StandPhoto;
  readonly stored: StoredPhoto;
  readonly skyline: readonly FramePoint[];
  readonly air: ReturnType<typeof airOf>;
}

/** About how much of the work is the scene itself. */
const SCENE_PART = 0.9;

/** Makes a scene and its picture; yields about how much is done. */
export async function* readScene(order: SceneOrder): AsyncGenerator<number, SceneRead> {
  const steps = sceneSteps(order);
  for (;;) {
    const step = steps.next();
    if (!step.done) {
      yield SCENE_PART * step.value;
      continue;
    }
    const kept = await keptCopy(copyInStops(scenePixels(step.value)), {
      name: `${order.landscape} ${order.seed}`,
      exposure: SCENE_EXPOSURE,
    });
    return { ...kept, skyline: sceneSkyline(step.value), air: airOf(order) };
  }
}
