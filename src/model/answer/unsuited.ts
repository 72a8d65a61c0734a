import { type Balance, type Candidate, LEVEL_ALLOWANCE, leftWithoutGlass, type Spot } from '@/core/balance';
import { bracketFor } from '@/core/exposure';
import { bracketRequest } from './bracket';
import { type Derived } from './derive';
import { type Prepared } from './prepare';

/** A best fit above this suits no skyline, stops (solver: where no sheet suits). */
const SUITS_UNDER = 0.8;
/** A line or a dark top of less is not what the misfit is by, stops. */
const SHOWS = 0.5;

/** By what the best sheet misses the ideal the most. */
export type Misfit =
  | { readonly kind: 'line' | 'dark'; readonly spot: Spot }
  /** Too little glass for the span, or too much. */
  | { readonly kind: 'weak' | 'strong'; readonly stops: number }
  | { readonly kind: 'uneven'; readonly stops: number };

/** What serves in the sheet's place. */
export type Instead =
  /** One frame holds everything, its darker side lifted afterwards. */
  | { readonly kind: 'lift'; readonly stops: number }
  | { readonly kind: 'bracket'; readonly frames: number }
  | { readonly kind: 'none' };

export interface Unsuited {
  /** Null where there is no sheet at all to tell it by. */
  readonly by: Misfit | null;
  readonly instead: Instead;
}

/** That no sheet suits a stand, by what, and what would; null where one does, where none is wanted, or it is not known. */
export function unsuitedOf({ balance, prepared }: Derived): Unsuited | null {
  if (!balance?.advice || !prepared || balance.neededStops === 0 || balance.spanStops === null) return null;
  // the least glass is not chosen by how it fits
  if (balance.advice.fitStops <= SUITS_UNDER || balance.least || prepared.lacks) return null;
  const sheet = sheetOf(balance);
  return { by: sheet && misfitOf(sheet), instead: insteadOf(prepared) };
}

/** The best candidate that has a sheet. */
const sheetOf = ({ advice, best }: Balance): Candidate | null =>
  [advice, ...best].find((c) => c?.set.length) ?? null;

function misfitOf({ line, spillWorst, levelStops, unevenStops }: Candidate): Misfit {
  const level = Math.abs(levelStops) - LEVEL_ALLOWANCE;
  const found: readonly (readonly [number, Misfit])[] = [
    ...(line && line.stops > SHOWS ? [[line.stops, { kind: 'line', spot: line }] as const] : []),
    ...(spillWorst && spillWorst.stops > SHOWS
      ? [[spillWorst.stops, { kind: 'dark', spot: spillWorst }] as const]
      : []),
    ...(level > 0
      ? [[level, { kind: levelStops < 0 ? 'weak' : 'strong', stops: Math.abs(levelStops) }] as const]
      : []),
    [0, { kind: 'uneven', stops: unevenStops }],
  ];
  return found.reduce((most, next) => (next[0] > most[0] ? next : most))[1];
}

function insteadOf(prepared: Prepared): Instead {
  const { input, laid } = prepared;
  if (!laid.ok) return { kind: 'none' };
  const { enough, liftStops } = leftWithoutGlass(prepared, laid.target);
  if (enough) return { kind: 'lift', stops: liftStops };
  const baseEv = laid.target.sides.darkMeanEv - input.look.placementStops;
  const bracket = bracketFor(bracketRequest(prepared, baseEv));
  // one frame would hold it, too dark to be lifted well
  return bracket.ok ? { kind: 'bracket', frames: Math.max(2, bracket.evs.length) } : { kind: 'none' };
}
