export * from './document-store';
export type { SaveState } from './saver';
export * from './solver';
export * from './workspace';
