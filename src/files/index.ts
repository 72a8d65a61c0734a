export * from './errors';
export * from './stand-file';
