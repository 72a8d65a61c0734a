export * from './angles';
export * from './camera-scales';
export * from './density-labels';
export * from './papers';
export * from './shutter-text';
export * from './stops';
export * from './srgb';
export * from './typed-text';
