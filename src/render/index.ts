export * from './frame-layers';
export * from './frame-painter';
export * from './geometry';
export * from './glass-swatch';
export * from './holder';
export * from './ladder';
export * from './seam-line';
export * from './sheet-scale';
