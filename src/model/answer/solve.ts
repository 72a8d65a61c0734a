import { balanceSteps, type BalanceResult } from '@/core/balance';
import { finish, type Steps } from '@/core/numerics';
import { type Bag } from '../bag/bag';
import { traitsOf } from '../terms/looks';
import { solutionKey } from './key';
import { type Prepared, prepareStand } from './prepare';
import { type Stand } from '../stand/stand';

/** The search's answer for one stand and bag. */
export interface Solution {
  /** What it was computed from: compare with `solutionKey`. */
  readonly key: string;
  /** Null for a bracket, which asks for no search. */
  readonly result: BalanceResult | null;
}

/** Searches the bag for a stand: heavy, meant for the worker and the command line. */
export const solveStand = (stand: Stand, bag: Bag, asked?: SolveOptions): Solution =>
  finish(solveSteps(stand, bag, asked));

export interface SolveOptions {
  /** How many of the best sets are worked out in full; as many as the specification asks for. */
  readonly workedOut?: number;
  /** Given an answer of the single sheets alone, where the whole takes its time. */
  readonly onSingles?: (solution: Solution) => void;
  /** The stand as it was prepared, where that was done. */
  readonly ready?: Prepared;
}

/** `solveStand` in steps; every yield tells about how much is done and is a chance to stop. */
export function* solveSteps(
  stand: Stand,
  bag: Bag,
  { workedOut, onSingles, ready = prepareStand(stand, bag) }: SolveOptions = {},
): Steps<Solution> {
  const key = solutionKey(stand, bag);
  if (!traitsOf(stand).usesGlass) return { key, result: null };
  const tell = onSingles && ((result: BalanceResult) => onSingles({ key, result }));
  return { key, result: yield* balanceSteps(ready, workedOut, tell) };
}
