export * from './lessons';
export * from './files';
