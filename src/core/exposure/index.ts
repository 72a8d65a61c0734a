export * from './bracket';
export * from './times';
