export * from './histogram';
export * from './compare';
