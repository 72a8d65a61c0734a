export * from './quadrature';
export * from './roots';
export * from './statistics';
export * from './steps';
