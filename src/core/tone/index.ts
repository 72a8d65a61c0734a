export * from './histogram';
