export * from './labels';
export * from './profile';
export * from './transitions';
