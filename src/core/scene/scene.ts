import { type LandscapeName, LANDSCAPES } from './landscapes';
import { type SceneLight, type SceneSun, type SceneView } from './types';
import { viewLandscape } from './view';

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
export function makeScene(order: SceneOrder): SceneLight {
  const kind = LANDSCAPES[order.landscape];
  return viewLandscape(kind.make(order.seed), order.sun ?? kind.sun, sceneView(order));
}
