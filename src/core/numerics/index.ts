export * from './interpolation';
export * from './least-squares';
export * from './linear';
export * from './quadrature';
export * from './random';
export * from './roots';
export * from './statistics';
export * from './steps';
