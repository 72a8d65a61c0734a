export { meanDimming } from './mean-dimming';
export { bestApart, type SlidApart, slidBy } from './apart';
export { judgeSeat, LEVEL_ALLOWANCE } from './fit';
export { brightPartOf } from './bright-part';
export { leftWithoutGlass } from './least';
export { DRAW_LOOK, GAP_LOOK, HEAVY_LOOK, LEAST_LOOK, SUN_LOOK } from './looks';
export { balance, balanceSteps, fitsAlong, isAsGood, judgeChoice, sameSet } from './plan';
export { lensFor, pose, type Posed } from './pose';
export { groundOf, reachOf, sideMean, sideReadings, spanOf, wantedEv } from './problem/sides';
export {
  type BagSheet,
  type Balance,
  type BalanceInput,
  type BalanceResult,
  type Candidate,
  type Look,
  type LookSolver,
  type NoPlan,
  type SeatWarning,
  type SheetSet,
  type Side,
  type Spot,
} from './problem/types';
export { bareMidGreyEvOf, type FittedGlass, type Outcome, outcomeOf, type ReadingOutcome } from './outcome';
export { type Safety, safetySteps } from './safety';
export { darkerThanReflection } from './reflection';
