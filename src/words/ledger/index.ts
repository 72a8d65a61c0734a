export * from './lessons';
