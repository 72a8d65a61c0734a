import { finish, type Steps } from '@/core/numerics';
import { type SkyCondition } from './parts/sky-light';
import { type LandscapeName, LANDSCAPES } from './landscapes';
import { type SceneLight, type SceneSun, type SceneView } from './parts/types';
import { viewSteps } from './view';

/** Which scene, in which light, seen how; what is left out is as that landscape is usually seen. */
export interface SceneOrder {
  readonly landscape: LandscapeName;
  readonly seed: number;
  readonly sun?: SceneSun;
  readonly air?: SkyCondition['air'];
  readonly view?: Partial<Omit<SceneView, 'columns' | 'rows'>>;
  /** Points along the picture's width. */
  readonly columns: number;
}

/** The view an order asks for, complete. */
export function sceneView({ landscape, view, columns }: SceneOrder): SceneView {
  const all = { ...LANDSCAPES[landscape].view, ...view };
  return { ...all, columns, rows: Math.round((columns * all.frame.heightMm) / all.frame.widthMm) };
}

/** Makes a scene: the same light, point for point, for the same order. */
export const makeScene = (order: SceneOrder): SceneLight => finish(sceneSteps(order));

/** `makeScene` in steps; every yield tells about how much is done, 0 to 1, and is a chance to stop. */
export function sceneSteps(order: SceneOrder): Steps<SceneLight> {
  const kind = LANDSCAPES[order.landscape];
  const landscape = kind.make(order.seed);
  const sky = { ...landscape.sky, air: airOf(order) };
  return viewSteps({ ...landscape, sky }, order.sun ?? kind.sun, sceneView(order));
}

/** How clear the air of an ordered scene is. */
export const airOf = ({ landscape, seed, air }: SceneOrder): SkyCondition['air'] =>
  air ?? LANDSCAPES[landscape].make(seed).sky.air;
