import { finish, type Steps } from '@/core/numerics';
import { type SkyCondition } from './sky-light';
import { type LandscapeName, LANDSCAPES } from './landscapes';
import { type SceneLight, type SceneSun, type SceneView } from './types';
import { viewSteps } from './view';

/** Which scene, in which light, seen how; what is left out is as that landscape is usually seen. */
export interface SceneOrder {
  readonly landscape: LandscapeName;
  readonly seed: number;
  readonly sun?: SceneSun;
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
  return viewSteps(kind.make(order.seed), order.sun ?? kind.sun, sceneView(order));
}

/** How clear the air of a landscape's sky is. */
export const airOf = ({ landscape, seed }: Pick<SceneOrder, 'landscape' | 'seed'>): SkyCondition['air'] =>
  LANDSCAPES[landscape].make(seed).sky.air;
