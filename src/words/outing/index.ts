/** Imported by its own path: only the pages of outings need it. */
export * from './calendar';
export * from './card';
export * from './compass';
export * from './outing';
export * from './tide';
