// sun-altitude.ts is imported by its own path, so that its astronomy library loads only where it is used
export * from './coming-light';
export * from './daylight';
export * from './place';
export * from './polarised-sky';
export * from './water';
