export * from './dimming';
export * from './projection';
export * from './seam';
