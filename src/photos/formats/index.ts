export * from './exposure-data';
export * from './header';
