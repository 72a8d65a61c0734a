export * from './bracket';
export * from './times';
export * from './light-units';
export * from './meter-text';
export * from './drift';
