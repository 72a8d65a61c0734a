export * from './document-store';
export * from './answers';
export * from './workspace';
