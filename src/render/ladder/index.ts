export * from './drawn-marks';
export * from './ladder';
export * from './layout';
