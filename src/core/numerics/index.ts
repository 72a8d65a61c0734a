export { alongLine, clamp, mix, smoothStep } from './interpolation';
export { robustFit } from './least-squares';
export { solveLinear } from './linear';
export { gaussLegendre } from './quadrature';
export { normalRandom, seededRandom } from './random';
export { bisect } from './roots';
export { leastSquaresSlope, mean, median, medianSlope } from './statistics';
export { finish, type Steps } from './steps';
