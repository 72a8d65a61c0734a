export * from './coding';
export * from './features';
export * from './figures';
export * from './line';
export * from './reduce';
export * from './skyline';
export * from './types';
