export { codedInStops, type Coding, linearOfByte, SCREEN } from './coding';
export { standingFeatures } from './features';
export {
  evOfWhite,
  figuresThrough,
  LIGHT_CELLS,
  lightFigures,
  type LightFigures,
  lightOfFigures,
  middleStops,
  TOP_RANGE_STOPS,
} from './figures';
export { simplifyLine, simplifyTo } from './line';
export { type Reduced, reduceLinear, reducePixels } from './reduce';
export { findSkyline, type FoundSkyline, SKYLINE_CELLS, UNSURE } from './skyline';
export { type LinearPixels, type Pixels } from './types';
