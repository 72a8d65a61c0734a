// sun-altitude.ts and sky-day.ts are imported by their own paths, so that their astronomy library loads only where it is used
export * from './coming-light';
export * from './daylight';
export * from './over-land';
export * from './place';
export * from './polarised-sky';
export * from './tide';
export * from './water';
