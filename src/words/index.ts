export * from './faults';
export * from './figures';
export * from './glass';
export * from './reasons';
export * from './slip';
export * from './refusals';
