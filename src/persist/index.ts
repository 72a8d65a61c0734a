export * from './faults';
export * from './memory-storage';
export * from './open-storage';
export * from './storage';
