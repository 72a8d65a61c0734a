import { isForGlow, stopsOfGlass } from '@/core/glass';
import { type Target } from './target';
import { type Costs, type SheetSet } from './problem/types';

/** What a score has beside the fit, stops (solver: the fit). */
const SHEET_COSTS = [0, 0.05, 0.2];
const NO_GLOW_COST = 0.15;
/** Any turn is a trouble, and the more the further it is from the skyline's own. */
const TURN_COST = 0.05;
const TURN_COST_PER_DEG = 0.01;

/** Whether a sheet made for a glow (a reverse, a band) stands over a sky that has no glow at its foot. */
export function lacksGlow(set: SheetSet, target: Target): boolean {
  return !target.glow && set.some(({ sheet }) => isForGlow(sheet.profile));
}

/** What a set costs at a turn. */
export const costsOf = (set: SheetSet, target: Target, turnDeg: number): Costs => ({
  sheets: SHEET_COSTS[set.length],
  turn: set.length ? turnCost(target, turnDeg) : 0,
  noGlow: lacksGlow(set, target) ? NO_GLOW_COST : 0,
});

/** The part of a set's score that no seat changes. */
export function fixedCost(set: SheetSet, target: Target): number {
  const { sheets, noGlow } = costsOf(set, target, levelDeg(target));
  return sheets + noGlow;
}

/** Upright or upside down, without a turn, degrees. */
export const levelDeg = ({ upsideDown }: Target): number => (upsideDown ? 180 : 0);

/** What a seat's turn costs: nothing where it is level. */
export function turnCost(target: Target, turnDeg: number): number {
  if (turnDeg === levelDeg(target)) return 0;
  return TURN_COST + TURN_COST_PER_DEG * Math.abs(turnDeg - target.skylineTurnDeg);
}

/** How far from the skyline a cost of turning allows a seat to be turned, degrees, negative for no turn at all: the other direction of `turnCost`. */
export const turnFor = (cost: number): number => (cost - TURN_COST) / TURN_COST_PER_DEG;

/** The stops a set is sold as. */
export const totalStops = (set: SheetSet): number =>
  set.reduce((sum, { sheet }) => sum + stopsOfGlass(sheet.profile), 0);
