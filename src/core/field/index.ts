export * from './grid';
export * from './light';
export * from './picture';
export * from './types';
export * from './spot';
export * from './aim';
export * from './tones';
