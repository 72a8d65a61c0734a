export { takePhoto } from './camera';
export type { LandscapeKind } from './parts/landscape';
export { type LandscapeName, LANDSCAPES } from './landscapes';
export { airOf, makeScene, type SceneOrder, sceneSteps, sceneView } from './scene';
export { type SceneLight, type SceneSun } from './parts/types';
