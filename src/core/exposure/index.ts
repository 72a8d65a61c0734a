export * from './bracket';
export * from './standing';
export * from './times';
export * from './light-units';
export * from './meter-text';
export * from './drift';
export * from './wanted-time';
