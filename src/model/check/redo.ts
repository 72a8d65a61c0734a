import { type Stand } from '../stand/stand';
import { type Disturbance, REDONE, type Redone } from '../terms/stand';

/** What no longer holds after each of them. */
const UNDOES: Readonly<Record<Disturbance, readonly Redone[]>> = {
  knock: ['level', 'focus', 'rail', 'line'],
  lens: ['focus', 'polariser', 'rail', 'line'],
  zoom: ['skyline', 'focus', 'rail', 'line'],
  recomposed: ['level', 'skyline', 'polariser', 'readings', 'rail', 'line'],
  'glass-out': ['focus', 'polariser', 'rail', 'line'],
};

/** The stand once something has happened to it: what holds no longer is to be done again; a polariser only where one is on. */
export function disturbed(stand: Stand, by: Disturbance, hasPolariser: boolean): Stand {
  const all = new Set([...(stand.doAgain ?? []), ...UNDOES[by]]);
  if (!hasPolariser) all.delete('polariser');
  return { ...stand, doAgain: REDONE.filter((what) => all.has(what)) };
}

/** The stand with one of them done. */
export function doneAgain(stand: Stand, what: Redone): Stand {
  const { doAgain = [], ...rest } = stand;
  const left = doAgain.filter((w) => w !== what);
  return left.length ? { ...rest, doAgain: left } : rest;
}

type SlipPart = 'glass' | 'seat' | 'expose';

/** The rows of the slip that each of them makes doubtful. */
const IN_DOUBT: Readonly<Record<Redone, readonly SlipPart[]>> = {
  level: ['seat'],
  skyline: ['glass', 'seat'],
  focus: [],
  polariser: ['expose'],
  readings: ['glass', 'seat', 'expose'],
  rail: ['seat'],
  line: ['seat'],
};

/** The rows of the slip that what is still to be done again makes doubtful. */
export const doubtfulRows = ({ doAgain = [] }: Pick<Stand, 'doAgain'>): ReadonlySet<SlipPart> =>
  new Set(doAgain.flatMap((what) => IN_DOUBT[what]));
