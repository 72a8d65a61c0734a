export * from './angles';
export * from './camera-scales';
export * from './shutter-text';
export * from './stops';
