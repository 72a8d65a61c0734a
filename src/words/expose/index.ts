export * from './blur';
export * from './coming-hour';
export * from './countdown';
export * from './sharpness';
export * from './standing';
export * from './time-column';
export * from './time-ways';
export * from './tripod';
