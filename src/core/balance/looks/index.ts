export { DRAW_LOOK, HEAVY_LOOK } from './darker';
export { GAP_LOOK } from './gap';
export { LEAST_LOOK } from './least';
export { SUN_LOOK } from './sun';
