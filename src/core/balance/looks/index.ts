export { GAP_LOOK } from './gap';
export { HEAVY_LOOK } from './heavy';
export { LEAST_LOOK } from './least';
export { SUN_LOOK } from './sun';
