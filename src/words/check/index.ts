export * from './remedies';
export * from './differences';
export * from './sights';
export * from './takes';
export * from './histogram';
export * from './redo';
export * from './file';
