export * from './daylight';
export * from './polarised-sky';
export * from './water';
