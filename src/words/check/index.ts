export * from './answers';
export * from './differences';
export * from './sights';
export * from './takes';
