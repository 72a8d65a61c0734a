import { type Bag, type Filter } from '../bag/bag';
import { type Stand } from '../stand/stand';
import { type DocumentFault, type FaultCode, pathText, quoted } from '../schema/faults';
import { glassReferences } from './references';

/** A stand as a file or an edit brings it: with the bag that it brings, if any, and copies of glass that it has used. */
export interface StandWithGlass {
  readonly stand: Stand;
  readonly bag?: Bag | null | undefined;
  readonly used?: readonly Filter[] | undefined;
}

/** A rule between parts that no part can be held to by itself. */
interface Rule {
  /** The parts of the stand between which it stands; an edit that leaves them alone cannot break it. */
  readonly parts: readonly (keyof Stand)[] | 'all';
  readonly faultOf: (document: StandWithGlass) => DocumentFault | null;
}

const fault = (code: FaultCode, path: readonly PropertyKey[], message: string): DocumentFault => ({
  code,
  path: pathText(path),
  message,
});

const RULES: readonly Rule[] = [
  {
    parts: ['takes', 'seen'],
    faultOf: ({ stand: { takes = [], seen = [] } }) => {
      const known = new Set(takes.map((t) => t.id));
      const i = seen.findIndex(({ takeId }) => !known.has(takeId));
      const lost = seen[i];
      return lost
        ? fault('not-allowed', ['seen', i, 'takeId'], `there is no take ${quoted(lost.takeId)}`)
        : null;
    },
  },
  {
    // what a stand refers to must be in the bag that it brings, or among its copies; a seat of glass that it does not look
    // through says nothing
    parts: 'all',
    faultOf: ({ stand, bag, used = [] }) => {
      if (!bag) return null;
      const known = new Set([...bag.filters, ...used].map((f) => f.id));
      const lost = glassReferences(stand).find(({ id, path }) => !known.has(id) && !path.includes('seat'));
      return lost ? fault('unknown-filter', lost.path, `the bag has no filter ${quoted(lost.id)}`) : null;
    },
  },
];

/**
 * What is wrong between the parts of a stand, its place told within the stand: tried by every reader and at every edit.
 *
 * @param before the stand that was changed: a rule whose parts are as they were is not looked at again
 */
export function faultAcross(document: StandWithGlass, before?: StandWithGlass | null): DocumentFault | null {
  for (const { parts, faultOf } of RULES) {
    const isTouched =
      !before ||
      (parts === 'all'
        ? before.stand !== document.stand || before.bag !== document.bag
        : parts.some((part) => before.stand[part] !== document.stand[part]));
    const found = isTouched ? faultOf(document) : null;
    if (found) return found;
  }
  return null;
}
