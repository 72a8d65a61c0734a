export * from './document-store';
export * from './solver';
export * from './workspace';
