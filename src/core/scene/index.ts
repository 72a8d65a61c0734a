export * from './camera';
export type { LandscapeKind } from './landscape';
export * from './landscapes';
export * from './scene';
export * from './types';
