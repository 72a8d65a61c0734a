import { traitsOf } from '../stand/looks';
import { type Stand } from '../stand/stand';
import { type WholeScene } from '../readings/whole-scene';
import { type StandBracket } from './bracket';
import { type Derived, type Glass, type StandFault } from './derive';

/** How the search for the glass stands. */
export type SearchState = 'idle' | 'working' | 'failed';

/** What there is to be said of a stand, before it is worded. */
export type Saying =
  /** Nothing of it can be worked out, or no glass can be chosen. */
  | { readonly kind: 'unfit' | 'no-plan'; readonly fault: StandFault }
  | { readonly kind: 'bracket'; readonly bracket: StandBracket }
  | { readonly kind: 'whole-scene'; readonly scene: WholeScene }
  /** What is to be read before glass can be chosen. */
  | { readonly kind: 'meter'; readonly missing: 'land' | 'sky' | 'both' }
  | { readonly kind: 'search-failed' | 'being-worked-out' }
  | { readonly kind: 'glass'; readonly glass: Glass };

/** What a stand's slip says: the first of these that holds. */
export function sayingOf(stand: Stand, derived: Derived, search: SearchState): Saying {
  const { fault, inUse, bracket, wholeScene, chosen, plan } = derived;
  const { readsLight } = traitsOf(stand);
  if (fault && !inUse) return { kind: 'unfit', fault };
  if (bracket) return { kind: 'bracket', bracket };
  if (wholeScene && readsLight) return { kind: 'whole-scene', scene: wholeScene };
  const missing = readsLight ? missingIn(stand) : null;
  if (missing) return { kind: 'meter', missing };
  if (chosen) return { kind: 'glass', glass: chosen };
  if (fault) return { kind: 'no-plan', fault };
  if (search === 'failed') return { kind: 'search-failed' };
  return plan ? { kind: 'glass', glass: plan } : { kind: 'being-worked-out' };
}

/** The side of which nothing is read that counts in a mean; null where both are. */
function missingIn({ readings }: Stand): 'land' | 'sky' | 'both' | null {
  const roles = new Set(readings.filter((r) => !r.limit).map((r) => r.role));
  const hasLand = roles.has('land') || roles.has('water');
  if (roles.has('sky')) return hasLand ? null : 'land';
  return hasLand ? 'sky' : 'both';
}

/** `ready`: can be followed. `waiting`: something is still to be done first. `fault`: there is no plan. */
export type SlipState = 'ready' | 'waiting' | 'fault';

export function slipStateOf(saying: Saying, { stale }: Derived): SlipState {
  switch (saying.kind) {
    case 'unfit':
    case 'no-plan':
    case 'search-failed':
      return 'fault';
    case 'meter':
    case 'being-worked-out':
      return 'waiting';
    case 'bracket':
      return saying.bracket.ok ? 'ready' : saying.bracket.reason === 'no-reading' ? 'waiting' : 'fault';
    case 'whole-scene':
      return 'ready';
    case 'glass':
      return stale ? 'waiting' : 'ready';
  }
}
