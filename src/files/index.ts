export * from './errors';
export * from './json-schema';
export * from './stand-file';
