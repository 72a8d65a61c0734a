export * from './dimming';
export * from './focus';
export * from './projection';
export * from './seam';
export * from './dimming-table';
export * from './vignetting';
export * from './seated';
export * from './dimming-field';
