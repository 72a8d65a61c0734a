export * from './grid';
export * from './light';
export * from './types';
