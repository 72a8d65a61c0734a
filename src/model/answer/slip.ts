import { traitsOf } from '../terms/looks';
import { type Stand } from '../stand/stand';
import { wayOf } from '../stand/way';
import { type Way } from '../terms/stand';
import { type ThroughTime } from './through';
import { type StandBracket } from './bracket';
import { type Derived, type Glass, type StandFault } from './derive';

/** How the search for the glass stands. */
export type SearchState = 'idle' | 'working' | 'failed';

/** What there is to be said of a stand, before it is worded. */
export type Saying =
  /** No glass can be chosen. */
  | { readonly kind: 'no-plan'; readonly fault: StandFault }
  | { readonly kind: 'bracket'; readonly bracket: StandBracket }
  /** The camera has read it through all that is on: sheets that were put on by eye, or none. */
  | { readonly kind: 'through'; readonly time: ThroughTime; readonly glass: Glass | null }
  /** What is to be read before glass can be chosen. */
  | { readonly kind: 'meter'; readonly missing: 'land' | 'sky' | 'both' }
  /** What another way in begins with. */
  | { readonly kind: 'begin'; readonly way: Exclude<Way, 'meter'> }
  | { readonly kind: 'search-failed' | 'being-worked-out' | 'kept-back' }
  | { readonly kind: 'glass'; readonly glass: Glass };

/** What a stand's slip says: the first of these that holds. */
export function sayingOf(stand: Stand, derived: Derived, search: SearchState): Saying {
  const { fault, bracket, chosen, plan } = derived;
  const { readsLight } = traitsOf(stand);
  if (bracket) return { kind: 'bracket', bracket };
  const time = servingTime(stand, derived);
  if (time) return { kind: 'through', time, glass: chosen };
  if (chosen) return { kind: 'glass', glass: chosen };
  const missing = readsLight ? missingIn(stand) : null;
  const way = wayOf(stand);
  if (missing === 'both' && way && way !== 'meter') return { kind: 'begin', way };
  if (missing) return { kind: 'meter', missing };
  if (fault) return { kind: 'no-plan', fault };
  if (isKeptBack(stand)) return { kind: 'kept-back' };
  if (search === 'failed') return { kind: 'search-failed' };
  return plan ? { kind: 'glass', glass: plan } : { kind: 'being-worked-out' };
}

/** The camera's own time where it is the exposure: no bracket takes its place, and the look goes by light. */
const servingTime = (stand: Stand, { bracket, through }: Derived): ThroughTime | null =>
  traitsOf(stand).readsLight && !bracket ? through : null;

/** How long to expose, s: as the camera read it while that serves, else as the readings place it; null where nothing says. */
export const exposureSeconds = (stand: Stand, derived: Derived): number | null =>
  servingTime(stand, derived)?.seconds ?? derived.inUse?.outcome.exposure?.seconds ?? null;

/** Whether advice is kept back: on the bench, until a shot has been told of or it was asked for. */
export const isKeptBack = ({ bench }: Pick<Stand, 'bench'>): boolean =>
  !!bench && !bench.advised && !bench.told;

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
    case 'no-plan':
    case 'search-failed':
      return 'fault';
    case 'meter':
    case 'begin':
    case 'being-worked-out':
    case 'kept-back':
      return 'waiting';
    case 'bracket':
      return saying.bracket.ok ? 'ready' : saying.bracket.reason === 'no-reading' ? 'waiting' : 'fault';
    case 'through':
      return 'ready';
    case 'glass':
      return stale ? 'waiting' : 'ready';
  }
}
