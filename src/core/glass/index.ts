export * from './profile';
export * from './transitions';
