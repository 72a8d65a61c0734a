export * from './fit';
export * from './plan';
export * from './pose';
export * from './sides';
export * from './target';
export * from './types';
export * from './outcome';
export * from './safety';
