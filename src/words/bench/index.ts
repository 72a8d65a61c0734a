/** Imported by its own path: only the bench needs it. */
export * from './exercises';
export * from './told';
