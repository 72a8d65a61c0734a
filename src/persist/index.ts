export * from './idb-storage';
export * from './memory-storage';
export * from './storage';
