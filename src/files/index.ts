export * from './backup-file';
export * from './bag-file';
export { documentKind } from './document';
export * from './errors';
export * from './glass-csv';
export * from './json-schema';
export * from './readings-csv';
export * from './stand-file';
